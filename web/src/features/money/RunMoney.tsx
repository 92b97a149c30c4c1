import { useQuery } from '@tanstack/react-query';
import { api, got } from '../../api/client';
import * as labels from './labels';

/** What a finished run cost, beside what was planned; nothing while no prices are known. */
export function RunMoney({ runId }: { runId: string }) {
  const cost = useQuery({
    queryKey: ['run-cost', runId],
    queryFn: () => got(api.GET('/api/runs/{id}/cost', { params: { path: { id: runId } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (!cost.data || Number(cost.data.planned) <= 0) return null;
  const { real, planned, why, currency } = cost.data;
  return (
    <p className="max-w-[60ch]">
      {labels.itCost(`${currency}${real}`, `${currency}${planned}`)} {why.join(' ')}
    </p>
  );
}
