import { useQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';

const LOOK_MS = 600_000;
const TRIAL_MS = 2_000;

/** How safe the workshop is; for its owner. */
export const useWatch = (wanted = true) =>
  useQuery({
    queryKey: ['watch'],
    queryFn: () => got(api.GET('/api/watch')),
    enabled: wanted,
    staleTime: LOOK_MS,
    // A trial under way is asked after until it ends.
    refetchInterval: (query) => (query.state.data?.testing ? TRIAL_MS : LOOK_MS),
  });
