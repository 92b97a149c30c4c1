export type UnitSystem = 'metric' | 'us';

const MM_PER_INCH = 25.4;

/** Shows and reads figures in the reader's units; everything inside is °C and mm. */
export class Units {
  readonly system: UnitSystem;

  constructor(system: UnitSystem) {
    this.system = system;
  }

  get us(): boolean {
    return this.system === 'us';
  }

  get degree(): string {
    return this.us ? '°F' : '°C';
  }

  get lengthUnit(): string {
    return this.us ? 'in' : 'mm';
  }

  degrees(celsius: number): number {
    return this.us ? (celsius * 9) / 5 + 32 : celsius;
  }

  temperature(celsius: number): string {
    return `${Math.round(this.degrees(celsius))} ${this.degree}`;
  }

  /** A difference of temperatures: kelvins, or Fahrenheit's degrees. */
  difference(kelvin: number): string {
    const shown = this.us ? kelvin * 1.8 : kelvin;
    return `${Number(shown.toFixed(1))} ${this.us ? '°F' : 'K'}`;
  }

  /** In the other unit, for showing both at the set point. */
  otherTemperature(celsius: number): string {
    return new Units(this.us ? 'metric' : 'us').temperature(celsius);
  }

  celsiusFrom(shown: number): number {
    return this.us ? Math.round((((shown - 32) * 5) / 9) * 10) / 10 : shown;
  }

  lengthShown(mm: number): number {
    return this.us ? Math.round((mm / MM_PER_INCH) * 100) / 100 : Math.round(mm * 10) / 10;
  }

  /** A length in a sentence: whole millimetres, or quarters of an inch. */
  length(mm: number): string {
    return this.us ? `${Math.round((mm / MM_PER_INCH) * 4) / 4} in` : `${Math.round(mm)} mm`;
  }

  /** Two lengths in a sentence. */
  size(widthMm: number, heightMm: number): string {
    const [w, h] = [this.length(widthMm), this.length(heightMm)].map((l) => l.split(' ')[0]);
    return `${w} × ${h} ${this.lengthUnit}`;
  }

  /** A small length: hundredths of a millimetre or thousandths of an inch. */
  fine(mm: number): string {
    return this.us ? `${(mm / MM_PER_INCH).toFixed(3)} in` : `${mm.toFixed(mm < 1 ? 2 : 1)} mm`;
  }

  /** A length of vinyl in the unit that it is bought in: metres or yards once there is that much of it. */
  bought(mm: number): string {
    if (this.us) {
      const inches = mm / MM_PER_INCH;
      return inches < 36 ? `${inches.toFixed(1)} in` : `${(inches / 36).toFixed(2)} yd`;
    }
    return mm < 1000 ? `${Math.round(mm)} mm` : `${(mm / 1000).toFixed(2)} m`;
  }

  /** An area in cm² or square inches. */
  area(mm2: number): string {
    const shown = this.us ? mm2 / MM_PER_INCH / MM_PER_INCH : mm2 / 100;
    return `${shown >= 100 ? Math.round(shown) : shown.toFixed(1)} ${this.us ? 'sq in' : 'cm²'}`;
  }

  mmFrom(shown: number): number {
    return this.us ? Math.round(shown * MM_PER_INCH * 10) / 10 : shown;
  }
}

/** Seconds in words: up to a minute and a half as seconds, above as minutes and seconds. */
export function time(seconds: number): string {
  const whole = Math.round(seconds);
  if (whole <= 90) return `${whole} s`;
  const minutes = Math.floor(whole / 60);
  return whole % 60 === 0 ? `${minutes} min` : `${minutes} min ${whole % 60} s`;
}

/** From one time to another, in one unit: above a minute and a half in half minutes. */
export function span(from: number, to: number): string {
  const first = Math.round(from);
  const last = Math.round(to);
  if (last <= 90) return `${first} to ${last} s`;
  const minutes = (s: number) => Math.round(s / 30) / 2;
  if (minutes(first) === minutes(last)) return `about ${minutes(last)} min`;
  return first < 60 ? `${first} s to ${minutes(last)} min` : `${minutes(first)} to ${minutes(last)} min`;
}

/** So many of something. */
export const counted = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

/** The article that goes before a word. */
export const article = (word: string) => (/^[aeiou]/i.test(word) && !/^(uni|one|eu)/i.test(word) ? 'an' : 'a');
