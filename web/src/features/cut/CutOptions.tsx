import type { Catalogue } from '../../api/client';
import { changed, type Job } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { Group } from '../item/Group';

interface Props {
  job: Job;
  catalogue: Catalogue;
  faults: Map<string, string>;
  onEdit: (change: (job: Job) => Job) => void;
}

interface Cutting {
  marginMm?: number;
  testCut?: boolean;
  patch?: boolean;
  nestAbovePercent?: number;
}

/** The cutter, and how its sheets are laid out. */
export function CutOptions({ job, catalogue, faults, onEdit }: Props) {
  const units = useUnits();
  const cut = (job.cut ?? {}) as Cutting;
  const tools = (change: Record<string, unknown>) => onEdit((j) => ({ ...j, tools: changed(j.tools, change) }));
  const wish = (change: { [K in keyof Cutting]: Cutting[K] | undefined }) =>
    onEdit((j) => {
      const next = changed((j.cut ?? {}) as Record<string, unknown>, change);
      return changed(j, { cut: Object.keys(next).length > 0 ? next : undefined });
    });
  const chosen = catalogue.cutters.find((c) => c.id === (job.tools.cutter ?? 'table'));
  const matless = job.tools.matless === true;
  const length = (name: string, key: string, usual: number | undefined) => (
    <NumberField
      name={name}
      value={typeof job.tools[key] === 'number' ? units.lengthShown(job.tools[key] as number) : undefined}
      unit={units.lengthUnit}
      placeholder={usual === undefined ? '' : String(units.lengthShown(usual))}
      onChange={(n) => tools({ [key]: n === undefined ? undefined : units.mmFrom(n) })}
      fault={faults.get(`/tools/${key}`)}
    />
  );
  return (
    <div className="grid gap-6 print:hidden">
      <Group title="Cutter" note="Nothing is laid out wider than this.">
        <ChoiceField
          name="Kind of cutter"
          value={String(job.tools.cutter ?? 'table')}
          options={catalogue.cutters}
          onPick={(cutter) => tools({ cutter, cutterWidthMm: undefined, cutterLengthMm: undefined })}
          fault={faults.get('/tools/cutter')}
        />
        {length('Widest it cuts', 'cutterWidthMm', chosen?.cutWidthMm)}
        {length('Longest it cuts', 'cutterLengthMm', matless ? chosen?.matlessLengthMm : chosen?.matLengthMm)}
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={matless}
            onChange={(e) => tools({ matless: e.target.checked || undefined })}
          />
          Vinyl that needs no mat
        </label>
      </Group>
      <Group title="Sheets">
        <NumberField
          name="Room between pieces"
          value={cut.marginMm === undefined ? undefined : units.lengthShown(cut.marginMm)}
          unit={units.lengthUnit}
          placeholder={String(units.lengthShown(6))}
          onChange={(n) => wish({ marginMm: n === undefined ? undefined : units.mmFrom(n) })}
          fault={faults.get('/cut/marginMm')}
          hint="For the scissors."
        />
        <NumberField
          name="Pack tightly above"
          value={cut.nestAbovePercent}
          unit="% saved"
          placeholder="20"
          onChange={(nestAbovePercent) => wish({ nestAbovePercent })}
          fault={faults.get('/cut/nestAbovePercent')}
        />
        <div className="grid gap-2">
          {(
            [
              ['testCut', 'Test cut first, 13 mm'],
              ['patch', 'A patch for a test press'],
            ] as const
          ).map(([key, name]) => (
            <label key={key} className="flex items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={cut[key] === true}
                onChange={(e) => wish({ [key]: e.target.checked || undefined } as Partial<Cutting>)}
              />
              {name}
            </label>
          ))}
        </div>
      </Group>
    </div>
  );
}
