import { keepPreviousData, type UseQueryResult, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useUnits } from '../app/units';
import { api, got, type Plan } from './client';
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

/** A kept job is planned by what its plan was agreed with. */
const of = (jobId: string | undefined) => (jobId ? { job: jobId } : {});

export const planQuery = (job: Job | null, system: 'metric' | 'us', jobId?: string) => ({
  queryKey: ['plan', system, jobId ?? null, job],
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    got(api.POST('/api/plans/preview', { signal, params: { query: { units: system, ...of(jobId) } }, body: job })),
  enabled: job !== null,
  staleTime: 5_000,
});

export const traceQuery = (job: Job | null, jobId?: string) => ({
  queryKey: ['trace', jobId ?? null, job],
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    got(api.POST('/api/plans/trace', { signal, params: { query: of(jobId) }, body: job })),
  enabled: job !== null,
  staleTime: 5_000,
});

export const windowQuery = (job: Job | null, jobId?: string) => ({
  queryKey: ['window', jobId ?? null, job],
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    got(api.POST('/api/plans/window', { signal, params: { query: of(jobId) }, body: job })),
  enabled: job !== null,
  staleTime: 5_000,
});

/** An answer to what stands on the screen, or the last one there was. */
export interface Answered<T> {
  data: T | undefined;
  error: Error | null;
  isPending: boolean;
  isError: boolean;
  /** It answers what stood there before, and is shown pale. */
  pale: boolean;
  refetch: () => unknown;
}

/** Keeps the last answer while a new one is computed, and where there is none: it stays, pale, and never looks like an answer to something else. */
function useAnswered<T>(query: UseQueryResult<T>): Answered<T> {
  const [last, setLast] = useState<T>();
  const { data, isPlaceholderData } = query;
  useEffect(() => {
    if (data !== undefined && !isPlaceholderData) setLast(() => data);
  }, [data, isPlaceholderData]);
  return {
    data: data ?? last,
    error: query.error,
    isPending: query.isPending && last === undefined,
    isError: query.isError,
    pale: query.isError || isPlaceholderData,
    refetch: query.refetch,
  };
}

/** The plan of a job as it stands on the screen. While it is being recomputed the last one stays. */
export function usePlan(job: Job | null, jobId?: string): Answered<Plan> {
  const units = useUnits();
  return useAnswered(useQuery({ ...planQuery(job, units.system, jobId), placeholderData: keepPreviousData }));
}

export const useTrace = (job: Job | null, jobId?: string) =>
  useQuery({ ...traceQuery(job, jobId), placeholderData: keepPreviousData });

/** The window over temperature and time, for the picture of how much room there is. */
export const useWindow = (job: Job | null, jobId?: string) =>
  useQuery({ ...windowQuery(job, jobId), placeholderData: keepPreviousData });

/** Both faces of the item, drawn to measure, with what lies on them. */
export const usePlacement = (job: Job, piece: number | null = null) =>
  useQuery({
    queryKey: ['placement', job, piece],
    queryFn: ({ signal }) =>
      got(
        api.POST('/api/placement', {
          signal,
          params: {
            query: {
              ...(piece === null ? {} : { piece }),
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
