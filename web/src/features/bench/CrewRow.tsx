import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, got, type Run } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { SIZE_NAMES } from '../../ui/sizes';
import { OutcomeMark, outcomeWord } from '../logbook/outcomes';
import { Chips } from './Chips';
import * as labels from './labels';
import { STANDS } from './stands';
import { type Piece, sizeWord, useSay, whose } from './useRun';

export function Row({ run, piece }: { run: Run; piece: Piece }) {
  const navigate = useNavigate();
  const { say, refusal } = useSay(run, 1, null);
  const [editing, setEditing] = useState(false);
  const running = run.status === 'running';
  const station = run.stations[piece.station - 1];
  const bare = piece.status === 'waiting' || piece.status === 'to-cut';
  const recut = useMutation({
    mutationFn: () =>
      got(api.POST('/api/runs/{id}/pieces/{piece}/recut', { params: { path: { id: run.id, piece: piece.number } } })),
    onSuccess: (made) => navigate(`/jobs/${made.jobId}/cut`),
  });
  return (
    <tr className="border-t border-rule align-middle" data-piece={piece.number} data-status={piece.status}>
      <td className="py-2.5 tabular-nums text-quiet">{piece.number}</td>
      <td className="py-2.5 pr-4" colSpan={editing ? 2 : 1}>
        {editing ? (
          <Wanted
            run={run}
            name={piece.name}
            size={piece.size ?? ''}
            word="Keep"
            onClose={() => setEditing(false)}
            onKeep={(name, size) => {
              say({
                action: 'change',
                piece: piece.number,
                wanted: { name, size: size || null, colour: null },
              });
              setEditing(false);
            }}
          />
        ) : (
          <span className="flex items-center gap-2.5">
            <Chips piece={piece} />
            <strong className="font-semibold">{whose(piece)}</strong>
            {piece.insteadOf && <span className="text-quiet text-[0.9rem]">{labels.insteadOf(piece.insteadOf)}</span>}
          </span>
        )}
        {refusal && (
          <span role="alert" className="block text-[0.9rem] font-semibold">
            {refusal.text}
          </span>
        )}
      </td>
      {!editing && <td className="py-2.5">{sizeWord(piece.size)}</td>}
      <td className="py-2.5 pr-4">
        {piece.outcomes.length > 0 && piece.status !== 'left' ? (
          <span className="flex flex-wrap gap-x-4">
            {piece.outcomes.map((o) => (
              <span key={o} className="inline-flex items-center gap-2">
                <OutcomeMark outcome={o} />
                {outcomeWord(o)}
              </span>
            ))}
            {piece.pressedAgainSeconds > 0 && (
              <span className="text-quiet">{labels.pressedSAgain(Math.round(piece.pressedAgainSeconds))}</span>
            )}
            {piece.status === 'ruined' && <span className="text-quiet">{labels.lost}</span>}
          </span>
        ) : (
          <>
            {STANDS[piece.status]}
            {station && piece.status === 'in-hand' && run.stations.length > 1 && `: ${station.name}`}
          </>
        )}
        {piece.note && <span className="block text-[0.9rem] text-quiet">{piece.note}</span>}
      </td>
      <td className="py-2 text-right whitespace-nowrap">
        {running && piece.status === 'to-cut' && (
          <>
            {!run.practice && (
              <button type="button" className="btn btn-sm btn-ghost" onClick={() => recut.mutate()}>
                {labels.cutIt}
              </button>
            )}
            <button
              type="button"
              className="btn btn-sm btn-outline"
              onClick={() => say({ action: 'cut-again', piece: piece.number })}
            >
              {labels.itIsCut}
            </button>
          </>
        )}
        {running && bare && !editing && (
          <button type="button" className="btn btn-sm btn-ghost" onClick={() => setEditing(true)}>
            {labels.change}
          </button>
        )}
      </td>
    </tr>
  );
}

export function Wanted({
  run,
  name,
  size,
  word,
  onKeep,
  onClose,
}: {
  run: Run;
  name: string;
  size: string;
  word: string;
  onKeep: (name: string, size: string) => void;
  onClose: () => void;
}) {
  const [said, setSaid] = useState(name);
  const [of, setOf] = useState(size);
  const sizes = useCatalogue().data?.sizes ?? [];
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        onKeep(said, of);
      }}
    >
      <input
        aria-label={labels.name}
        className="input input-sm w-[10rem]"
        maxLength={60}
        placeholder={run.named ? labels.name : labels.nameIfItHasOne}
        value={said}
        onChange={(e) => setSaid(e.target.value)}
      />
      <select
        aria-label={labels.size}
        className="select select-sm w-[8rem]"
        value={of}
        onChange={(e) => setOf(e.target.value)}
      >
        <option value="">{labels.noSize}</option>
        {sizes.map((size) => (
          <option key={size} value={size}>
            {SIZE_NAMES[size] ?? size}
          </option>
        ))}
      </select>
      <button type="submit" className="btn btn-sm btn-outline" disabled={run.named && said.trim() === ''}>
        {word}
      </button>
      <button type="button" className="btn btn-sm btn-ghost" onClick={onClose}>
        {labels.neverMind}
      </button>
    </form>
  );
}
