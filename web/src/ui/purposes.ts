import type { Peel, PlannedPress } from '../api/client';

/** What each press is called. */
export const PURPOSE: Record<PlannedPress['purpose'], string> = {
  patch: 'test patch',
  preheat: 'preheat the bare blank',
  tack: 'tack',
  press: 'press',
  back: 'press from the back',
  finish: 'finish under the cover',
};

/** The press that bonds; the last of them where there are several. */
export function bondingPress(presses: readonly PlannedPress[] | undefined): PlannedPress | undefined {
  return presses?.findLast((p) => p.purpose === 'press');
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
