import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../../api/client';
import { useWatch } from '../../app/useWatch';
import * as labels from './labels';

const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** Copies in a second place, and whether a backup was put back for a trial. */
export function SecondPlace() {
  const queries = useQueryClient();
  const watch = useWatch();
  const [folder, setFolder] = useState<string | null>(null);
  const done = (now: NonNullable<typeof watch.data>) => {
    queries.setQueryData(['watch'], now);
    setFolder(null);
  };
  const copy = useMutation({
    mutationFn: (to: string) => got(api.PUT('/api/watch/copies', { body: { folder: to || null } })),
    onSuccess: done,
  });
  const trial = useMutation({ mutationFn: () => got(api.POST('/api/watch/trial')), onSuccess: done });
  if (!watch.data) return null;
  const { copyFolder, copiedUtc, testedUtc } = watch.data;
  return (
    <section aria-label={labels.secondPlace}>
      <h2>{labels.secondPlace}</h2>
      <p className="text-[0.9rem] text-quiet mt-1 mb-3">{labels.secondPlaceWhy}</p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          copy.mutate((folder ?? copyFolder ?? '').trim());
        }}
      >
        <label className="field grow">
          <span className="name">{labels.copyFolder}</span>
          <input
            className="input w-full"
            value={folder ?? copyFolder ?? ''}
            placeholder={labels.copyFolderHint}
            onChange={(e) => setFolder(e.target.value)}
          />
        </label>
        <button type="submit" className="btn btn-outline" disabled={copy.isPending}>
          {labels.copyThere}
        </button>
      </form>
      {copy.isError && (
        <p role="alert" className="fault">
          {copy.error.message}
        </p>
      )}
      <p className="mt-2 text-[0.95rem]">
        {copyFolder && (copiedUtc ? labels.copiedAt(when.format(new Date(copiedUtc))) : labels.notCopiedYet)}
      </p>
      <p className="mt-3 text-[0.95rem]">
        {testedUtc ? labels.testedAt(when.format(new Date(testedUtc))) : labels.neverTested}{' '}
        {trial.isPending || watch.data.testing ? (
          <span role="status">{labels.testing}</span>
        ) : (
          <button type="button" className="link-quiet" onClick={() => trial.mutate()}>
            {labels.tryItNow}
          </button>
        )}
      </p>
    </section>
  );
}
