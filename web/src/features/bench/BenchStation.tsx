import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, got, type Run } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { usePatchAdvice } from '../press/Patches';
import * as labels from './labels';
import { PracticeMark } from './PracticeMark';

const MOST_SEEDS = 10_000;

/** Before the bench: what is under way, and how a run begins. Looking at it begins nothing. */
export function BenchStation() {
  const { id, draft, plan } = useJob();
  const patches = usePatchAdvice(draft.job).data;
  const units = useUnits();
  const navigate = useNavigate();
  const [seed] = useState(() => 1 + Math.floor(Math.random() * MOST_SEEDS));
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
        <section aria-label={labels.underWay}>
          <h2 className="mb-2">{labels.underWay}</h2>
          <ul className="scored border-y border-rule">
            {mine.map((run) => (
              <li key={run.id} className="flex flex-wrap items-center gap-x-5 gap-y-2 py-3">
                {run.practice && <PracticeMark />}
                <span>
                  {labels.ofDone(
                    run.pieces.filter((p) => p.status === 'done').length,
                    run.pieces.filter((p) => p.status !== 'ruined').length,
                  )}
                </span>
                <Link className="btn btn-primary ml-auto" to={`/bench/${run.id}`}>
                  {labels.continueWord}
                </Link>
                <Link className="btn btn-outline" to={`/crew/${run.id}`}>
                  {labels.allPieces}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label={labels.begin}>
        <h2 className="mb-2">{mine.length > 0 ? labels.beginAnotherRun : labels.begin}</h2>
        <p className="max-w-[38em]">{labels.thePlanIsFrozenAs}</p>
        <button
          type="button"
          className="btn btn-primary px-6 mt-3"
          disabled={stopped || begin.isPending}
          onClick={() => begin.mutate(false)}
        >
          {quantity > 1 ? labels.beginPieces(quantity) : labels.begin}
        </button>
        {patches?.next && (
          <p className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
            <Link className="btn btn-outline px-6" to={`/jobs/${id}/patch`}>
              {labels.testPatchFirst}
            </Link>
            <span className="text-quiet">{patches.text}</span>
          </p>
        )}
        {plan.data?.verdict === 'stop' && <p className="mt-2 text-quiet">{labels.thePlanHasAStop}</p>}
      </section>
      <section aria-label={labels.practice}>
        <h2 className="mb-2">{labels.practiceFirst}</h2>
        <p className="max-w-[38em]">{labels.theSameStepsWithNo}</p>
        <button
          type="button"
          className="btn btn-outline px-6 mt-3"
          disabled={stopped || begin.isPending}
          onClick={() => begin.mutate(true)}
        >
          {labels.practiceRun}
        </button>
        <p className="mt-3">
          <Link className="link-quiet" to={`/practice/job-${id}.${seed}`}>
            {labels.rehearse}
          </Link>
        </p>
      </section>
      {begin.isError && <Failed error={begin.error} />}
    </div>
  );
}
