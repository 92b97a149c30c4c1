import { changed, type Job, type Own, type OwnEntry } from '../../api/job';
import { useShelf } from '../../api/queries';
import * as labels from './labels';

/** Says when the shelf holds other figures for something that this job carries, and takes them on request. */
export function ShelfNews({ job, onTake }: { job: Job; onTake: (change: (job: Job) => Job) => void }) {
  const shelf = useShelf();
  const newer = newerEntries(job.own, shelf.data ?? []);
  if (newer.length === 0) return null;
  return (
    <div role="status" className="notice caution mb-5 flex flex-wrap gap-x-5 gap-y-2 items-center">
      <p>{labels.theShelfHasOtherFigures(newer.map((e) => `“${String(e.name)}”`).join(', '))}</p>
      <button type="button" className="btn btn-sm btn-outline" onClick={() => onTake((j) => withEntries(j, newer))}>
        {labels.takeTheNewOnes}
      </button>
    </div>
  );
}

/** Entries of the shelf that differ from what a job carries under the same id. */
export function newerEntries(own: Own | undefined, shelf: readonly { id: string; entry?: unknown }[]): OwnEntry[] {
  const carried = [...(own?.vinyls ?? []), ...(own?.blanks ?? []), ...(own?.presses ?? [])];
  return carried
    .map((mine) => ({ mine, theirs: shelf.find((s) => s.id === mine.id)?.entry as OwnEntry | undefined }))
    .filter(({ mine, theirs }) => theirs !== undefined && JSON.stringify(theirs) !== JSON.stringify(mine))
    .map(({ theirs }) => theirs as OwnEntry);
}

function withEntries(job: Job, entries: readonly OwnEntry[]): Job {
  const taken = (list: OwnEntry[] | undefined) => list?.map((mine) => entries.find((e) => e.id === mine.id) ?? mine);
  const own: Record<string, unknown> = { ...job.own };
  for (const kind of ['vinyls', 'blanks', 'presses'] as const) {
    const list = taken(job.own?.[kind]);
    if (list) own[kind] = list;
  }
  return changed(job, { own: own as Own });
}
