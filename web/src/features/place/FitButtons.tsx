import type { Schemas } from '../../api/client';
import { useUnits } from '../../app/units';
import * as labels from './labels';

type Fit = Schemas['LargestFit'];

const ENDS: Record<string, string> = {
  plate: labels.thePlateIsTheLimit,
  item: labels.thenTheItemEnds,
  'cutter-width': labels.thenTheCutterEnds,
  'cutter-length': labels.thenTheCutterEnds,
};

/** The largest that goes under the plate at once, and the largest at all, each in one click, with what limits it. */
export function FitButtons({
  onePress,
  largest,
  onFit,
}: {
  onePress: Fit | null;
  largest: Fit | null;
  onFit: (fit: Fit) => void;
}) {
  const units = useUnits();
  const size = (fit: Fit) => units.size(Math.floor(fit.widthMm), Math.floor(fit.heightMm));
  const larger = largest && (!onePress || largest.widthMm > onePress.widthMm + 1) ? largest : null;
  return (
    <div className="col-span-full grid gap-2 justify-items-start">
      {onePress && (
        <button
          type="button"
          className="btn btn-sm btn-outline h-auto py-1.5 text-left"
          onClick={() => onFit(onePress)}
        >
          {labels.fitOnePress(size(onePress))}
          <span className="font-normal text-quiet">{ENDS[onePress.limitedBy]}</span>
        </button>
      )}
      {larger && (
        <button type="button" className="btn btn-sm btn-outline h-auto py-1.5 text-left" onClick={() => onFit(larger)}>
          {labels.largestInTheseProportions(size(larger))}
          <span className="font-normal text-quiet">{ENDS[larger.limitedBy]}</span>
        </button>
      )}
    </div>
  );
}
