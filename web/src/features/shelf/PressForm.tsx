import { changed, type OwnEntry } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { CoolSpots } from './CoolSpots';
import type { FormProps, OwnPressure } from './entries';
import * as labels from './labels';

const BY = [
  { id: 'feel', name: labels.byFeel },
  { id: 'scale', name: labels.weighedOnABathroomScale },
  { id: 'strip', name: labels.triedWithStripsOfPaper },
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
      placeholder={usual === undefined ? '' : labels.usually(units.lengthShown(usual))}
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
        name={labels.kindOfPress}
        value={String(entry.kind)}
        options={catalogue.heatSources.filter((h) => !h.own)}
        onPick={(id) => set({ kind: id })}
        fault={faults.get('/kind')}
      />
      {length(labels.plateWidth, 'plateWidthMm', kind?.plateWidthMm)}
      {length(labels.plateHeight, 'plateHeightMm', kind?.plateHeightMm)}
      {kind && !kind.hasMarks && (
        <>
          <ChoiceField
            name={labels.theDialShows}
            value={String(entry.dialUnit ?? 'F')}
            options={[
              { id: 'F', name: '°F' },
              { id: 'C', name: '°C' },
            ]}
            onPick={(dialUnit) => set({ dialUnit, dialStep: undefined })}
            fault={faults.get('/dialUnit')}
          />
          <NumberField
            name={labels.itStepsBy}
            value={entry.dialStep as number | undefined}
            unit={`°${entry.dialUnit ?? 'F'}`}
            placeholder={entry.dialUnit === 'C' ? labels.usually1 : labels.usually5}
            onChange={(dialStep) => set({ dialStep })}
            fault={faults.get('/dialStep')}
          />
        </>
      )}
      <NumberField
        name={labels.thePlateIsHotterThan}
        value={entry.dialOffsetK as number | undefined}
        unit="K"
        placeholder={labels.notMeasured}
        hint={labels.belowZeroWhenItIs}
        onChange={(dialOffsetK) => set({ dialOffsetK })}
        fault={faults.get('/dialOffsetK')}
      />
      <NumberField
        name={labels.andMayBeOffBy}
        value={entry.dialErrorK as number | undefined}
        unit="K"
        placeholder={labels.asUsualForItsKind}
        onChange={(dialErrorK) => set({ dialErrorK })}
        fault={faults.get('/dialErrorK')}
      />
      <ChoiceField
        name={labels.howHardLightIsI}
        value={pressure.by}
        options={BY}
        onPick={(by) => setPressure({ by })}
        fault={faults.get('/pressure/by')}
      />
      {pressure.by === 'scale' && (
        <>
          {weight(labels.lightOnTheScale, 'lightKg')}
          {weight(labels.medium, 'mediumKg')}
          {weight(labels.firm, 'firmKg')}
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
          {labels.theStripsHoldAlikeAt}
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
