import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { WORK } from './desk';
import * as labels from './labels';

interface Props {
  kinds: readonly Schemas['KindOfWork'][];
  chosen: readonly string[];
  busy: boolean;
  onWork: (action: string, mm: number | undefined) => void;
}

/** The work on layers that is done by hand otherwise: one press each, and undo takes it back. */
export function LayerTools({ kinds, chosen, busy, onWork }: Props) {
  const units = useUnits();
  const [mm, setMm] = useState<number | undefined>(undefined);
  const lengths = kinds.filter((k) => k.usualMm !== null);
  const names = new Map(WORK.flatMap((g) => g.kinds.map((k) => [k.id, k.name.toLowerCase()] as const)));
  const usual = lengths
    .map((k) => `${names.get(k.id) ?? k.id} ${units.lengthShown(k.usualMm ?? 0)} ${units.lengthUnit}`)
    .join(', ');
  return (
    <section aria-label={labels.workOnTheLayers} className="print:hidden">
      <h2>
        {labels.workOnTheLayers2}
        <span className="font-normal text-quiet text-[0.87rem]">
          {chosen.length === 0 ? labels.tickLayersAboveFirst : `on ${chosen.join(', ')}`}
        </span>
      </h2>
      <div className="grid sm:grid-cols-3 gap-x-6 gap-y-4 mt-2">
        {WORK.map((g) => (
          <div key={g.group}>
            <h3 className="text-[0.84rem] text-quiet mb-1.5">{g.group}</h3>
            <div className="flex flex-wrap gap-2">
              {g.kinds.map((k) => (
                <button
                  key={k.id}
                  type="button"
                  className="btn btn-sm btn-outline"
                  title={k.does}
                  disabled={chosen.length === 0 || busy}
                  onClick={() => onWork(k.id, lengths.some((l) => l.id === k.id) ? mm : undefined)}
                >
                  {k.name}
                </button>
              ))}
            </div>
          </div>
        ))}
      </div>
      <div className="max-w-[20rem] mt-3">
        <NumberField
          name={labels.lengthForOutlineOverlapGap}
          value={mm === undefined ? undefined : units.lengthShown(mm)}
          unit={units.lengthUnit}
          placeholder={labels.asUsual}
          hint={labels.asUsual2(usual)}
          onChange={(n) => setMm(n === undefined ? undefined : units.mmFrom(n))}
        />
      </div>
    </section>
  );
}
