import { changed, type Job } from '../../api/job';
import type { JobFeature } from '../../api/jobFile';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import * as labels from './labels';

const KINDS = ['seam', 'zip', 'button', 'snap', 'pocket', 'hem', 'strap', 'handle', 'frame', 'metal', 'collar'];

/** What stands in the way on this very piece: pockets, seams, buttons. */
export function KeepOuts({
  job,
  onEdit,
  faults,
}: {
  job: Job;
  onEdit: (change: (job: Job) => Job) => void;
  faults: Map<string, string>;
}) {
  const units = useUnits();
  const own = (job.blank.features as JobFeature[] | undefined) ?? [];
  const set = (features: JobFeature[]) =>
    onEdit((j) => ({ ...j, blank: changed(j.blank, { features: features.length > 0 ? features : undefined }) }));
  const number = (f: JobFeature, i: number, name: string, key: 'xMm' | 'yMm' | 'widthMm' | 'heightMm') => (
    <NumberField
      name={name}
      value={f[key] === undefined ? undefined : units.lengthShown(f[key])}
      unit={units.lengthUnit}
      onChange={(n) =>
        set(own.map((o, k) => (k === i ? changed(o, { [key]: n === undefined ? undefined : units.mmFrom(n) }) : o)))
      }
      fault={faults.get(`/blank/features/${i}/${key}`)}
    />
  );
  return (
    <section aria-label={labels.inTheWay}>
      <h2>
        {labels.inTheWay2}
        <span className="font-normal text-quiet text-[0.87rem]">{labels.whatYourPieceHasBesides}</span>
      </h2>
      <ul className="grid gap-3 mt-2">
        {own.map((f, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a keep-out is known by its place in the list
          <li key={i} className="grid grid-cols-2 sm:grid-cols-[9rem_repeat(4,minmax(0,7rem))_auto] gap-3 items-end">
            <ChoiceField
              name={labels.what}
              value={f.kind}
              options={KINDS.map((id) => ({ id, name: id }))}
              onPick={(kind) => set(own.map((o, k) => (k === i ? { ...o, kind } : o)))}
            />
            {number(f, i, labels.fromTheLeft, 'xMm')}
            {number(f, i, labels.fromTheTop2, 'yMm')}
            {number(f, i, labels.width, 'widthMm')}
            {number(f, i, labels.height, 'heightMm')}
            <button
              type="button"
              className="btn btn-sm btn-ghost justify-self-start mb-1"
              onClick={() => set(own.filter((_, k) => k !== i))}
            >
              {labels.takeAway}
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-sm btn-outline mt-2"
        onClick={() => set([...own, { kind: 'pocket', xMm: 20, yMm: 20, widthMm: 60, heightMm: 60 }])}
      >
        {labels.addSomethingInTheWay}
      </button>
    </section>
  );
}
