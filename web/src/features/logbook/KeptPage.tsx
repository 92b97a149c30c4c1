import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got, Refused, type Schemas, sent } from '../../api/client';
import { Failed, Loading } from '../../ui/States';
import { AnotherWorkshop } from './AnotherWorkshop';
import { LogFrame } from './LogFrame';
import * as labels from './labels';
import { SecondPlace } from './SecondPlace';

const WHY: Record<string, string> = {
  daily: labels.madeByItself,
  asked: labels.madeBecauseYouAsked,
  'before-migration': labels.beforeANewerProgram,
  'before-restore': labels.beforeAnotherWasPutBack,
  'before-import': labels.beforeAWorkshopWasTaken,
};
const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'full', timeStyle: 'short' });

/** Backups, and the whole workshop out and in. */
export function KeptPage() {
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ['keeping'], queryFn: () => got(api.GET('/api/keeping')), staleTime: 0 });
  const make = useMutation({
    mutationFn: () => got(api.POST('/api/keeping/backups')),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['keeping'] }),
  });
  // Everything on every page may be another now.
  const onSuccess = () => queries.invalidateQueries();
  const restore = useMutation({
    mutationFn: (name: string) => got(api.POST('/api/keeping/backups/{name}/restore', { params: { path: { name } } })),
    onSuccess,
  });
  const takeIn = useMutation({
    mutationFn: ({ file, setAside }: { file: File; setAside: boolean }) =>
      sent<Schemas['PutBack']>(`/api/keeping/archive${setAside ? '?setAside=true' : ''}`, file),
    onSuccess,
  });
  const partly = takeIn.error instanceof Refused && takeIn.error.code === 'unreadable-rows' ? takeIn.variables : null;
  if (kept.isPending)
    return (
      <LogFrame>
        <Loading what={labels.theBackups} />
      </LogFrame>
    );
  if (kept.isError)
    return (
      <LogFrame>
        <Failed error={kept.error} retry={() => kept.refetch()} />
      </LogFrame>
    );
  const busy = restore.isPending || takeIn.isPending;
  const back = restore.data ?? takeIn.data;
  return (
    <LogFrame>
      {back && !busy && (
        <div role="status" className="notice mb-5">
          <p>
            <strong>{labels.itIsBack}</strong>
            {labels.whatWasHereBeforeIs}
          </p>
          <button
            type="button"
            className="btn btn-sm btn-outline mt-2"
            onClick={() => {
              takeIn.reset();
              restore.mutate(back.kept.name);
            }}
          >
            {labels.undoPutBackWhatWas}
          </button>
        </div>
      )}
      {[make, restore, takeIn]
        .map((m) => m.error)
        .map((error) => (error ? <Failed key={error.message} error={error} /> : null))}
      {partly && (
        <p className="mx-6 mb-6">
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => takeIn.mutate({ file: partly.file, setAside: true })}
          >
            {labels.takeTheRestIn}
          </button>
        </p>
      )}
      {kept.data.setAside.length > 0 && (
        <section aria-label={labels.setAside} className="mb-8 max-w-[46rem]">
          <h2>{labels.setAside}</h2>
          <p className="text-[0.9rem] text-quiet mt-1 mb-3">{labels.theseCouldNotBeRead}</p>
          <ul className="scored border-y border-rule">
            {kept.data.setAside.map((row) => (
              <li key={`${row.name} ${row.atUtc}`} className="py-2.5">
                {row.name || labels.withoutAName}
                <span className="block text-[0.87rem] text-quiet">
                  {row.why} {when.format(new Date(row.atUtc))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <section aria-label={labels.backups}>
          <div className="flex items-baseline gap-4">
            <h2>{labels.backups}</h2>
            <button
              type="button"
              className="btn btn-sm btn-outline ml-auto"
              disabled={make.isPending}
              onClick={() => make.mutate()}
            >
              {labels.makeOneNow}
            </button>
          </div>
          <p className="text-[0.9rem] text-quiet mt-1 mb-3">
            {labels.oneADayByItself}
            <span className="break-all">{labels.backups2(kept.data.folder)}</span>.
          </p>
          {kept.data.backups.length === 0 && <p className="border-y border-rule py-6 text-quiet">{labels.noneYet}</p>}
          <ul className="scored border-y border-rule">
            {kept.data.backups.map((b) => (
              <li key={b.name} className="flex flex-wrap items-baseline gap-x-4 py-2.5">
                <span>
                  {when.format(new Date(b.madeUtc))}
                  <span className="block text-[0.87rem] text-quiet tabular-nums">
                    {WHY[b.why] ?? b.why}, {size(b.bytes)}
                  </span>
                </span>
                <span className="ml-auto flex gap-4 items-baseline">
                  <a className="link-quiet" href={`/api/keeping/backups/${b.name}`} download>
                    {labels.saveACopy}
                  </a>
                  <button
                    type="button"
                    className="btn btn-sm btn-outline"
                    aria-label={labels.putItBack(when.format(new Date(b.madeUtc)))}
                    disabled={busy}
                    onClick={() => {
                      takeIn.reset();
                      restore.mutate(b.name);
                    }}
                  >
                    {labels.putItBack2}
                  </button>
                </span>
              </li>
            ))}
          </ul>
          <div className="mt-9">
            <AnotherWorkshop />
          </div>
        </section>
        <section aria-label={labels.theWholeWorkshop}>
          <h2>{labels.theWholeWorkshopInOne}</h2>
          <p className="text-[0.9rem] text-quiet mt-1 mb-3">{labels.jobsWithTheirArtworkThe}</p>
          <p className="flex flex-wrap gap-3">
            <a className="btn btn-primary" href="/api/keeping/archive" download>
              {labels.saveTheWholeWorkshop}
            </a>
            <label className={`btn btn-outline ${busy ? 'btn-disabled' : ''}`}>
              {takeIn.isPending ? labels.takingItIn : labels.takeAWorkshopIn}
              <input
                type="file"
                accept=".zip,application/zip"
                className="sr-only"
                disabled={busy}
                onChange={(e) => {
                  const file = e.target.files?.[0];
                  if (file) {
                    restore.reset();
                    takeIn.mutate({ file, setAside: false });
                  }
                  e.target.value = '';
                }}
              />
            </label>
          </p>
          <p className="text-[0.9rem] text-quiet mt-3">{labels.aWorkshopThatIsTaken}</p>
          <div className="mt-9">
            <SecondPlace />
          </div>
        </section>
      </div>
    </LogFrame>
  );
}

function size(bytes: number): string {
  return bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
}
