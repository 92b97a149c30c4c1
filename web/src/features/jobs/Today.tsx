import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../../api/client';
import { useUnits } from '../../app/units';
import { left, useCuring } from '../care/Curing';
import { daysUntil, dueWords } from './due';
import * as labels from './labels';

const MOST_DUE = 12;
const SOON_DAYS = 2;

/** What there is to look after today: runs in progress, what is curing, what is low. Nothing, where there is nothing. */
export function Today() {
  const units = useUnits();
  const running = useQuery({ queryKey: ['runs'], queryFn: () => got(api.GET('/api/runs')), refetchInterval: 10_000 });
  const curing = useCuring();
  const stock = useQuery({ queryKey: ['stock'], queryFn: () => got(api.GET('/api/stock')) });
  const soon = useQuery({
    queryKey: ['jobs', 'due', units.system],
    queryFn: () =>
      got(api.GET('/api/jobs', { params: { query: { units: units.system, sort: 'due', take: MOST_DUE } } })),
  });
  const now = new Date();
  // What has been pressed since is not asked for again.
  const due = (soon.data?.jobs ?? []).filter(
    (j) => j.due && daysUntil(j.due, now) <= SOON_DAYS && (j.last?.pieces ?? 0) < j.quantity,
  );
  const cures = (curing.data ?? [])
    .map((run) => ({ run, left: left(new Date(Math.max(...run.pieces.map((p) => +new Date(p.washFromUtc)))), now) }))
    .filter((c) => c.left !== null);
  const low = (stock.data ?? []).filter((s) => s.low);
  if (!running.data?.length && cures.length === 0 && low.length === 0 && due.length === 0) return null;
  return (
    <section aria-label={labels.today} className="mb-9">
      <h2 className="text-[1.2rem] mb-2">{labels.today}</h2>
      <ul className="scored border-y border-rule">
        {running.data?.map((run) => (
          <li key={run.id} className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2.5">
            <span className="w-[8.5rem] text-quiet">{run.practice ? labels.practice : labels.onTheBench}</span>
            <strong className="font-semibold grow">{run.title}</strong>
            <span className="tabular-nums">
              {labels.ofDone(
                run.pieces.filter((p) => p.status === 'done').length,
                run.pieces.filter((p) => p.status !== 'ruined').length,
              )}
            </span>
            <Link className="btn btn-sm btn-primary" to={`/bench/${run.id}`}>
              {labels.goOn}
            </Link>
          </li>
        ))}
        {due.map((job) => (
          <li key={job.id} className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2.5">
            <span className="w-[8.5rem] text-quiet">{labels.due}</span>
            <strong className="font-semibold grow">{job.title || labels.untitled}</strong>
            <span className="tabular-nums">{dueWords(job.due ?? '', now)}</span>
            <Link className="btn btn-sm btn-outline" to={`/jobs/${job.id}/press`}>
              {labels.openIt}
            </Link>
          </li>
        ))}
        {cures.map(({ run, left: until }) => (
          <li key={run.runId} className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2.5">
            <span className="w-[8.5rem] text-quiet">{labels.curing}</span>
            <strong className="font-semibold grow">{run.title || labels.untitled}</strong>
            <span className="tabular-nums">{labels.untilWash(until ?? '')}</span>
            <Link className="btn btn-sm btn-outline" to="/logbook/care">
              {labels.openIt}
            </Link>
          </li>
        ))}
        {low.length > 0 && (
          <li className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2.5">
            <span className="w-[8.5rem] text-quiet">{labels.lowStock}</span>
            <strong className="font-semibold grow">{low.map((s) => s.label).join(', ')}</strong>
            <Link className="btn btn-sm btn-outline" to="/stock">
              {labels.openIt}
            </Link>
          </li>
        )}
      </ul>
    </section>
  );
}
