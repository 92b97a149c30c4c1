import type { Catalogue } from '../../api/client';
import { changed, type Job } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { Group } from '../item/Group';
import * as labels from './labels';

interface Props {
  job: Job;
  catalogue: Catalogue;
  faults: Map<string, string>;
  onEdit: (change: (job: Job) => Job) => void;
}

interface Cutting {
  marginMm?: number;
  transferSheets?: number;
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
      <Group title={labels.cutter} note={labels.nothingIsLaidOutWider}>
        <ChoiceField
          name={labels.kindOfCutter}
          value={String(job.tools.cutter ?? 'table')}
          options={catalogue.cutters}
          onPick={(cutter) => tools({ cutter, cutterWidthMm: undefined, cutterLengthMm: undefined })}
          fault={faults.get('/tools/cutter')}
        />
        {length(labels.widestItCuts, 'cutterWidthMm', chosen?.cutWidthMm)}
        {length(labels.longestItCuts, 'cutterLengthMm', matless ? chosen?.matlessLengthMm : chosen?.matLengthMm)}
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={matless}
            onChange={(e) => tools({ matless: e.target.checked || undefined })}
          />
          {labels.vinylThatNeedsNoMat}
        </label>
      </Group>
      <Group title={labels.sheets}>
        <NumberField
          name={labels.roomBetweenPieces}
          value={cut.marginMm === undefined ? undefined : units.lengthShown(cut.marginMm)}
          unit={units.lengthUnit}
          placeholder={String(units.lengthShown(6))}
          onChange={(n) => wish({ marginMm: n === undefined ? undefined : units.mmFrom(n) })}
          fault={faults.get('/cut/marginMm')}
          hint={labels.forTheScissors}
        />
        <NumberField
          name={labels.packTightlyAbove}
          value={cut.nestAbovePercent}
          unit="% saved"
          placeholder="20"
          onChange={(nestAbovePercent) => wish({ nestAbovePercent })}
          fault={faults.get('/cut/nestAbovePercent')}
        />
        <div className="grid gap-2">
          {(
            [
              ['testCut', labels.testCutFirst13Mm],
              ['patch', labels.aPatchForATest],
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
        <NumberField
          name={labels.transferSheets}
          value={cut.transferSheets}
          unit={labels.aPiece}
          placeholder="0"
          onChange={(transferSheets) => wish({ transferSheets })}
          fault={faults.get('/cut/transferSheets')}
          hint={labels.transferSheetsHint}
        />
      </Group>
    </div>
  );
}
