import type { JobLayer } from '../../api/job';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import * as labels from './labels';

/** Size and place of one layer. */
export function LayerNumbers({
  layer,
  onChange,
  fault,
}: {
  layer: JobLayer;
  onChange: (change: Partial<JobLayer>) => void;
  fault: (name: string) => string | undefined;
}) {
  const units = useUnits();
  const field = (name: string, key: 'widthMm' | 'heightMm' | 'xMm' | 'yMm') => (
    <NumberField
      name={name}
      value={layer[key] === undefined ? undefined : units.lengthShown(layer[key])}
      unit={units.lengthUnit}
      onChange={(n) => onChange({ [key]: n === undefined ? undefined : units.mmFrom(n) })}
      fault={fault(key)}
    />
  );
  return (
    <>
      {field(labels.artworkWidth, 'widthMm')}
      {field(labels.artworkHeight, 'heightMm')}
      {field(labels.fromTheLeft, 'xMm')}
      {field(labels.fromTheTop2, 'yMm')}
    </>
  );
}
