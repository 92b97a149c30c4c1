import { changed, type OwnEntry } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import type { FormProps } from './entries';

const said = (...ids: string[]) => [{ id: '', name: 'not said' }, ...ids.map((id) => ({ id, name: id }))];

/** What the wrapper of a vinyl says. */
export function VinylForm({ entry, catalogue, faults, onChange }: FormProps) {
  const units = useUnits();
  const set = (change: Partial<OwnEntry>) => onChange(changed(entry, change));
  const celsius = entry.celsius as number | undefined;
  return (
    <>
      <ChoiceField
        name="Kind of vinyl"
        value={String(entry.family)}
        options={catalogue.vinyls.filter((v) => !v.own)}
        onPick={(family) => set({ family })}
        fault={faults.get('/family')}
        hint={catalogue.vinyls.find((v) => v.id === entry.family)?.note ?? ''}
      />
      <NumberField
        name="Temperature on the wrapper"
        value={celsius === undefined ? undefined : Math.round(units.degrees(celsius))}
        unit={units.degree}
        onChange={(n) => set({ celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
        fault={faults.get('/celsius')}
      />
      <NumberField
        name="Time on the wrapper"
        value={entry.seconds as number | undefined}
        unit="s"
        onChange={(seconds) => set({ seconds })}
        fault={faults.get('/seconds')}
      />
      <ChoiceField
        name="Pressure"
        value={String(entry.pressure ?? '')}
        options={said('light', 'medium', 'firm')}
        onPick={(v) => set({ pressure: v || undefined })}
        fault={faults.get('/pressure')}
      />
      <ChoiceField
        name="Peel"
        value={String(entry.peel ?? '')}
        options={said('hot', 'warm', 'cold')}
        onPick={(v) => set({ peel: v || undefined })}
        fault={faults.get('/peel')}
      />
      <NumberField
        name="Thickness, if known"
        value={entry.thicknessMm as number | undefined}
        unit="mm"
        onChange={(thicknessMm) => set({ thicknessMm })}
        fault={faults.get('/thicknessMm')}
      />
    </>
  );
}
