import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, got, type Run } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { PracticeMark } from './PracticeMark';

/** Before the bench: what is under way, and how a run begins. Looking at it begins nothing. */
export function BenchStation() {
  const { id, draft, plan } = useJob();
  const units = useUnits();
  const navigate = useNavigate();
  const runs = useQuery({ queryKey: ['runs'], queryFn: () => got(api.GET('/api/runs')), refetchInterval: 10_000 });
  const begin = useMutation({
    mutationFn: async (practice: boolean): Promise<Run> => {
      await draft.flush();
      return got(
        api.POST('/api/jobs/{id}/runs', { params: { path: { id }, query: { units: units.system, practice } } }),
      );
    },
    onSuccess: (run) => navigate(`/bench/${run.id}`),
  });
  const mine = runs.data?.filter((r) => r.jobId === id) ?? [];
  const quantity = draft.job.quantity ?? 1;
  const stopped = !plan.data || plan.data.verdict === 'stop';
  return (
    <div className="grid gap-9 max-w-[46rem]" data-testid="bench-station">
      {mine.length > 0 && (
        <section aria-label="Under way">
          <h2 className="mb-2">Under way</h2>
          <ul className="scored border-y border-rule">
            {mine.map((run) => (
              <li key={run.id} className="flex flex-wrap items-center gap-x-5 gap-y-2 py-3">
                {run.practice && <PracticeMark />}
                <span>
                  {run.pieces.filter((p) => p.status === 'done').length} of{' '}
                  {run.pieces.filter((p) => p.status !== 'ruined').length} done
                </span>
                <Link className="btn btn-primary ml-auto" to={`/bench/${run.id}`}>
                  Continue
                </Link>
                <Link className="btn btn-outline" to={`/crew/${run.id}`}>
                  All pieces
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Begin">
        <h2 className="mb-2">{mine.length > 0 ? 'Begin another run' : 'Begin'}</h2>
        <p className="max-w-[38em]">
          The plan is frozen as it is now, the vinyl that was cut for this job counts as used, and what comes out goes
          into the logbook.
        </p>
        <button
          type="button"
          className="btn btn-primary px-6 mt-3"
          disabled={stopped || begin.isPending}
          onClick={() => begin.mutate(false)}
        >
          {quantity > 1 ? `Begin: ${quantity} pieces` : 'Begin'}
        </button>
        {plan.data?.verdict === 'stop' && (
          <p className="mt-2 text-quiet">The plan has a stop: the ticket says what it is, and what would work.</p>
        )}
      </section>
      <section aria-label="Practice">
        <h2 className="mb-2">Practice first</h2>
        <p className="max-w-[38em]">
          The same steps with no cloth at stake, with a simulated press if you like. Nothing is logged, learned or taken
          from your stock.
        </p>
        <button
          type="button"
          className="btn btn-outline px-6 mt-3"
          disabled={stopped || begin.isPending}
          onClick={() => begin.mutate(true)}
        >
          Practice run
        </button>
      </section>
      {begin.isError && <Failed error={begin.error} />}
    </div>
  );
}
