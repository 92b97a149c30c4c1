import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import type { Job } from '../../api/job';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { logChanged } from '../logbook/queries';
import * as labels from './labels';
import { sentence } from './QuickDetails';

/** What the logbook has taught, or an update would do, since this job's plan was agreed to. The plan stays until somebody takes it. */
export function LearnedSince({ id, job }: { id: string; job: Job }) {
  const units = useUnits();
  const queries = useQueryClient();
  const [kept, setKept] = useState('');
  const [compared, setCompared] = useState(false);
  const since = useQuery({
    queryKey: ['learned-since', id, job],
    queryFn: () => got(api.GET('/api/jobs/{id}/learned', { params: { path: { id } } })),
    staleTime: 5_000,
  });
  const take = useMutation({
    mutationFn: () => api.POST('/api/jobs/{id}/learned', { params: { path: { id } } }),
    onSuccess: () => logChanged(queries),
  });
  const keep = useMutation({
    mutationFn: () => api.POST('/api/jobs/{id}/learned/keep', { params: { path: { id } } }),
  });
  const set = (p: Schemas['AgreedPress']) =>
    labels.forWord(p.dialMark ?? units.temperature(p.celsius), time(p.seconds));
  if (!since.data?.changes || kept === set(since.data.now)) return null;
  const { agreed, now, byVersion, agreedPlan, nowPlan } = since.data;
  return (
    <div role="status" className="notice caution mb-5" data-testid="learned-since">
      <p>
        <strong>{byVersion ? labels.thisVersionWouldSet : labels.yourLogbookHasLearnedSince}</strong>
        {(byVersion ? labels.agreedStays : labels.thisJobIsStillPlanned)(set(agreed), set(now))}
      </p>
      {compared && (
        <dl className="mt-3 grid gap-2 sm:grid-cols-2" data-testid="compared">
          {[
            { name: labels.asAgreed, press: agreed, plan: agreedPlan },
            { name: byVersion ? labels.asNow : labels.withLearned, press: now, plan: nowPlan },
          ].map(({ name, press, plan }) => (
            <div key={name}>
              <dt className="text-quiet text-[0.9rem]">{name}</dt>
              <dd>
                <strong className="block tabular-nums">{set(press)}</strong>
                {plan.line && <span className="block">{sentence(plan.line)}</span>}
                <span className="block text-[0.9rem]">{plan.perHundred}</span>
              </dd>
            </div>
          ))}
        </dl>
      )}
      <div className="flex flex-wrap gap-3 mt-3">
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={take.isPending}
          onClick={() => take.mutate()}
        >
          {labels.use(set(now))}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-outline"
          onClick={() => {
            setKept(set(now));
            if (byVersion) keep.mutate();
          }}
        >
          {labels.keep(set(agreed))}
        </button>
        {!compared && (
          <button type="button" className="btn btn-sm btn-ghost" onClick={() => setCompared(true)}>
            {labels.compareBoth}
          </button>
        )}
      </div>
    </div>
  );
}
