import { type Job, layerId } from '../../api/job';
import * as labels from './labels';

/** The layers of the job, the chosen one underlined; below them another can be laid on top. */
export function LayerList({
  job,
  chosen,
  onChoose,
  onAdd,
}: {
  job: Job;
  chosen: number;
  onChoose: (index: number) => void;
  onAdd: () => void;
}) {
  return (
    <div className="mt-2 grid gap-1 justify-items-start">
      {job.layers.length > 1 &&
        job.layers.map((l, i) => (
          <button
            key={layerId(job, i)}
            type="button"
            aria-pressed={i === chosen}
            className={`flex items-center gap-2 min-h-8 border-b-2 ${i === chosen ? 'border-ink font-semibold' : 'border-transparent text-quiet'}`}
            onClick={() => onChoose(i)}
          >
            <span aria-hidden="true" className="w-3.5 h-3.5 border border-ink" style={{ background: l.colour }} />
            {layerId(job, i)}
          </button>
        ))}
      <button
        type="button"
        className="print:hidden btn btn-sm btn-outline mt-1"
        disabled={job.layers.length >= 12}
        onClick={onAdd}
      >
        {labels.addALayer}
      </button>
    </div>
  );
}
