import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { day } from '../../app/dates';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Failed } from '../../ui/States';
import { CAME } from '../press/Patches';
import * as labels from './labels';
import { logChanged } from './queries';

/** Test patches that every later job on the same press, vinyl and blank is planned by; one that misleads can be struck. */
export function KeptPatches({ patches }: { patches: readonly Schemas['KeptPatchAnswer'][] }) {
  const units = useUnits();
  const queries = useQueryClient();
  const strike = useMutation({
    mutationFn: ({ id, struck }: { id: number; struck: boolean }) =>
      got(api.PUT('/api/learned/patches/{id}', { params: { path: { id } }, body: { struck } })),
    onSuccess: () => logChanged(queries),
  });
  if (patches.length === 0) return null;
  return (
    <section aria-label={labels.testPatches} className="mb-8">
      <h2>{labels.testPatches}</h2>
      <p className="text-[0.9rem] text-quiet max-w-[72ch] mt-0.5">{labels.patchesCount}</p>
      {strike.isError && <Failed error={strike.error} />}
      <ul className="scored border-y border-rule mt-2">
        {patches.map((p) => (
          <li
            key={p.id}
            className={`flex flex-wrap items-baseline gap-x-5 gap-y-1 py-2 tabular-nums ${p.struck ? 'text-quiet line-through' : ''}`}
          >
            <span className="w-[7rem]">{day(p.atUtc)}</span>
            <span className="grow basis-[20rem]">{p.on.join(' · ')}</span>
            <span>
              {units.temperature(p.celsius)}, {time(p.seconds)}
              {p.pressure ? `, ${p.pressure}` : ''}
            </span>
            <strong className="font-semibold w-[8rem]">{CAME.find((c) => c.id === p.outcome)?.word}</strong>
            <button
              type="button"
              className="btn btn-sm btn-ghost"
              disabled={strike.isPending}
              onClick={() => strike.mutate({ id: Number(p.id), struck: !p.struck })}
            >
              {p.struck ? labels.countItAgain : labels.strikeIt}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
