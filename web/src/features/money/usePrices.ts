import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';

export type Prices = Schemas['Prices'];

export const usePrices = () => useQuery({ queryKey: ['prices'], queryFn: () => got(api.GET('/api/prices')) });

export function useKeepPrices() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (prices: Prices) => got(api.PUT('/api/prices', { body: prices })),
    onSuccess: (prices) => {
      queries.setQueryData(['prices'], prices);
      void queries.invalidateQueries({ queryKey: ['cost'] });
    },
  });
}
