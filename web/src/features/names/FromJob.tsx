import { useMutation, useQuery } from '@tanstack/react-query';
import { api, got } from '../../api/client';
import type { Job } from '../../api/job';
import { Failed } from '../../ui/States';
import * as labels from './labels';

/** The names on a job's list. */
export function FromJob({ onNames }: { onNames: (names: string[]) => void }) {
  const jobs = useQuery({
    queryKey: ['jobs', 'names'],
    queryFn: () => got(api.GET('/api/jobs', { params: { query: { take: 60 } } })),
  });
  const read = useMutation({
    mutationFn: (id: string) => got(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
    onSuccess: (kept) =>
      onNames([...new Set(((kept.job as Job).names ?? []).flatMap((n) => (n.name?.trim() ? [n.name.trim()] : [])))]),
  });
  if (!jobs.data || jobs.data.jobs.length === 0) return null;
  return (
    <label className="field">
      <span className="name">{labels.ofAJob}</span>
      <select className="select w-full" value="" onChange={(e) => read.mutate(e.target.value)}>
        <option value="" disabled>
          {labels.chooseAJob}
        </option>
        {jobs.data.jobs.map((job) => (
          <option key={job.id} value={job.id}>
            {job.title}
          </option>
        ))}
      </select>
      {read.isError && <Failed error={read.error} />}
    </label>
  );
}
