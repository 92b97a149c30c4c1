const clockFormat = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' });
const dayFormat = new Intl.DateTimeFormat('en-US', { weekday: 'long', month: 'long', day: 'numeric' });
const shortDay = new Intl.DateTimeFormat('en-US', { weekday: 'short', hour: 'numeric', minute: '2-digit' });

/** The time of the day, with the weekday where it is another than that of a given moment. */
export const clock = (at: string | Date, on?: string | Date) =>
  on && new Date(at).toDateString() !== new Date(on).toDateString()
    ? shortDay.format(new Date(at))
    : clockFormat.format(new Date(at));

export const dayOf = (at: string | Date) => dayFormat.format(new Date(at));

/** As a date field has it. */
export const asDate = (at: Date) =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`;

/** As a time field has it. */
export const asTime = (at: Date) =>
  `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;

/** A moment of a day; null where it is not filled in. */
export function moment(date: string, hours: string): Date | null {
  const at = date && hours ? new Date(`${date}T${hours}`) : null;
  return at && !Number.isNaN(at.getTime()) ? at : null;
}

/** How long, in whole minutes and hours: nobody is late by seconds. */
export function inMinutes(seconds: number): string {
  const minutes = Math.ceil(seconds / 60);
  const hours = Math.floor(minutes / 60);
  return hours === 0 ? `${minutes} min` : minutes % 60 === 0 ? `${hours} h` : `${hours} h ${minutes % 60} min`;
}

/** Numbers in a row as one: 1–3, 5. */
export function ranges(numbers: readonly number[]): string {
  const found: [number, number][] = [];
  for (const n of numbers) {
    const last = found.at(-1);
    if (last && last[1] === n - 1) last[1] = n;
    else found.push([n, n]);
  }
  return found.map(([a, b]) => (a === b ? `${a}` : `${a}–\u2060${b}`)).join(', ');
}
