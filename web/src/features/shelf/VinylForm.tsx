import { changed, type OwnEntry } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import type { FormProps } from './entries';
import * as labels from './labels';

const said = (...ids: string[]) => [{ id: '', name: labels.notSaid }, ...ids.map((id) => ({ id, name: id }))];

/** What the wrapper of a vinyl says. */
export function VinylForm({ entry, catalogue, faults, onChange }: FormProps) {
  const units = useUnits();
  const set = (change: Partial<OwnEntry>) => onChange(changed(entry, change));
  const celsius = entry.celsius as number | undefined;
  return (
    <>
      <ChoiceField
        name={labels.kindOfVinyl}
        value={String(entry.family)}
        options={catalogue.vinyls.filter((v) => !v.own)}
        onPick={(family) => set({ family })}
        fault={faults.get('/family')}
        hint={catalogue.vinyls.find((v) => v.id === entry.family)?.note ?? ''}
      />
      <NumberField
        name={labels.temperatureOnTheWrapper}
        value={celsius === undefined ? undefined : Math.round(units.degrees(celsius))}
        unit={units.degree}
        onChange={(n) => set({ celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
        fault={faults.get('/celsius')}
      />
      <NumberField
        name={labels.timeOnTheWrapper}
        value={entry.seconds as number | undefined}
        unit="s"
        onChange={(seconds) => set({ seconds })}
        fault={faults.get('/seconds')}
      />
      <ChoiceField
        name={labels.pressure}
        value={String(entry.pressure ?? '')}
        options={said('light', 'medium', 'firm')}
        onPick={(v) => set({ pressure: v || undefined })}
        fault={faults.get('/pressure')}
      />
      <ChoiceField
        name={labels.peel}
        value={String(entry.peel ?? '')}
        options={said('hot', 'warm', 'cold')}
        onPick={(v) => set({ peel: v || undefined })}
        fault={faults.get('/peel')}
      />
      <NumberField
        name={labels.thicknessIfKnown}
        value={entry.thicknessMm as number | undefined}
        unit="mm"
        onChange={(thicknessMm) => set({ thicknessMm })}
        fault={faults.get('/thicknessMm')}
      />
      <PressFigures {...{ entry, catalogue, faults, onChange }} />
    </>
  );
}

interface PressFigure {
  press: string;
  celsius?: number;
  seconds?: number;
  pressure?: string;
}

/** Figures that were looked up for one kind of press each, or worked on it: used there as they are. */
function PressFigures({ entry, catalogue, faults, onChange }: FormProps) {
  const units = useUnits();
  const figures = (entry.figures as PressFigure[] | undefined) ?? [];
  const kinds = catalogue.heatSources.filter((h) => !h.own);
  const free = kinds.filter((k) => !figures.some((f) => f.press === k.id));
  const keep = (next: PressFigure[]) => onChange(changed(entry, { figures: next.length > 0 ? next : undefined }));
  const set = (at: number, change: Partial<PressFigure>) =>
    keep(figures.map((f, i) => (i === at ? changed(f, change) : f)));
  return (
    <fieldset className="sm:col-span-2">
      <legend className="name">{labels.forOneKindOfPress}</legend>
      {figures.map((f, i) => (
        <div key={f.press} className="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2 items-start" data-figure={f.press}>
          <ChoiceField
            name={labels.press}
            value={f.press}
            options={kinds.filter((k) => k.id === f.press || free.includes(k))}
            onPick={(press) => set(i, { press })}
            fault={faults.get(`/figures/${i}/press`)}
          />
          <NumberField
            name={labels.temperatureThere}
            value={f.celsius === undefined ? undefined : Math.round(units.degrees(f.celsius))}
            unit={units.degree}
            onChange={(n) => set(i, { celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
            fault={faults.get(`/figures/${i}/celsius`)}
          />
          <NumberField
            name={labels.timeThere}
            value={f.seconds}
            unit="s"
            onChange={(seconds) => set(i, { seconds })}
            fault={faults.get(`/figures/${i}/seconds`)}
          />
          <div className="flex items-end gap-2">
            <div className="grow">
              <ChoiceField
                name={labels.pressureThere}
                value={f.pressure ?? ''}
                options={said('light', 'medium', 'firm')}
                onPick={(v) => set(i, { pressure: v || undefined })}
              />
            </div>
            <button
              type="button"
              className="btn btn-ghost h-10"
              onClick={() => keep(figures.filter((_, other) => other !== i))}
            >
              {labels.remove}
            </button>
          </div>
        </div>
      ))}
      {free[0] && (
        <button
          type="button"
          className="btn btn-sm btn-outline mt-2"
          onClick={() => free[0] && keep([...figures, { press: free[0].id }])}
        >
          {labels.addAFigureForA}
        </button>
      )}
    </fieldset>
  );
}
