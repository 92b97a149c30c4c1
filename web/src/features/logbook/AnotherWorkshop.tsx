import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas, sent, sentInBackground } from '../../api/client';
import { Failed } from '../../ui/States';
import * as labels from './labels';

type Look = Schemas['LookedInto'];
const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** Jobs, own materials and what was learned, to another workshop and from it: shown before it counts, and taken back whole. */
export function AnotherWorkshop() {
  const queries = useQueryClient();
  const known = useQuery({ queryKey: ['exchange'], queryFn: () => got(api.GET('/api/exchange')), staleTime: 0 });
  const [from, setFrom] = useState(() => localStorage.getItem('juxtherm.workshop') ?? '');
  const [file, setFile] = useState<File | null>(null);
  const look = useMutation({ mutationFn: (chosen: File) => sent<Look>('/api/exchange/look', chosen) });
  const onSuccess = () => {
    setFile(null);
    look.reset();
    return queries.invalidateQueries();
  };
  const [progress, setProgress] = useState<Schemas['TakingIn'] | null>(null);
  const take = useMutation({
    mutationFn: (chosen: File) =>
      sentInBackground<Schemas['TakenIn'], Schemas['TakingIn']>('/api/exchange/take', chosen, setProgress),
    onSuccess,
    onSettled: () => setProgress(null),
  });
  const back = useMutation({
    mutationFn: (id: string) => got(api.DELETE('/api/exchange/{id}', { params: { path: { id } } })),
    onSuccess,
  });
  if (!known.data) return null;
  const failed = look.error ?? take.error ?? back.error;
  return (
    <section aria-label={labels.anotherWorkshop}>
      <h2>{labels.anotherWorkshop}</h2>
      <p className="text-[0.9rem] text-quiet mt-1 mb-3">{labels.anotherWorkshopWhy}</p>
      <div className="flex flex-wrap items-end gap-3">
        <label className="field grow">
          <span className="name">{labels.weAre}</span>
          <input
            className="input w-full"
            maxLength={80}
            value={from}
            onChange={(e) => {
              setFrom(e.target.value);
              localStorage.setItem('juxtherm.workshop', e.target.value);
            }}
          />
        </label>
        <a className="btn btn-outline" href={`/api/exchange/file?from=${encodeURIComponent(from)}`} download>
          {labels.giveAway}
        </a>
        <label className="btn btn-outline">
          {labels.lookInto}
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              e.target.value = '';
              if (!chosen) return;
              setFile(chosen);
              look.mutate(chosen);
            }}
          />
        </label>
      </div>
      <p className="mt-2 text-[0.9rem] text-quiet">
        {labels.ourSeal} <span className="font-mono">{known.data.seal}</span>
      </p>
      {failed && <Failed error={failed} />}
      {look.data && file && (
        <div className="notice mt-3" role="status">
          <p>
            <strong>{look.data.from || labels.aWorkshop}</strong> {labels.signedBy}{' '}
            <span className="font-mono">{look.data.signedBy}</span>
            {look.data.before ? labels.knownAlready : labels.compareSeal}
          </p>
          <ul className="mt-2 grid gap-0.5">
            <li>
              {labels.jobsIn(look.data.jobs.length, look.data.jobs.slice(0, 6).join(', '))}
              {look.data.here > 0 && labels.hereAlready(look.data.here)}
            </li>
            <li>{labels.ownIn(look.data.own.length, look.data.own.slice(0, 6).join(', '))}</li>
            <li>{labels.piecesIn(look.data.pieces)}</li>
          </ul>
          <p className="flex flex-wrap gap-3 mt-3">
            <button
              type="button"
              className="btn btn-primary"
              disabled={take.isPending}
              onClick={() => take.mutate(file)}
            >
              {labels.takeIn}
            </button>
            <button
              type="button"
              className="btn btn-outline"
              disabled={take.isPending}
              onClick={() => {
                setFile(null);
                look.reset();
              }}
            >
              {labels.leaveIt}
            </button>
            {take.isPending && (
              <span role="status" className="tabular-nums self-center">
                {progress && progress.total > 0 ? labels.checked(progress.ready, progress.total) : labels.takingIn}
              </span>
            )}
          </p>
        </div>
      )}
      {known.data.taken.length > 0 && (
        <ul className="scored border-y border-rule mt-4">
          {known.data.taken.map((t) => (
            <li key={t.id} className="flex flex-wrap items-baseline gap-x-4 py-2">
              <span className="grow">
                {t.from || labels.aWorkshop}
                <span className="block text-[0.87rem] text-quiet">
                  {when.format(new Date(t.atUtc))} · {labels.takenIn(t.jobs.length, t.own.length, t.pieces.length)}
                  {!t.whole && <strong className="block">{labels.interrupted}</strong>}
                </span>
              </span>
              <button
                type="button"
                className="btn btn-sm btn-outline"
                disabled={back.isPending}
                onClick={() => back.mutate(t.id)}
              >
                {labels.takeItOut}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
