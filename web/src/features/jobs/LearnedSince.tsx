import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import type { Job } from '../../api/job';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { logChanged } from '../logbook/queries';
import * as labels from './labels';

/** What the logbook has taught since this job's plan was agreed to. The plan stays as it was until somebody takes it. */
export function LearnedSince({ id, job }: { id: string; job: Job }) {
  const units = useUnits();
  const queries = useQueryClient();
  const [kept, setKept] = useState('');
  const since = useQuery({
    queryKey: ['learned-since', id, job],
    queryFn: () => got(api.GET('/api/jobs/{id}/learned', { params: { path: { id } } })),
    staleTime: 5_000,
  });
  const take = useMutation({
    mutationFn: () => api.POST('/api/jobs/{id}/learned', { params: { path: { id } } }),
    onSuccess: () => logChanged(queries),
  });
  const set = (p: Schemas['AgreedPress']) =>
    labels.forWord(p.dialMark ?? units.temperature(p.celsius), time(p.seconds));
  if (!since.data?.changes || kept === set(since.data.now)) return null;
  const { agreed, now } = since.data;
  return (
    <div role="status" className="notice caution mb-5" data-testid="learned-since">
      <p>
        <strong>{labels.yourLogbookHasLearnedSince}</strong>
        {labels.thisJobIsStillPlanned(set(agreed), set(now))}
      </p>
      <div className="flex flex-wrap gap-3 mt-3">
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={take.isPending}
          onClick={() => take.mutate()}
        >
          {labels.use(set(now))}
        </button>
        <button type="button" className="btn btn-sm btn-outline" onClick={() => setKept(set(now))}>
          {labels.keep(set(agreed))}
        </button>
      </div>
    </div>
  );
}
