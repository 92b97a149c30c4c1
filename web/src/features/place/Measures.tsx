import { changed, type Job } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { SIZE_NAMES } from '../../ui/sizes';
import * as labels from './labels';
import type { FacePlacement } from './moves';

/** What the tape says. Focus on a measure shows where it goes. */
export function Measures({
  placement,
  onEdit,
  onTape,
  faults,
}: {
  placement: FacePlacement;
  onEdit: (change: (job: Job) => Job) => void;
  onTape: (id: string | null) => void;
  faults: Map<string, string>;
}) {
  const units = useUnits();
  const set = (id: string, mm: number | undefined) =>
    onEdit((j) => {
      if (id === 'freeWidth') return { ...j, blank: changed(j.blank, { widthMm: mm }) };
      if (id === 'freeHeight') return { ...j, blank: changed(j.blank, { heightMm: mm }) };
      const measures = changed((j.blank.measures as Record<string, number> | undefined) ?? {}, { [id]: mm } as Record<
        string,
        number
      >);
      return { ...j, blank: changed(j.blank, { measures: Object.keys(measures).length > 0 ? measures : undefined }) };
    });
  const pointer = (id: string) =>
    id === 'freeWidth' ? '/blank/widthMm' : id === 'freeHeight' ? '/blank/heightMm' : `/blank/measures/${id}`;
  return (
    <section aria-label={labels.measures}>
      <h2>
        {labels.measureYours}
        <span className="font-normal text-quiet text-[0.87rem]">{labels.typicalMeasuresStandInGrey}</span>
      </h2>
      <div className="grid grid-cols-2 lg:grid-cols-4 gap-x-5 gap-y-4 mt-3 items-start">
        {placement.size && (
          <ChoiceField
            name={labels.size2}
            value={placement.size}
            options={placement.sizes.map((id) => ({ id, name: SIZE_NAMES[id] ?? id }))}
            onPick={(size) => onEdit((j) => ({ ...j, blank: changed(j.blank, { size }) }))}
            fault={faults.get('/blank/size')}
          />
        )}
        {placement.measures.map((m) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: only listens to the focus of the field inside
          <div key={m.id} onFocus={() => onTape(m.id)} onBlur={() => onTape(null)} onMouseEnter={() => onTape(m.id)}>
            <NumberField
              name={m.name}
              value={m.measured ? units.lengthShown(m.valueMm) : undefined}
              unit={units.lengthUnit}
              placeholder={String(units.lengthShown(m.usualMm))}
              hint={m.how}
              onChange={(n) => set(m.id, n === undefined ? undefined : units.mmFrom(n))}
              fault={faults.get(pointer(m.id))}
            />
          </div>
        ))}
      </div>
    </section>
  );
}
