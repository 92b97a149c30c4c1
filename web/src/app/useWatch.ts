import { useQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';

const LOOK_MS = 600_000;

/** How safe the workshop is; for its owner. */
export const useWatch = (wanted = true) =>
  useQuery({
    queryKey: ['watch'],
    queryFn: () => got(api.GET('/api/watch')),
    enabled: wanted,
    staleTime: LOOK_MS,
    refetchInterval: LOOK_MS,
  });
