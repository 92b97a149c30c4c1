import type { CutLayout, CutPlan } from '../../api/client';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import * as labels from './labels';

const NAMES = { 'in-place': labels.cutAsItLies, nested: labels.packedTightly } as const;

interface Props {
  plan: CutPlan;
  chosen: string;
  onChoose: (layout: 'in-place' | 'nested') => void;
}

/** Both ways of laying out, row by row; what differs is inked. */
export function TwoWays({ plan, chosen, onChoose }: Props) {
  const units = useUnits();
  const lines: { name: string; of: (way: CutLayout) => string }[] = [
    { name: labels.vinyl, of: (w) => units.bought(w.lengthMm) },
    { name: labels.thrownAway, of: (w) => `${Math.round(w.wastePercent)} %` },
    { name: labels.mats, of: (w) => String(w.mats) },
    { name: labels.laidSingly, of: (w) => (w.loose === 0 ? 'none' : `${w.loose} pieces`) },
    { name: labels.yourTime, of: (w) => time(w.handSeconds) },
    { name: labels.cutting, of: (w) => time(w.cutSeconds) },
    { name: labels.vinylCosts, of: (w) => (w.cost == null ? labels.notKnown : w.cost.toFixed(2)) },
  ];
  return (
    <section aria-label={labels.twoWaysToLayIt}>
      <table className="w-full text-[0.95rem]">
        <thead>
          <tr className="border-b border-ink text-left">
            <th className="font-normal text-quiet py-1.5 w-[6.5rem]">
              <span className="sr-only">{labels.figure}</span>
            </th>
            {plan.ways.map((way) => (
              <th key={way.layout} className="py-1.5 pr-3 align-top">
                <label className="flex items-start gap-2 cursor-pointer leading-tight">
                  <input
                    type="radio"
                    name="layout"
                    className="radio radio-sm"
                    checked={way.layout === chosen}
                    onChange={() => onChoose(way.layout)}
                  />
                  <span>
                    {NAMES[way.layout]}
                    {way.layout === plan.advised && (
                      <span className="block font-normal text-quiet text-[0.85rem]">{labels.advised}</span>
                    )}
                  </span>
                </label>
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {lines.map((line) => {
            const cells = plan.ways.map(line.of);
            const alike = new Set(cells).size === 1;
            return (
              <tr key={line.name} className="border-b border-rule">
                <th className="font-normal text-left text-quiet py-1">{line.name}</th>
                {plan.ways.map((way, i) => (
                  <td key={way.layout} className={`py-1 ${alike ? 'text-quiet' : 'font-semibold'}`}>
                    {cells[i]}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="text-[0.92rem] text-quiet mt-2 max-w-[60ch]">{plan.reason}</p>
    </section>
  );
}
