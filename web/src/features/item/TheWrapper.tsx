import { changed, type JobLabel, layerId } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { FigureFor } from '../../ui/FigureFor';
import { useJob } from '../jobs/JobPage';
import { Group } from './Group';
import * as labels from './labels';

import { useLayer } from './useLayer';

const NOT_SAID = { id: '', name: labels.notSaid };
const words = (...ids: string[]) => ids.map((id) => ({ id, name: id }));

/** What the wrapper of a layer's vinyl says. */
export function TheWrapper({ at }: { at: number }) {
  const { draft, plan } = useJob();
  const units = useUnits();
  const { job } = draft;
  const { layer, vinyl, fault, editLayer } = useLayer(at);
  const editLabel = (change: Partial<JobLabel>) => {
    const label = changed(layer.label ?? {}, change);
    editLayer({ label: Object.keys(label).length > 0 ? label : undefined });
  };

  return (
    <Group
      title={job.layers.length > 1 ? labels.whatTheWrapperOfSays(layerId(job, at)) : labels.whatTheWrapperSays}
      note={labels.anyPartOfItIt}
    >
      <NumberField
        name={labels.temperature}
        value={layer.label?.celsius === undefined ? undefined : Math.round(units.degrees(layer.label.celsius))}
        unit={units.degree}
        placeholder={
          vinyl
            ? labels.usuallyTo(
                Math.round(units.degrees(vinyl.chartCelsius.low ?? 0)),
                Math.round(units.degrees(vinyl.chartCelsius.high ?? 0)),
              )
            : ''
        }
        onChange={(n) => editLabel({ celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
        fault={fault('label/celsius')}
      />
      <NumberField
        name={labels.time}
        value={layer.label?.seconds}
        unit="s"
        placeholder={vinyl ? labels.usuallyTo(vinyl.chartSeconds.low, vinyl.chartSeconds.high) : ''}
        onChange={(n) => editLabel({ seconds: n })}
        fault={fault('label/seconds')}
      />
      <ChoiceField
        name={labels.pressure}
        value={layer.label?.pressure ?? ''}
        options={[
          { id: '', name: vinyl ? `not given (${vinyl.pressure})` : 'not given' },
          ...words('light', 'medium', 'firm'),
        ]}
        onPick={(v) => editLabel({ pressure: v || undefined })}
      />
      <ChoiceField
        name={labels.peel}
        value={layer.label?.peel ?? ''}
        options={[vinyl ? { id: '', name: `not given (${vinyl.peel})` } : NOT_SAID, ...words('hot', 'warm', 'cold')]}
        onPick={(v) => editLabel({ peel: v || undefined })}
      />
      {layer.label && (
        <div className="sm:col-span-2">
          <FigureFor
            label={layer.label}
            taken={at === 0 || job.layers.length === 1 ? (plan.data?.chart.for ?? null) : null}
            onPick={(meant) => editLabel({ for: meant })}
          />
        </div>
      )}
    </Group>
  );
}
