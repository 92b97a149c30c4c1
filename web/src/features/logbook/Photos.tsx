import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got, sent } from '../../api/client';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { type Entry, logChanged } from './queries';

/** A piece's photos, one more, one less. */
export function Photos({ entry }: { entry: Entry }) {
  const queries = useQueryClient();
  const onSuccess = () => logChanged(queries);
  const add = useMutation({
    mutationFn: (file: File) => sent<Entry>(`/api/log/${entry.id}/photos`, file),
    onSuccess,
  });
  const remove = useMutation({
    mutationFn: (photo: string) => got(api.DELETE('/api/log/photos/{photo}', { params: { path: { photo } } })),
    onSuccess,
  });
  return (
    <section aria-label={labels.photos}>
      <div className="flex flex-wrap gap-3 items-end">
        {entry.photos.map((photo, i) => (
          <figure key={photo} className="relative">
            <a href={`/api/log/photos/${photo}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/log/photos/${photo}/small`}
                alt={`${entry.title || labels.thePiece}, ${i + 1}`}
                className="h-28 border border-rule"
              />
            </a>
            <button
              type="button"
              aria-label={labels.takePhotoAway(i + 1)}
              className="absolute top-0 right-0 bg-paper border border-rule size-7"
              onClick={() => remove.mutate(photo)}
            >
              ×
            </button>
          </figure>
        ))}
        <label className="link-quiet cursor-pointer">
          {add.isPending ? labels.makingItSmall : entry.photos.length > 0 ? labels.anotherPhoto : labels.addAPhoto}
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) add.mutate(file);
              e.target.value = '';
            }}
          />
        </label>
      </div>
      {add.isError && <Failed error={add.error} />}
    </section>
  );
}
