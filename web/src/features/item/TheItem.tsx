import { changed, type JobBlank } from '../../api/job';
import { useUnits } from '../../app/units';
import { ColourCell } from '../../ui/ColourCell';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { SIZE_NAMES } from '../../ui/sizes';
import { useJob } from '../jobs/JobPage';
import { Group } from './Group';
import * as labels from './labels';

const CARE = [
  { id: '', name: labels.notKnown },
  { id: '1', name: labels.oneDot },
  { id: '2', name: labels.twoDots },
  { id: '3', name: labels.threeDots },
  { id: '0', name: labels.crossedOut },
];

/** What is pressed. */
export function TheItem() {
  const { draft, catalogue, faults } = useJob();
  const units = useUnits();
  const { job, edit } = draft;
  const { blank } = job;
  const form =
    catalogue.forms.find((f) => f.id === blank.form) ??
    catalogue.forms.find((f) => f.materials.includes(blank.material));
  const material = catalogue.materials.find((m) => m.id === blank.material);
  const editBlank = (change: Partial<JobBlank>) => edit((j) => ({ ...j, blank: changed(j.blank, change) }));
  const pickForm = (id: string) => {
    const next = catalogue.forms.find((f) => f.id === id);
    if (!next) return;
    // The usual size and material of the new item take over where the old ones cannot stay.
    editBlank({
      form: id,
      widthMm: undefined,
      heightMm: undefined,
      ...(next.materials.includes(blank.material) ? {} : { material: next.usualMaterial }),
    });
  };
  const washed = blank.traits?.includes('prewashed') ?? false;

  return (
    <Group title={labels.theItem}>
      <ChoiceField
        name={labels.kindOfItem}
        value={form?.id ?? ''}
        options={catalogue.forms}
        onPick={pickForm}
        fault={faults.get('/blank/form')}
      />
      <ChoiceField
        name={labels.madeOf}
        value={blank.material}
        options={catalogue.materials.filter((m) => form?.materials.includes(m.id) ?? true)}
        onPick={(id) => editBlank({ material: id })}
        fault={faults.get('/blank/material')}
        {...(material && material.kind === 'cloth'
          ? { hint: labels.takesUpTo(units.temperature(material.limitCelsius)) }
          : {})}
      />
      {form?.hasSizes && (
        <ChoiceField
          name={labels.size}
          value={blank.size ?? ''}
          options={[
            { id: '', name: labels.standard },
            ...catalogue.sizes.map((id) => ({ id, name: SIZE_NAMES[id] ?? id })),
          ]}
          onPick={(size) => editBlank({ size: size || undefined })}
          fault={faults.get('/blank/size')}
        />
      )}
      <div className="field">
        <span className="name">{labels.colourOfTheItem}</span>
        <ColourCell
          name={labels.colourOfTheItem}
          value={blank.colour}
          known={catalogue.colours}
          placeholder={labels.notKnown}
          onPick={(hex) => editBlank({ colour: hex ?? undefined })}
        />
      </div>
      <NumberField
        name={labels.pieces}
        value={job.quantity ?? 1}
        unit="pcs"
        onChange={(n) => edit((j) => changed(j, { quantity: n }))}
        fault={faults.get('/quantity')}
      />
      <div className="field">
        <label className="name" htmlFor="due">
          {labels.due}
        </label>
        <input
          id="due"
          type="date"
          className="input"
          value={job.due ?? ''}
          onChange={(e) => edit((j) => changed(j, { due: e.target.value || undefined }))}
        />
        {faults.get('/due') && <span className="fault">{faults.get('/due')}</span>}
      </div>
      <ChoiceField
        name={labels.ironOnTheCareLabel}
        value={blank.careDots === undefined ? '' : String(blank.careDots)}
        options={CARE}
        onPick={(v) => editBlank({ careDots: v === '' ? undefined : Number(v) })}
        fault={faults.get('/blank/careDots')}
      />
      {material?.kind === 'cloth' && (
        <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={washed}
            onChange={(e) => {
              const others = (blank.traits ?? []).filter((t) => t !== 'prewashed');
              const traits = e.target.checked ? [...others, 'prewashed'] : others;
              editBlank({ traits: traits.length > 0 ? traits : undefined });
            }}
          />
          {labels.washedAlready}
        </label>
      )}
      <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={blank.traits?.includes('costly') ?? false}
          onChange={(e) => {
            const others = (blank.traits ?? []).filter((t) => t !== 'costly');
            const traits = e.target.checked ? [...others, 'costly'] : others;
            editBlank({ traits: traits.length > 0 ? traits : undefined });
          }}
        />
        {labels.hardToReplace}
      </label>
    </Group>
  );
}
