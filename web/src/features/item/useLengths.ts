import { useUnits } from '../../app/units';

/** Lengths as they are shown and typed in. */
export function useLengths() {
  const units = useUnits();
  return {
    shown: (mm: number | undefined) => (mm === undefined ? undefined : units.lengthShown(mm)),
    mm: (shown: number | undefined) => (shown === undefined ? undefined : units.mmFrom(shown)),
  };
}
