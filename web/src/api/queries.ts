import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useUnits } from '../app/units';
import { api, got } from './client';
import type { Job, Own } from './job';

/** What can be chosen: shipped, on the shelf, and what a job brings along. */
export const useCatalogue = (own?: Own) =>
  useQuery({
    queryKey: ['catalogue', own ?? null],
    queryFn: () => got(own ? api.POST('/api/catalogue', { body: own }) : api.GET('/api/catalogue')),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useShelf = () => useQuery({ queryKey: ['shelf'], queryFn: () => got(api.GET('/api/shelf')) });

export const planQuery = (job: Job | null, system: 'metric' | 'us') => ({
  queryKey: ['plan', system, job],
  queryFn: () => got(api.POST('/api/plans/preview', { params: { query: { units: system } }, body: job })),
  enabled: job !== null,
  staleTime: 5_000,
});

export const traceQuery = (job: Job | null) => ({
  queryKey: ['trace', job],
  queryFn: () => got(api.POST('/api/plans/trace', { body: job })),
  enabled: job !== null,
  staleTime: 5_000,
});

export const windowQuery = (job: Job | null) => ({
  queryKey: ['window', job],
  queryFn: () => got(api.POST('/api/plans/window', { body: job })),
  enabled: job !== null,
  staleTime: 5_000,
});

/** The plan of a job as it stands on the screen. While it is being recomputed the last one stays. */
export function usePlan(job: Job | null) {
  const units = useUnits();
  return useQuery({ ...planQuery(job, units.system), placeholderData: keepPreviousData });
}

export const useTrace = (job: Job | null) => useQuery({ ...traceQuery(job), placeholderData: keepPreviousData });

/** The window over temperature and time, for the picture of how much room there is. */
export const useWindow = (job: Job | null) => useQuery({ ...windowQuery(job), placeholderData: keepPreviousData });

/** Both faces of the item, drawn to measure, with what lies on them. */
export const usePlacement = (job: Job) =>
  useQuery({
    queryKey: ['placement', job],
    queryFn: () =>
      got(
        api.POST('/api/placement', {
          params: {
            query: {
              ...(typeof job.tools.cutterWidthMm === 'number' ? { cutterWidthMm: job.tools.cutterWidthMm } : {}),
              ...(typeof job.tools.cutterLengthMm === 'number' ? { cutterLengthMm: job.tools.cutterLengthMm } : {}),
            },
          },
          body: job,
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 5_000,
  });

export const useStock = () => useQuery({ queryKey: ['stock'], queryFn: () => got(api.GET('/api/stock')) });

const POLL_MS = 300;

/** How a job is laid out on sheets. While it is being worked out it is asked for again and again. */
export function useCutPlan(job: Job) {
  const units = useUnits();
  const begun = useQuery({
    queryKey: ['cut-plan', units.system, job],
    queryFn: () => got(api.POST('/api/cut-plans', { params: { query: { units: units.system } }, body: job })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const id = begun.data?.id;
  const going = useQuery({
    queryKey: ['cut-plan-going', id],
    queryFn: () => got(api.GET('/api/cut-plans/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== undefined && !begun.data?.plan,
    refetchInterval: (query) => (query.state.data?.plan ? false : POLL_MS),
    staleTime: 0,
  });
  return { begun, now: begun.data?.plan ? begun.data : (going.data ?? begun.data) };
}
