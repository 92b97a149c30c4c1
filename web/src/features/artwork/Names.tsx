import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../../api/client';
import type { Job } from '../../api/job';
import { garmentsIn, type Piece, piecesOf, withPieces } from '../../api/pieces';
import { useUnits } from '../../app/units';
import { contrast } from '../../ui/contrast';
import { NotRead } from '../../ui/NotRead';
import { Failed } from '../../ui/States';
import { SIZE_NAMES } from '../../ui/sizes';
import type { Word } from './desk';
import * as labels from './labels';

interface Props {
  job: Job;
  /** Asked for, though nothing carries names yet. */
  open: boolean;
  onEdit: (change: (job: Job) => Job) => void;
  onHeight: (layer: string, word: Word) => void;
  /** Sets the first names of a job: what carries them is made with them. */
  onFirst: (names: readonly Piece[]) => void;
}

/** A name for each garment of a run, and the sheet to check the spelling on. */
export function Names({ job, open, onEdit, onHeight, onFirst }: Props) {
  const carrier = job.layers.find((l) => (l.word as Word | undefined)?.fromNames);
  const [text, setText] = useState('');
  const read = useMutation({
    mutationFn: (list: string) => got(api.POST('/api/artwork/names', { body: { text: list } })),
    onSuccess: ({ names, notRead }, list) => {
      if (names.length > 0 && carrier) onEdit((j) => withPieces(j, names));
      else if (names.length > 0) onFirst(names);
      // What could not be read stays in sight, beside what it was read from.
      setText(notRead.length > 0 ? list : '');
    },
  });
  const names = piecesOf(job);
  const named = names.filter((n) => n.name);
  if (!carrier && !open && named.length === 0) return null;
  return (
    <section aria-label={labels.names}>
      <h2>
        {labels.names2}
        <span className="font-normal text-quiet text-[0.87rem]">{labels.oneOnEachLineOr}</span>
      </h2>
      <form
        className="mt-2 print:hidden"
        onSubmit={(e) => {
          e.preventDefault();
          read.mutate(text);
        }}
      >
        <label className="field">
          <span className="name">{named.length === 0 ? labels.listOfNames : labels.anotherListInItsPlace}</span>
          <textarea
            className="input h-auto! py-2! min-h-24 w-full whitespace-pre-wrap"
            rows={4}
            placeholder={labels.wrenChildGoldOskAdult}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2 mt-2">
          <button type="submit" className="btn btn-sm btn-outline" disabled={!text.trim() || read.isPending}>
            {labels.readTheList}
          </button>
          <label className="link-quiet text-[0.9rem] focus-within:outline-2 focus-within:outline-offset-2">
            {labels.orTakeItFromA}
            <input
              type="file"
              accept=".csv,.txt,text/csv,text/plain"
              className="sr-only"
              onChange={(e) => {
                void e.target.files?.[0]?.text().then((list) => read.mutate(list));
                e.target.value = '';
              }}
            />
          </label>
        </div>
      </form>
      {read.isError && <Failed error={read.error} />}
      <NotRead read={read.data} />
      {named.length > 0 && !carrier && (
        <button type="button" className="btn btn-primary mt-3" onClick={() => onFirst(names)}>
          {labels.putThemOn(named.length)}
        </button>
      )}
      {named.length > 0 && carrier && (
        <Proof job={job} names={names} onEdit={onEdit} onHeight={onHeight} carrier={carrier.word as Word} />
      )}
    </section>
  );
}

function Proof({
  job,
  names,
  onEdit,
  onHeight,
  carrier,
}: { job: Job; names: readonly Piece[]; carrier: Word } & Pick<Props, 'onEdit' | 'onHeight'>) {
  const units = useUnits();
  const sheet = useQuery({
    queryKey: ['proof', job],
    queryFn: () => got(api.POST('/api/artwork/proof', { body: job })),
    placeholderData: (before) => before,
  });
  const cloth = (job.blank.colour as string | undefined) ?? '#ece5d8';
  const carried = job.layers.find((l) => (l.word as Word | undefined)?.fromNames)?.colour || '#222222';
  const set = (index: number, change: Partial<Piece>) =>
    onEdit((j) =>
      withPieces(
        j,
        piecesOf(j).map((n, i) => (i === index ? { ...n, ...change } : n)),
      ),
    );
  const named = names.filter((n) => n.name);
  const ticked = named.filter((n) => n.proofed).length;
  return (
    <div className="mt-4" data-testid="proof">
      <p className="text-[1.05rem]">
        <strong>{labels.ofReadAndTicked(ticked, named.length)}</strong>{' '}
        <span className="text-quiet">{labels.garmentsReadEachNameLetter(garmentsIn(named))}</span>
      </p>
      {sheet.data?.heightThatFitsMm && (
        <div className="notice caution mt-2">
          <p>
            <strong>{labels.caution}</strong>
            {labels.theWidestNameIsWide(
              units.lengthShown(sheet.data.widestMm),
              units.lengthUnit,
              units.lengthShown(sheet.data.heightThatFitsMm),
            )}
          </p>
          <button
            type="button"
            className="btn btn-sm btn-outline mt-2"
            onClick={() =>
              onHeight(sheet.data.layerId, { ...carrier, heightMm: sheet.data.heightThatFitsMm as number })
            }
          >
            {labels.makeAllThatHigh}
          </button>
        </div>
      )}
      <ul className="grid sm:grid-cols-2 xl:grid-cols-3 gap-3 mt-3">
        {names.map((n, i) => {
          if (!n.name) return null;
          const ground = n.garmentColour ?? cloth;
          const proof = sheet.data?.names.find((p) => p.index === i);
          const b = proof?.box;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a garment is known by its place in the list
            <li key={i} className="border border-rule p-2.5 break-inside-avoid" data-proof={i}>
              <div className="h-16 grid place-items-center" style={{ background: ground }}>
                {b && proof && proof.entry.name === n.name ? (
                  <svg
                    viewBox={`${b.xMm - 2} ${b.yMm - 2} ${b.widthMm + 4} ${b.heightMm + 4}`}
                    className="max-h-14 max-w-full px-2"
                    role="img"
                    aria-label={n.name}
                  >
                    <path
                      d={proof.path}
                      fillRule="evenodd"
                      fill={n.colour ?? carried}
                      {...outlined(n.colour ?? carried, ground)}
                    />
                  </svg>
                ) : (
                  <span className="text-quiet">…</span>
                )}
              </div>
              <div className="flex items-center gap-2 mt-2">
                <NameField value={n.name} index={i} onChange={(name) => set(i, { name, proofed: false })} />
                <label className="flex items-center gap-1.5 cursor-pointer min-h-9 text-[0.9rem]">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    aria-label={labels.isSpelledRight(n.name)}
                    checked={n.proofed ?? false}
                    onChange={(e) => set(i, { proofed: e.target.checked })}
                  />
                  {labels.right}
                </label>
              </div>
              <p className="text-[0.87rem] text-quiet mt-1">
                {n.size ? (SIZE_NAMES[n.size] ?? n.size) : labels.sizeNotGiven} · {n.count ?? 1}{' '}
                {(n.count ?? 1) === 1 ? 'piece' : 'pieces'}
                {proof && !proof.fits && <strong className="text-ink">{labels.tooWide}</strong>}
                {proof && proof.missing.length > 0 && (
                  <strong className="text-ink">{labels.theFontHasNo(proof.missing.join(' '))}</strong>
                )}
              </p>
            </li>
          );
        })}
      </ul>
      <div className="flex gap-3 mt-3 print:hidden">
        <button type="button" className="btn btn-sm btn-outline" onClick={() => window.print()}>
          {labels.printTheSheet}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-ghost"
          onClick={() =>
            onEdit((j) =>
              withPieces(
                j,
                piecesOf(j).map((n) => ({ ...n, name: '' })),
              ),
            )
          }
        >
          {labels.noNamesAfterAll}
        </button>
      </div>
    </div>
  );
}

/** A name that would be lost on its ground, or on white paper, is drawn with an outline: it is there to be read. */
function outlined(colour: string, cloth: string) {
  const faint = contrast(colour, cloth) < 1.6 || contrast(colour, '#ffffff') < 1.6;
  return faint ? { stroke: contrast('#221e19', cloth) > 3 ? '#221e19' : '#fffaf0', strokeWidth: 0.6 } : {};
}

/** A name to correct: it is taken when the field is left, so that half a name is never kept. */
function NameField({ value, index, onChange }: { value: string; index: number; onChange: (name: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  const keep = () => {
    if (text?.trim() && text.trim() !== value) onChange(text.trim());
    setText(null);
  };
  return (
    <input
      className="input input-sm grow min-w-0"
      aria-label={labels.name(index + 1)}
      maxLength={80}
      value={text ?? value}
      onChange={(e) => setText(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === 'Enter') keep();
        if (e.key === 'Escape') setText(null);
      }}
    />
  );
}
