import { changed, type JobTools } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { useJob } from '../jobs/JobPage';
import { Group } from './Group';
import * as labels from './labels';
import { useLengths } from './useLengths';

/** The press and what belongs to it. */
export function ThePress() {
  const { draft, catalogue, faults } = useJob();
  const units = useUnits();
  const { shown: length, mm } = useLengths();
  const { job, edit } = draft;
  const { tools } = job;
  const source = catalogue.heatSources.find((h) => h.id === tools.heatSource);
  const editTools = (change: Partial<JobTools>) => edit((j) => ({ ...j, tools: changed(j.tools, change) }));

  return (
    <Group title={labels.thePress}>
      <ChoiceField
        name={labels.press}
        value={tools.heatSource}
        options={catalogue.heatSources}
        onPick={(id) => {
          const next = catalogue.heatSources.find((h) => h.id === id);
          // Another press brings its own plate, underlay and cover.
          editTools({
            heatSource: id,
            underlay: undefined,
            cover: undefined,
            plateWidthMm: undefined,
            plateHeightMm: undefined,
            ...(next?.steamPossible ? {} : { steam: undefined }),
          });
        }}
        fault={faults.get('/tools/heatSource')}
      />
      <ChoiceField
        name={labels.whatSUnderneath}
        value={tools.underlay ?? source?.underlay ?? ''}
        options={catalogue.underlays}
        onPick={(id) => editTools({ underlay: id })}
        fault={faults.get('/tools/underlay')}
      />
      <ChoiceField
        name={labels.cover}
        value={tools.cover ?? source?.cover ?? ''}
        options={catalogue.covers}
        onPick={(id) => editTools({ cover: id })}
        fault={faults.get('/tools/cover')}
      />
      <NumberField
        name={labels.plateWidth}
        value={length(tools.plateWidthMm ?? source?.plateWidthMm)}
        unit={units.lengthUnit}
        onChange={(n) => editTools({ plateWidthMm: mm(n) })}
        fault={faults.get('/tools/plateWidthMm')}
      />
      <NumberField
        name={labels.plateHeight}
        value={length(tools.plateHeightMm ?? source?.plateHeightMm)}
        unit={units.lengthUnit}
        onChange={(n) => editTools({ plateHeightMm: mm(n) })}
        fault={faults.get('/tools/plateHeightMm')}
      />
      {source?.steamPossible && (
        <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={tools.steam ?? false}
            onChange={(e) => editTools({ steam: e.target.checked || undefined })}
          />
          {labels.steamIsOn}
        </label>
      )}
    </Group>
  );
}
