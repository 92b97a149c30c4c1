import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useUnits } from '../app/units';
import { api, got } from './client';
import type { Job } from './job';

export const useCatalogue = () =>
  useQuery({
    queryKey: ['catalogue'],
    queryFn: () => got(api.GET('/api/catalogue')),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The plan of a job as it stands on the screen. While it is being recomputed the last one stays. */
export function usePlan(job: Job | null) {
  const units = useUnits();
  return useQuery({
    queryKey: ['plan', units.system, job],
    queryFn: () => got(api.POST('/api/plans/preview', { params: { query: { units: units.system } }, body: job })),
    enabled: job !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
}

export function useTrace(job: Job | null) {
  return useQuery({
    queryKey: ['trace', job],
    queryFn: () => got(api.POST('/api/plans/trace', { body: job })),
    enabled: job !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
}
