import type { Schemas } from '../../api/client';
import { type Job, withEdits } from '../../api/job';
import * as labels from './labels';

type Option = Schemas['PlannedOption'];

/** Questions on which crafters differ: what the plan follows, what is advised, and why. Changing one changes the plan. */
export function Ways({ ways, onEdit }: { ways: readonly Option[]; onEdit: (change: (job: Job) => Job) => void }) {
  const own = ways.filter((w) => w.chosen !== w.advised);
  const advised = ways.filter((w) => w.chosen === w.advised);
  const lines = (some: readonly Option[]) => (
    <ul className="scored border-y border-rule mt-2">
      {some.map((way) => (
        <Line key={way.id} way={way} onPick={(option) => onEdit((j) => withWay(j, way, option))} />
      ))}
    </ul>
  );
  return (
    <section aria-label={labels.waysOfDoingIt}>
      <h2>{labels.waysOfDoingIt}</h2>
      {own.length > 0 && lines(own)}
      {advised.length > 0 && (
        <details className="mt-2">
          <summary className="cursor-pointer w-fit">
            {labels.asAdvisedChangeAny(own.length > 0 ? labels.theOthers : labels.all, advised.length)}
          </summary>
          {lines(advised)}
        </details>
      )}
    </section>
  );
}

/** The job with a way chosen; what is advised anyway is not written down, so that the advice may change. */
export function withWay(job: Job, way: Pick<Option, 'options'>, option: string): Job {
  const next = withEdits(job, way.options.find((o) => o.id === option)?.edits ?? []);
  if (next.choices && Object.keys(next.choices).length === 0) delete next.choices;
  return next;
}

function Line({ way, onPick }: { way: Option; onPick: (option: string) => void }) {
  const own = way.chosen !== way.advised;
  const advised = way.options.find((o) => o.id === way.advised)?.name;
  return (
    <li
      className="py-3 grid md:grid-cols-[minmax(0,17rem)_minmax(0,1fr)] gap-x-6 gap-y-1.5 items-start"
      data-way={way.id}
    >
      <label className="field">
        <span className="block font-semibold mb-1">{way.question}</span>
        <select className="select" value={way.chosen} onChange={(e) => onPick(e.target.value)}>
          {way.options.map((o) => (
            <option key={o.id} value={o.id}>
              {o.name}
            </option>
          ))}
        </select>
      </label>
      <p className="text-[0.95rem] md:pt-0.5">
        {own && (
          <strong className="block">
            {labels.yourWayAdvised}
            {advised}.
          </strong>
        )}
        {way.reason}
      </p>
    </li>
  );
}
