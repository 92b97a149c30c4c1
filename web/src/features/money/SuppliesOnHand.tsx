import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import { NumberField } from '../../ui/Fields';
import * as labels from './labels';

type Supplies = Schemas['Supplies'];

/** Transfer sheets on hand, as good as new, and what one costs; kept as soon as the field is left. */
export function SuppliesOnHand() {
  const queries = useQueryClient();
  const there = useQuery({ queryKey: ['supplies'], queryFn: () => got(api.GET('/api/supplies')) });
  const [typed, setTyped] = useState<Supplies | null>(null);
  useEffect(() => setTyped(there.data ?? null), [there.data]);
  const keep = useMutation({
    mutationFn: (supplies: Supplies) => got(api.PUT('/api/supplies', { body: supplies })),
    onSuccess: (supplies) => queries.setQueryData(['supplies'], supplies),
  });
  if (!typed) return null;
  const leave = () => JSON.stringify(typed) !== JSON.stringify(there.data) && keep.mutate(typed);
  return (
    <form
      className="flex flex-wrap items-end gap-x-6 gap-y-3 mt-6"
      onBlur={leave}
      onSubmit={(e) => {
        e.preventDefault();
        leave();
      }}
    >
      <NumberField
        name={labels.transferSheets}
        unit=""
        value={typed.transferSheets}
        onChange={(n) => setTyped({ ...typed, transferSheets: n ?? 0 })}
      />
      <NumberField
        name={labels.eachCosts}
        unit=""
        value={typed.transferSheetPrice ?? undefined}
        onChange={(n) => setTyped({ ...typed, transferSheetPrice: n ?? null })}
      />
      {keep.isError && <p className="fault">{keep.error.message}</p>}
    </form>
  );
}
