import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../../api/client';
import { day } from '../../app/dates';
import { Failed, Loading } from '../../ui/States';
import * as labels from './labels';
import { keepLearner, keepMoves, learnerKept, readFile, usePractice } from './usePractice';

type Shelf = Schemas['PracticeAnswer'];
type Learner = Schemas['LearnerAnswer'];

const NEW = '\n';
const MOST_SEEDS = 10_000;

/** All benches: ten lessons, more of them, and endless ones from a number. */
export function PracticePage() {
  const shelf = usePractice();
  if (shelf.isPending) return <Loading what={labels.theBench} />;
  if (shelf.isError) return <Failed error={shelf.error} retry={() => shelf.refetch()} />;
  return <Benches shelf={shelf.data} />;
}

function Benches({ shelf }: { shelf: Shelf }) {
  const [who, setWho] = useState(learnerKept);
  const learner = shelf.learners.find((l) => l.name === who);
  const choose = (name: string) => {
    keepLearner(name);
    setWho(name);
  };
  const again = learner?.cards.filter((c) => c.again).map((c) => c.case) ?? [];
  return (
    <main className="w-full max-w-[1040px] mx-auto px-4 sm:px-6 pt-8 pb-24 grid gap-8">
      <div>
        <h1 className="text-[1.65rem] font-bold">{labels.practice}</h1>
        <p className="max-w-[66ch] mt-1">{labels.practiceWhy}</p>
      </div>
      <Who shelf={shelf} who={who} learner={learner} onPick={choose} />
      <section aria-label={labels.lessons}>
        <h2 className="text-[1.2rem] mb-2">{labels.lessons}</h2>
        <ol className="scored border-y border-rule">
          {shelf.cases
            .filter((c) => c.lesson)
            .map((c) => (
              <Line key={c.id} bench={c} learner={learner} first={again.includes(c.id)} />
            ))}
        </ol>
      </section>
      <AnyBench />
      <section aria-label={labels.more}>
        <h2 className="text-[1.2rem] mb-2">{labels.more}</h2>
        <ul className="scored border-y border-rule">
          {shelf.cases
            .filter((c) => !c.lesson)
            .map((c) => (
              <Line key={c.id} bench={c} learner={learner} first={again.includes(c.id)} />
            ))}
        </ul>
      </section>
    </main>
  );
}

function Line({
  bench,
  learner,
  first,
}: {
  bench: Shelf['cases'][number];
  learner: Learner | undefined;
  first: boolean;
}) {
  const card = learner?.cards.find((c) => c.case === bench.id);
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2">
      {bench.lesson && <span className="numeral w-6 text-quiet">{bench.lesson}</span>}
      <strong className="font-semibold basis-60 grow sm:grow-0">{bench.title}</strong>
      <span className="grow text-quiet">
        {first ? (
          <strong className="font-semibold text-ink">{labels.againNow}</strong>
        ) : card ? (
          (card.good ? labels.wentWell : labels.wentWrong)(day(`${card.due}T12:00`))
        ) : (
          learner && labels.notYet
        )}
      </span>
      <Link
        className={`btn btn-sm ${first ? 'btn-primary' : 'btn-outline'}`}
        to={`/practice/${bench.id}`}
        aria-label={`${labels.begin}: ${bench.title}`}
      >
        {labels.begin}
      </Link>
    </li>
  );
}

interface WhoProps {
  shelf: Shelf;
  who: string;
  learner: Learner | undefined;
  onPick: (name: string) => void;
}

/** Who practices, and what they may do alone by now. */
function Who({ shelf, who, learner, onPick }: WhoProps) {
  const queries = useQueryClient();
  const [adding, setAdding] = useState(false);
  const forget = useMutation({
    mutationFn: (name: string) => got(api.DELETE('/api/practice/learners/{name}', { params: { path: { name } } })),
    onSuccess: () => {
      onPick('');
      void queries.invalidateQueries({ queryKey: ['practice'], exact: true });
    },
  });
  const names = [...new Set([...shelf.learners.map((l) => l.name), ...(who ? [who] : [])])];
  return (
    <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
      <label className="field">
        <span className="name">{labels.whoPractices}</span>
        <select
          className="select"
          value={adding ? NEW : who}
          onChange={(e) => {
            setAdding(e.target.value === NEW);
            if (e.target.value !== NEW) onPick(e.target.value);
          }}
        >
          <option value="">{labels.nobody}</option>
          {names.map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
          <option value={NEW}>{labels.addLearner}</option>
        </select>
      </label>
      {adding && (
        <label className="field">
          <span className="name">{labels.name}</span>
          <input
            className="input"
            maxLength={60}
            onBlur={(e) => {
              if (e.target.value.trim()) onPick(e.target.value.trim());
              setAdding(false);
            }}
          />
        </label>
      )}
      {learner && (
        <p className="pb-2">
          {labels.may}:{' '}
          <strong className="font-semibold">
            {learner.may.length > 0 ? learner.may.map((m) => labels.mays[m] ?? m).join(', ') : labels.mayNothing}
          </strong>{' '}
          <button type="button" className="link-quiet ml-4" onClick={() => forget.mutate(learner.name)}>
            {labels.forget(learner.name)}
          </button>
        </p>
      )}
    </div>
  );
}

/** A bench from a number, or from somebody's file. */
function AnyBench() {
  const go = useNavigate();
  const [number, setNumber] = useState(() => String(1 + Math.floor(Math.random() * MOST_SEEDS)));
  const [fault, setFault] = useState('');
  return (
    <section aria-label={labels.anyBench}>
      <h2 className="text-[1.2rem]">{labels.anyBench}</h2>
      <p className="text-quiet mb-2">{labels.anyBenchWhy}</p>
      <form
        className="flex flex-wrap items-end gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          go(`/practice/seed-${number}`);
        }}
      >
        <label className="field">
          <span className="name">{labels.number}</span>
          <input
            className="input w-32"
            inputMode="numeric"
            pattern="[0-9]{1,6}"
            required
            value={number}
            onChange={(e) => setNumber(e.target.value)}
          />
        </label>
        <button type="submit" className="btn btn-outline">
          {labels.begin}
        </button>
        <label className="link-quiet pb-2 cursor-pointer">
          {labels.fromAFile}
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={async (e) => {
              const file = readFile((await e.target.files?.[0]?.text()) ?? '');
              if (!file) return setFault(labels.notAFile);
              keepMoves(file.case, file.moves);
              go(`/practice/${encodeURIComponent(file.case)}`);
            }}
          />
        </label>
      </form>
      {fault && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
    </section>
  );
}
