import * as labels from './labels';
import { Numeral } from './Numeral';

/** The clock of a step: what is left of it, or what is left to peel while it is warm. Either may be null. */
export function Counting({ left, hot, hurry }: { left: number | null; hot: boolean; hurry: number | null }) {
  return (
    <>
      {left !== null && (
        <Numeral seconds={left} hot={hot} label={labels.secondsLeft(Math.ceil(left))} testId="countdown" />
      )}
      {hurry !== null && (
        <p className="text-[1.7rem] mt-4 tabular-nums text-(--teal)" data-testid="hurry">
          {hurry > 0 ? labels.sLeftToPeelIt(Math.ceil(hurry)) : labels.itHasGoneColdGo}
        </p>
      )}
    </>
  );
}
