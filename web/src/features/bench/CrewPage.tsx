import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, got, type Run } from '../../api/client';
import { newId } from '../../api/newId';
import { useCatalogue } from '../../api/queries';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { SIZE_NAMES } from '../../ui/sizes';
import { OutcomeMark, outcomeWord } from '../logbook/outcomes';
import * as labels from './labels';
import { PracticeMark } from './PracticeMark';
import { type Piece, type Station, sizeWord, useRun, useSay, whose } from './useRun';

/** A run as a whole: every piece, every press, and what changes on the way. */
export function CrewPage() {
  const { id = '' } = useParams();
  const heard = useRun(id);
  if (heard.isPending) return <Loading what={labels.theRun} />;
  if (!heard.data) return <Failed error={heard.error} retry={() => heard.refetch()} />;
  return <Crew run={heard.data.run} />;
}

function Crew({ run }: { run: Run }) {
  const { say, refusal } = useSay(run, 1, null);
  const running = run.status === 'running';
  const done = run.pieces.filter((p) => p.status === 'done').length;
  const wanted = run.pieces.filter((p) => p.status !== 'ruined').length;
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-7 pb-16" data-testid="crew">
      <div className="flex flex-wrap items-baseline gap-4 mb-4">
        <h1 className="text-[1.65rem] font-bold">{run.title || labels.untitled}</h1>
        {run.practice && <PracticeMark />}
        <p className="text-quiet">
          {labels.ofDone2(done, wanted, running ? '' : run.status === 'ended' ? labels.ended : '')}
        </p>
        {running && (
          <button
            type="button"
            className="btn btn-sm btn-ghost ml-auto"
            onClick={() => say({ action: 'end-run', piece: 0 })}
          >
            {labels.endTheRunHere}
          </button>
        )}
      </div>
      {refusal && (
        <p role="alert" className="notice stop mb-4">
          {refusal.text}
        </p>
      )}
      <div className="grid lg:grid-cols-[minmax(0,1fr)_340px] gap-x-12 gap-y-8 items-start">
        <div>
          <table className="w-full border-y border-rule">
            <thead className="text-left text-[0.87rem] text-quiet">
              <tr>
                <th className="py-2 font-medium w-[3rem]">{labels.no}</th>
                <th className="font-medium">{labels.whose}</th>
                <th className="font-medium w-[7rem]">{labels.size}</th>
                <th className="font-medium">{labels.whereItStands}</th>
                <th className="w-[11rem]">
                  <span className="sr-only">{labels.whatToDo}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {run.pieces.map((p) => (
                <Row key={p.number} run={run} piece={p} />
              ))}
            </tbody>
          </table>
          {running && <AddPiece run={run} />}
        </div>
        <aside aria-label={labels.presses}>
          <h2 className="text-[1.2rem] mb-2">{labels.presses}</h2>
          <ul className="border-t border-rule">
            {run.stations.map((s) => (
              <Press key={s.number} run={run} station={s} />
            ))}
          </ul>
          {running && <Join run={run} />}
        </aside>
      </div>
    </main>
  );
}

const STANDS: Record<Piece['status'], string> = {
  waiting: labels.inLine,
  'in-hand': labels.atThePress,
  asking: labels.asksWhenItsPlateWas,
  'to-cut': labels.waitsForItsVinyl,
  done: 'done',
  ruined: 'lost',
  left: labels.notMade,
};

function Row({ run, piece }: { run: Run; piece: Piece }) {
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
            {piece.colour && (
              <svg aria-hidden="true" width="14" height="14">
                <rect width="14" height="14" fill={piece.colour} stroke="currentColor" />
              </svg>
            )}
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

function Wanted({
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

function AddPiece({ run }: { run: Run }) {
  const { say, refusal } = useSay(run, 1, null);
  const [adding, setAdding] = useState(false);
  return (
    <div className="mt-3 -ml-3">
      {adding ? (
        <Wanted
          run={run}
          name=""
          size=""
          word="Add it"
          onClose={() => setAdding(false)}
          onKeep={(name, size) => {
            say({ action: 'add', piece: 0, wanted: { name, size: size || null, colour: null } });
            setAdding(false);
          }}
        />
      ) : (
        <button type="button" className="btn btn-sm btn-ghost" onClick={() => setAdding(true)}>
          {labels.onePieceMore}
        </button>
      )}
      {refusal && (
        <p role="alert" className="text-[0.9rem] font-semibold">
          {refusal.text}
        </p>
      )}
    </div>
  );
}

function Press({ run, station }: { run: Run; station: Station }) {
  const { say, refusal } = useSay(run, station.number, null);
  const focus = station.focus ? run.pieces[station.focus.piece - 1] : undefined;
  const left = station.checks.filter((c) => c.ticked || c.skipped).length;
  const says = station.hasLeft
    ? labels.hasLeft
    : !station.prepared
      ? labels.preparingOf(left, station.checks.length)
      : focus
        ? whose(focus)
        : 'free';
  return (
    <li className="border-b border-rule py-2.5 flex flex-wrap items-center gap-x-3">
      <strong className="font-semibold">{station.name}</strong>
      <span className="text-quiet">{says}</span>
      {run.status === 'running' && !station.hasLeft && (
        <span className="ml-auto flex items-baseline">
          {run.stations.filter((s) => !s.hasLeft).length > 1 && (
            <button type="button" className="btn btn-sm btn-ghost" onClick={() => say({ action: 'leave', piece: 0 })}>
              {labels.leaves}
            </button>
          )}
          <Link
            className="btn btn-sm btn-outline"
            to={station.number === 1 ? `/bench/${run.id}` : `/bench/${run.id}/${station.number}`}
          >
            {labels.toItsBench}
          </Link>
        </span>
      )}
      {refusal && (
        <span role="alert" className="basis-full text-[0.9rem] font-semibold">
          {refusal.text}
        </span>
      )}
    </li>
  );
}

/** A further press and a pair of hands: its own bench page, opened there. */
function Join({ run }: { run: Run }) {
  const catalogue = useCatalogue();
  const queries = useQueryClient();
  const units = useUnits();
  const [name, setName] = useState('');
  const [source, setSource] = useState('');
  const join = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/runs/{id}/stations', {
          params: { path: { id: run.id }, query: { units: units.system } },
          body: { commandId: newId(), name: name || null, heatSource: source || null },
        }),
      ),
    onSuccess: () => {
      setName('');
      queries.invalidateQueries({ queryKey: ['run', run.id] });
    },
  });
  return (
    <form
      className="mt-4 grid gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        join.mutate();
      }}
    >
      <p className="font-semibold">{labels.anotherPressJoins}</p>
      <label className="grid gap-1 text-[0.9rem]">
        {labels.which}
        <select className="select select-sm w-full" value={source} onChange={(e) => setSource(e.target.value)}>
          <option value="">{labels.anotherLikeTheFirst}</option>
          {catalogue.data?.heatSources.map((h) => (
            <option key={h.id} value={h.id}>
              {h.own ? h.name : h.name.toLowerCase()}
            </option>
          ))}
        </select>
      </label>
      <label className="grid gap-1 text-[0.9rem]">
        {labels.whatItIsCalledHere}
        <input
          className="input input-sm w-full"
          maxLength={60}
          placeholder={labels.byTheWindow}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-sm btn-outline justify-self-start" disabled={join.isPending}>
        {labels.join}
      </button>
      {join.isError && (
        <p role="alert" className="notice stop text-[0.95rem]">
          {join.error.message}
        </p>
      )}
      <p className="text-[0.87rem] text-quiet">{labels.twoPressesOnOneCircuit}</p>
    </form>
  );
}
