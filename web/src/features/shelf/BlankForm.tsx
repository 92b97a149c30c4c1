import { changed, type OwnEntry } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import type { Fibre, FormProps } from './entries';
import * as labels from './labels';

/** What the label of a blank says it is made of. */
export function BlankForm({ entry, catalogue, faults, onChange }: FormProps) {
  const units = useUnits();
  const set = (change: Partial<OwnEntry>) => onChange(changed(entry, change));
  const fibres = (entry.fibres as Fibre[] | undefined) ?? [];
  const setFibre = (index: number, change: Partial<Fibre>) =>
    set({ fibres: fibres.map((f, i) => (i === index ? changed(f, change) : f)) });
  const sum = fibres.reduce((s, f) => s + (f.percent ?? 0), 0);
  const limit = entry.limitCelsius as number | undefined;
  return (
    <>
      <fieldset className="col-span-full grid gap-2">
        <legend className="text-[0.84rem] text-quiet mb-1">{labels.madeOf}</legend>
        {fibres.map((fibre, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a fibre is known by its place on the label
          <div key={i} className="grid grid-cols-[minmax(0,15rem)_8rem_auto] gap-3 items-end">
            <ChoiceField
              name={i === 0 ? labels.fibreOrMaterial : 'and'}
              value={fibre.material}
              options={catalogue.materials.filter((m) => !m.own)}
              onPick={(material) => setFibre(i, { material })}
              fault={faults.get(`/fibres/${i}/material`)}
            />
            <NumberField
              name={labels.share}
              value={fibre.percent}
              unit="%"
              onChange={(percent) => setFibre(i, { percent })}
              fault={faults.get(`/fibres/${i}/percent`)}
            />
            {fibres.length > 1 && (
              <button
                type="button"
                className="btn btn-sm btn-ghost justify-self-start mb-1"
                onClick={() => set({ fibres: fibres.filter((_, k) => k !== i) })}
              >
                {labels.takeAway}
              </button>
            )}
          </div>
        ))}
        <div className="flex gap-5 items-center">
          <button
            type="button"
            className="btn btn-sm btn-outline"
            disabled={fibres.length >= 6}
            onClick={() => set({ fibres: [...fibres, { material: 'polyester', percent: Math.max(1, 100 - sum) }] })}
          >
            {labels.addAFibre}
          </button>
          <span className={sum === 100 ? 'text-quiet' : 'font-semibold'}>{labels.inAll(sum)}</span>
        </div>
        {faults.has('/fibres') && <span className="fault">{faults.get('/fibres')}</span>}
      </fieldset>
      <NumberField
        name={labels.thicknessOfOneLayer}
        value={entry.thicknessMm as number | undefined}
        unit="mm"
        placeholder={labels.asUsual}
        onChange={(thicknessMm) => set({ thicknessMm })}
        fault={faults.get('/thicknessMm')}
        hint={labels.thicknessHardlyMatters}
      />
      <NumberField
        name={labels.weight}
        value={entry.gramsPerM2 as number | undefined}
        unit="g/m²"
        placeholder={labels.asUsual}
        onChange={(gramsPerM2) => set({ gramsPerM2 })}
        fault={faults.get('/gramsPerM2')}
      />
      <NumberField
        name={labels.neverHotterThan}
        value={limit === undefined ? undefined : Math.round(units.degrees(limit))}
        unit={units.degree}
        placeholder={labels.asUsual}
        hint={labels.mayOnlyBeMoreCareful}
        onChange={(n) => set({ limitCelsius: n === undefined ? undefined : units.celsiusFrom(n) })}
        fault={faults.get('/limitCelsius')}
      />
    </>
  );
}
