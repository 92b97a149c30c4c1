import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useId } from 'react';
import { api, got, type Schemas, sent } from '../../api/client';
import { Failed } from '../../ui/States';
import * as labels from './labels';

type Font = Schemas['LetterFont'];

interface Props {
  /** The font that is chosen; undefined where it is not here. */
  font: Font | undefined;
  /** What is called for and not here; empty where nothing is. */
  missing: string;
  onAdded: (id: string) => void;
  onRemoved: () => void;
}

/** Fonts from one's own disk: added once, at hand in every job; what the font says of its license stands beside it. */
export function OwnFont({ font, missing, onAdded, onRemoved }: Props) {
  const id = useId();
  const queries = useQueryClient();
  // Plans, proofs and pictures all depend on what fonts there are.
  const renew = () => queries.invalidateQueries();
  const add = useMutation({
    mutationFn: (file: File) => sent<Font>('/api/fonts', file),
    onSuccess: async (added) => {
      await renew();
      onAdded(added.id);
    },
  });
  const remove = useMutation({
    mutationFn: (gone: Font) => got(api.DELETE('/api/fonts/{id}', { params: { path: { id: gone.id } } })),
    onSuccess: async () => {
      onRemoved();
      await renew();
    },
  });
  return (
    <div className="mt-3 text-[0.9rem]">
      {missing && <p className="font-semibold mb-1">{labels.fontMissing(missing)}</p>}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <label htmlFor={id} className={`btn btn-sm btn-outline ${add.isPending ? 'btn-disabled' : ''}`}>
          {add.isPending ? labels.workingItOut : labels.addAFont}
        </label>
        <input
          id={id}
          type="file"
          accept=".otf,.ttf,.woff,.woff2,font/*"
          className="sr-only"
          disabled={add.isPending}
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) add.mutate(file);
            e.target.value = '';
          }}
        />
        {font?.isOwn ? (
          <>
            <span className="text-quiet max-w-[70ch]">
              {font.from ? labels.licenceOf(font.from) : labels.noLicence}
            </span>
            <button
              type="button"
              className="link-quiet"
              disabled={remove.isPending}
              onClick={() => remove.mutate(font)}
            >
              {labels.removeTheFont}
            </button>
          </>
        ) : (
          <span className="text-quiet">{labels.fontsFromDisk}</span>
        )}
      </div>
      {add.isError && <Failed error={add.error} />}
      {remove.isError && <Failed error={remove.error} />}
    </div>
  );
}
