import type { Peel, PlannedPress } from '../api/client';

/** What each press is called. */
export const PURPOSE: Record<PlannedPress['purpose'], string> = {
  patch: 'test patch',
  preheat: 'preheat the bare blank',
  tack: 'tack',
  press: 'press',
  back: 'press from the back',
  finish: 'final press with cover sheet',
};

/** A press as the print has it: on all of it at once, or the same on each of its parts. */
export interface WholePress {
  press: PlannedPress;
  layers: string[];
  /** In the order in which they are done; one where all of it lies under the plate. */
  onParts: PlannedPress[];
}

/** The presses with those that repeat one on another part taken together. */
export function wholePresses(presses: readonly PlannedPress[] | undefined): WholePress[] {
  const whole = new Map<number, PlannedPress[]>();
  for (const p of presses ?? []) {
    const key = p.purpose === 'patch' || !p.stage ? -p.order : p.stage;
    whole.set(key, [...(whole.get(key) ?? []), p]);
  }
  return [...whole.values()].map((onParts) => ({
    press: onParts[0] as PlannedPress,
    layers: [...new Set(onParts.flatMap((p) => p.layers))],
    onParts,
  }));
}

/** Where the plate comes down for a press: once for each part, or as often as it says. */
export function goesOf(whole: WholePress): number {
  return Math.max(whole.onParts.length, ...whole.onParts.map((p) => p.sections.length));
}

/** The press that bonds; the last of them where there are several, on its first part. */
export function bondingPress(presses: readonly PlannedPress[] | undefined): PlannedPress | undefined {
  return wholePresses(presses).findLast((w) => w.press.purpose === 'press')?.press;
}

/** From when to when after opening, s; no end where there is no hurry. */
export function peelTimes(peel: Peel): { from: number; to: number | null } {
  return { from: peel.waitSeconds[0] ?? 0, to: peel.waitSeconds[1] ?? null };
}

/** The presses that bond, in the order in which they are done; those alike on one side are one. */
export function bondingPresses(presses: readonly PlannedPress[] | undefined): PlannedPress[] {
  const found: PlannedPress[] = [];
  for (const p of presses ?? []) {
    if (
      p.purpose === 'press' &&
      !found.some((f) => f.face === p.face && f.celsius === p.celsius && f.seconds === p.seconds)
    )
      found.push(p);
  }
  return found;
}
