import type { PlannedPress } from '../api/client';

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
