import type { Schemas } from '../../api/client';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import * as labels from './labels';

/** The steps up to the setting, for a blank of which nobody knows what it bears. */
export function Ladder({ rungs }: { rungs: readonly Schemas['LadderRung'][] }) {
  const units = useUnits();
  return (
    <section aria-label={labels.stepUpToIt}>
      <h2>
        {labels.stepUpToIt2}
        <span className="font-normal text-quiet text-[0.87rem]">{labels.aPatchAtEachOne}</span>
      </h2>
      <ol className="mt-2 grid grid-flow-col auto-cols-fr items-start gap-px">
        {rungs.map((rung, i) => (
          <li key={`${rung.celsius}-${rung.seconds}`} style={{ paddingTop: `${(rungs.length - 1 - i) * 14}px` }}>
            <span className="border-t-2 border-ink pt-1.5 block">
              <span className="block numeral text-[1.3rem] font-semibold leading-tight">
                {rung.dialMark ?? units.temperature(rung.celsius)}
              </span>
              <span className="block">{time(rung.seconds)}</span>
              <span className="block text-[0.87rem] text-quiet">
                {labels.stuckCloth(rung.bond.toFixed(2), units.temperature(rung.hottestClothCelsius))}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
