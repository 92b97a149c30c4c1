import { keepPreviousData, type QueryClient, useQuery } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import type { Job } from '../../api/job';

export type Entry = Schemas['LogAnswer'];
export type Lesson = Schemas['Lesson'];
export type Mark = Schemas['LogMarkAnswer'];

/** What is looked for, as it stands in the address. */
export const SEARCHED = [
  'text',
  'vinyl',
  'material',
  'heatSource',
  'outcome',
  'lot',
  'person',
  'from',
  'until',
  'run',
] as const;
export type Search = Partial<Record<(typeof SEARCHED)[number], string>>;

export function searchOf(address: URLSearchParams): Search {
  const found: Search = {};
  for (const name of SEARCHED) {
    const value = address.get(name);
    if (value) found[name] = value;
  }
  return found;
}

/** The last day counts whole: the service takes the time at which to stop. */
export function asked(search: Search): Search {
  if (!search.until) return search;
  const day = new Date(`${search.until}T00:00:00Z`);
  if (Number.isNaN(day.getTime())) return search;
  day.setUTCDate(day.getUTCDate() + 1);
  return { ...search, until: day.toISOString().slice(0, 10) };
}

export const useLog = (search: Search, take: number) =>
  useQuery({
    queryKey: ['log', search, take],
    queryFn: () => got(api.GET('/api/log', { params: { query: { ...asked(search), take } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });

export const useChoices = () =>
  useQuery({ queryKey: ['log-choices'], queryFn: () => got(api.GET('/api/log/choices')), staleTime: 0 });

export const useLearned = () =>
  useQuery({ queryKey: ['learned'], queryFn: () => got(api.GET('/api/learned')), staleTime: 0 });

/** What came out with this vinyl on this blank under this press. */
export const useMarks = (vinyl: string, material: string, heatSource: string) =>
  useQuery({
    queryKey: ['marks', vinyl, material, heatSource],
    queryFn: () => got(api.GET('/api/log/marks', { params: { query: { vinyl, material, heatSource } } })),
    staleTime: 0,
  });

export const useLearnedInJob = (job: Job, id: string) =>
  useQuery({
    queryKey: ['learned-in-job', id, job],
    queryFn: () => got(api.POST('/api/plans/learned', { params: { query: { job: id } }, body: job })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });

/** After the logbook changed: what it says, what it taught, and every plan made with that. */
export const logChanged = (queries: QueryClient) =>
  Promise.all(
    [
      'log',
      'log-choices',
      'learned',
      'learned-in-job',
      'learned-since',
      'marks',
      'plan',
      'trace',
      'window',
      'jobs',
    ].map((key) => queries.invalidateQueries({ queryKey: [key] })),
  );
