import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { useUnits } from '../../app/units';

export type Day = Schemas['CurrentDay'] & Schemas['DayPlan'];
export type Stretch = Schemas['DayStretch'];
export type DayEvent = Schemas['DayEvent'];

const LOOKING_MS = 1_000;
const LOOK_MS = 15_000;

/** The day that is planned; null where there is none. */
export function useDay() {
  const units = useUnits();
  return useQuery({
    queryKey: ['day', units.system],
    queryFn: async (): Promise<Day | null> => {
      const answer = await api.GET('/api/day', { params: { query: { units: units.system } } });
      return answer.response.status === 204 ? null : ((await got(Promise.resolve(answer))) as Day);
    },
    // What the bench says changes it, and so does whoever looks for something better.
    refetchInterval: (query) => (query.state.data?.improving ? LOOKING_MS : LOOK_MS),
    staleTime: 0,
  });
}

/** Something happened; the rest is planned anew. */
export function useHappens() {
  const units = useUnits();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (said: Omit<DayEvent, 'commandId'>) =>
      (await got(
        api.POST('/api/day/events', {
          params: { query: { units: units.system } },
          body: { ...said, commandId: newId() },
        }),
      )) as Day,
    onSuccess: (day) => queries.setQueryData(['day', units.system], day),
  });
}

/** Looks for something better in the background, or stops looking. */
export function useImprove() {
  const units = useUnits();
  const queries = useQueryClient();
  const set = (day: unknown) => queries.setQueryData(['day', units.system], day);
  const params = { params: { query: { units: units.system } } };
  const begin = useMutation({ mutationFn: () => got(api.POST('/api/day/improve', params)), onSuccess: set });
  const stop = useMutation({ mutationFn: () => got(api.POST('/api/day/improve/stop', params)), onSuccess: set });
  return { begin, stop };
}
