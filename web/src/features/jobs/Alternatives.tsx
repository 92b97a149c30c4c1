import { useQuery } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { type Job, withEdits } from '../../api/job';
import { useUnits } from '../../app/units';
import { VerdictMark } from '../../ui/VerdictMark';
import * as labels from './labels';

interface Props {
  job: Job;
  onTake: (change: (job: Job) => Job) => void;
}

/** What would work instead of a stop, each already computed; one tap makes it so, and it can be undone. */
export function Alternatives({ job, onTake }: Props) {
  const units = useUnits();
  const changes = useQuery({
    queryKey: ['alternatives', units.system, job],
    queryFn: ({ signal }) =>
      got(api.POST('/api/plans/alternatives', { signal, params: { query: { units: units.system } }, body: job })),
    staleTime: 60_000,
  });
  if (changes.isPending) return <p className="text-quiet">{labels.lookingForWhatWouldWork}</p>;
  if (changes.isError) return null;
  if (changes.data.length === 0) return <p>{labels.noSingleChangeOfVinyl}</p>;
  return (
    <section aria-label={labels.whatWouldWorkInstead}>
      <h3 className="font-semibold mb-1">{labels.whatWouldWorkInstead}</h3>
      <ul className="scored border-y border-rule">
        {changes.data.map((c) => (
          <Line key={c.text} change={c} onTake={() => onTake((j) => withEdits(j, c.edits))} />
        ))}
      </ul>
    </section>
  );
}

function Line({ change, onTake }: { change: Schemas['NearestChange']; onTake: () => void }) {
  return (
    <li className="py-2.5 grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 items-center">
      <span>
        <strong className="font-semibold">{change.text}</strong>
        <span className="block text-[0.9rem]">{change.headline}</span>
        {change.verdict === 'caution' && (
          <span className="block text-[0.87rem] text-quiet">
            <VerdictMark verdict={change.verdict} />
          </span>
        )}
      </span>
      <button type="button" className="btn btn-sm btn-outline" onClick={onTake} aria-label={labels.use2(change.text)}>
        {labels.useIt}
      </button>
    </li>
  );
}
