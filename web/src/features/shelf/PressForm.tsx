import { changed, type OwnEntry } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { CoolSpots } from './CoolSpots';
import type { FormProps, OwnPressure } from './entries';

const BY = [
  { id: 'feel', name: 'by feel' },
  { id: 'scale', name: 'weighed on a bathroom scale' },
  { id: 'strip', name: 'tried with strips of paper' },
];

/** A press: its plate, its dial, and how hard light is on it. */
export function PressForm({ entry, catalogue, faults, onChange }: FormProps) {
  const units = useUnits();
  const set = (change: Partial<OwnEntry>) => onChange(changed(entry, change));
  const kind = catalogue.heatSources.find((h) => h.id === entry.kind);
  const pressure = (entry.pressure as OwnPressure | undefined) ?? { by: 'feel' };
  const setPressure = (change: Partial<OwnPressure>) => {
    const next = changed(pressure, change);
    set({ pressure: next.by === 'feel' ? undefined : next });
  };
  const length = (name: string, key: string, usual: number | undefined) => (
    <NumberField
      name={name}
      value={entry[key] === undefined ? undefined : units.lengthShown(entry[key] as number)}
      unit={units.lengthUnit}
      placeholder={usual === undefined ? '' : `usually ${units.lengthShown(usual)}`}
      onChange={(n) => set({ [key]: n === undefined ? undefined : units.mmFrom(n) })}
      fault={faults.get(`/${key}`)}
    />
  );
  const weight = (name: string, key: 'lightKg' | 'mediumKg' | 'firmKg') => (
    <NumberField
      name={name}
      value={pressure[key]}
      unit="kg"
      onChange={(n) => setPressure({ [key]: n })}
      fault={faults.get(`/pressure/${key}`)}
    />
  );
  return (
    <>
      <ChoiceField
        name="Kind of press"
        value={String(entry.kind)}
        options={catalogue.heatSources.filter((h) => !h.own)}
        onPick={(id) => set({ kind: id })}
        fault={faults.get('/kind')}
      />
      {length('Plate width', 'plateWidthMm', kind?.plateWidthMm)}
      {length('Plate height', 'plateHeightMm', kind?.plateHeightMm)}
      {kind && !kind.hasMarks && (
        <>
          <ChoiceField
            name="The dial shows"
            value={String(entry.dialUnit ?? 'F')}
            options={[
              { id: 'F', name: '°F' },
              { id: 'C', name: '°C' },
            ]}
            onPick={(dialUnit) => set({ dialUnit, dialStep: undefined })}
            fault={faults.get('/dialUnit')}
          />
          <NumberField
            name="It steps by"
            value={entry.dialStep as number | undefined}
            unit={`°${entry.dialUnit ?? 'F'}`}
            placeholder={entry.dialUnit === 'C' ? 'usually 1' : 'usually 5'}
            onChange={(dialStep) => set({ dialStep })}
            fault={faults.get('/dialStep')}
          />
        </>
      )}
      <NumberField
        name="The plate is hotter than the dial by"
        value={entry.dialOffsetK as number | undefined}
        unit="K"
        placeholder="not measured"
        hint="Below zero when it is cooler."
        onChange={(dialOffsetK) => set({ dialOffsetK })}
        fault={faults.get('/dialOffsetK')}
      />
      <NumberField
        name="and may be off by"
        value={entry.dialErrorK as number | undefined}
        unit="K"
        placeholder="as usual for its kind"
        onChange={(dialErrorK) => set({ dialErrorK })}
        fault={faults.get('/dialErrorK')}
      />
      <ChoiceField
        name="How hard light is, I know"
        value={pressure.by}
        options={BY}
        onPick={(by) => setPressure({ by })}
        fault={faults.get('/pressure/by')}
      />
      {pressure.by === 'scale' && (
        <>
          {weight('Light, on the scale', 'lightKg')}
          {weight('Medium', 'mediumKg')}
          {weight('Firm', 'firmKg')}
        </>
      )}
      {pressure.by === 'strip' && (
        <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={pressure.even ?? true}
            onChange={(e) => setPressure({ even: e.target.checked })}
          />
          The strips hold alike at all four corners
        </label>
      )}
      {kind?.presses.includes('flat') && (
        <CoolSpots
          entry={entry}
          plateWidthMm={(entry.plateWidthMm as number | undefined) ?? kind.plateWidthMm}
          plateHeightMm={(entry.plateHeightMm as number | undefined) ?? kind.plateHeightMm}
          faults={faults}
          onChange={set}
        />
      )}
    </>
  );
}
