import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas, saved } from '../../api/client';
import { Failed, Loading } from '../../ui/States';
import { forgetRuns } from '../bench/keptRun';
import { forgetUnsaved } from '../jobs/useJobDraft';
import { LogFrame } from '../logbook/LogFrame';
import { FoundPlaces } from './FoundPlaces';
import { FromJob } from './FromJob';
import * as labels from './labels';
import { TakeOut } from './TakeOut';

/** What is kept of people by their names: found, saved for them, and taken out. */
export function NamesPage() {
  const queries = useQueryClient();
  const [typed, setTyped] = useState('');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [asking, setAsking] = useState(false);
  const names = typed
    .split('\n')
    .map((name) => name.trim())
    .filter((name) => name);
  const find = useMutation({ mutationFn: () => got(api.POST('/api/keeping/names', { body: { names } })) });
  const save = useMutation({
    mutationFn: () => saved('/api/keeping/names/archive', { names }, 'names.juxtherm.zip'),
  });
  const forget = useMutation({
    mutationFn: (backups: boolean) =>
      got(api.POST('/api/keeping/names/forget', { body: { names, leave: [...left], backups } })),
    onSuccess: async () => {
      // What this browser keeps has them as well.
      forgetUnsaved();
      await forgetRuns();
      await queries.invalidateQueries();
    },
    onSettled: () => setAsking(false),
  });
  const change = (now: string) => {
    setTyped(now);
    setLeft(new Set());
    setAsking(false);
    find.reset();
    forget.reset();
  };
  const found: Schemas['NamesAnswer'] | undefined = forget.data ?? find.data;
  const chosen = found?.places.filter((p) => !left.has(p.place)) ?? [];
  const busy = find.isPending || forget.isPending;
  return (
    <LogFrame>
      <div className="grid gap-x-12 gap-y-9 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        <section aria-label={labels.whose}>
          <h2>{labels.whose}</h2>
          <p className="text-[0.9rem] text-quiet mt-1 mb-4">{labels.why}</p>
          <form
            className="grid gap-4"
            onSubmit={(e) => {
              e.preventDefault();
              setLeft(new Set());
              forget.reset();
              find.mutate();
            }}
          >
            <label className="field">
              <span className="name">{labels.names}</span>
              <textarea
                className="input h-auto! py-2! min-h-28 w-full whitespace-pre-wrap"
                value={typed}
                onChange={(e) => change(e.target.value)}
                autoComplete="off"
              />
            </label>
            <FromJob onNames={(all) => change(all.join('\n'))} />
            <p className="flex items-baseline gap-4">
              <button type="submit" className="btn btn-primary" disabled={busy || names.length === 0}>
                {labels.find}
              </button>
              {names.length === 0 && <span className="text-quiet text-[0.9rem]">{labels.typeAName}</span>}
            </p>
          </form>
          <p className="text-[0.9rem] text-quiet mt-6">{labels.drawings}</p>
        </section>
        <section aria-label={labels.kept} aria-busy={busy}>
          <h2 className="mb-3">{labels.kept}</h2>
          {[find, save, forget].map((m) => (m.error ? <Failed key={m.error.message} error={m.error} /> : null))}
          {busy && <Loading what={labels.theNames} />}
          {!found && !busy && <p className="text-quiet">{labels.nothingYet}</p>}
          {found && !busy && (
            <>
              <p role="status" className="mb-3">
                {forget.data
                  ? found.places.length > 0
                    ? labels.stillThere
                    : labels.takenOut
                  : found.places.length === 0 && labels.nothing}{' '}
                {found.backups > 0 &&
                  !forget.variables &&
                  found.places.length === 0 &&
                  labels.backupsHold(found.backups)}
              </p>
              <FoundPlaces places={found.places} left={left} onLeft={setLeft} />
              {found.places.length > 0 && !asking && (
                <p className="flex flex-wrap gap-3 mt-5">
                  <button
                    type="button"
                    className="btn btn-outline"
                    disabled={save.isPending}
                    onClick={() => save.mutate()}
                  >
                    {labels.saveIt}
                  </button>
                  <button
                    type="button"
                    className="btn btn-outline"
                    disabled={chosen.length === 0}
                    onClick={() => setAsking(true)}
                  >
                    {labels.takeOut}
                  </button>
                </p>
              )}
              {asking && (
                <TakeOut
                  places={chosen}
                  backups={found.backups}
                  onTakeOut={(backups) => forget.mutate(backups)}
                  onNotNow={() => setAsking(false)}
                />
              )}
            </>
          )}
        </section>
      </div>
    </LogFrame>
  );
}
