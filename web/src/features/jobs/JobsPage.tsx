import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../../api/client';
import { day } from '../../app/dates';
import { useUnits } from '../../app/units';
import { SmallSandwich } from '../../ui/Sandwich';
import { Failed, Loading, UndoBar } from '../../ui/States';
import { VerdictMark } from '../../ui/VerdictMark';
import { outcomeWord } from '../logbook/outcomes';
import { dueWords } from './due';
import * as labels from './labels';
import { QuickAnswer } from './QuickAnswer';
import { sentence } from './QuickDetails';
import { Today } from './Today';
import { TourButton } from './Tour';

type Card = Schemas['JobCard'];

const PAGE = 50;
const PENDING_MS = 1_000;

export function JobsPage() {
  const units = useUnits();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [gone, setGone] = useState<{ id: string; title: string } | null>(null);
  const [typed, setTyped] = useState('');
  const search = useDeferredValue(typed.trim());
  const [sort, setSort] = useState<'changed' | 'due'>('changed');
  const jobs = useInfiniteQuery({
    queryKey: ['jobs', units.system, search, sort],
    queryFn: ({ pageParam: skip }) =>
      got(api.GET('/api/jobs', { params: { query: { units: units.system, search, sort, skip, take: PAGE } } })),
    initialPageParam: 0,
    getNextPageParam: (_, pages) => {
      const shown = pages.reduce((n, p) => n + p.jobs.length, 0);
      return shown < (pages[0]?.total ?? 0) ? shown : undefined;
    },
    placeholderData: keepPreviousData,
    // Figures that are being worked out anew are there a moment later.
    refetchInterval: (query) =>
      query.state.data?.pages.some((p) => p.jobs.some((j) => j.pending)) ? PENDING_MS : false,
  });
  const cards = jobs.data?.pages.flatMap((p) => p.jobs);
  const total = jobs.data?.pages[0]?.total ?? 0;
  const again = () => queries.invalidateQueries({ queryKey: ['jobs'] });
  const path = (id: string) => ({ params: { path: { id } } });
  const remove = useMutation({
    mutationFn: (card: Card) => got(api.DELETE('/api/jobs/{id}', path(card.id))),
    onSuccess: (_, card) => {
      setGone({ id: card.id, title: card.title });
      again();
    },
  });
  const restore = useMutation({
    mutationFn: (id: string) => got(api.POST('/api/jobs/{id}/restore', path(id))),
    onSuccess: () => {
      setGone(null);
      again();
    },
  });
  const copy = useMutation({
    mutationFn: (id: string) => got(api.POST('/api/jobs/{id}/copy', path(id))),
    onSuccess: (made) => navigate(`/jobs/${made.id}/item`),
  });
  const open = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      try {
        JSON.parse(text);
      } catch {
        throw new Error(`“${file.name}” is no job file: a file that ends in .juxtherm.json is accepted.`);
      }
      return got(api.POST('/api/jobs', { body: JSON.parse(text) }));
    },
    onSuccess: (made) => navigate(`/jobs/${made.id}/item`),
  });
  const failed = remove.error ?? restore.error ?? copy.error ?? open.error;

  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pb-16">
      <QuickAnswer />
      <p className="-mt-4 mb-8 text-[1.05rem]">
        <Link to="/lifted" className="font-semibold underline underline-offset-4">
          {labels.somethingLifted}
        </Link>{' '}
        <span className="text-quiet">{labels.inTheWashOrOn}</span>
      </p>
      <Today />
      <div className="flex flex-wrap items-center justify-between gap-3 mb-3">
        <h2 className="text-[1.2rem] grow">{labels.yourJobs}</h2>
        <select
          className="select select-sm w-44"
          aria-label={labels.sortJobs}
          value={sort}
          onChange={(e) => setSort(e.target.value as 'changed' | 'due')}
        >
          <option value="changed">{labels.lastChangedFirst}</option>
          <option value="due">{labels.dueFirst}</option>
        </select>
        <input
          className="input input-sm w-56"
          type="search"
          aria-label={labels.findAJobByIts}
          placeholder={labels.findAJobByIts}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
        <label className="btn btn-sm btn-outline focus-within:outline-2 focus-within:outline-offset-2">
          {labels.openAJobFile}
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) open.mutate(file);
              e.target.value = '';
            }}
          />
        </label>
      </div>
      {failed && <Failed error={failed} />}
      {jobs.isPending && <Loading what={labels.yourJobs2} />}
      {jobs.isError && <Failed error={jobs.error} retry={() => jobs.refetch()} />}
      {cards?.length === 0 && search !== '' && (
        <p className="border-y border-rule py-8 text-quiet">{labels.noJobHasInIts(search)}</p>
      )}
      {cards?.length === 0 && search === '' && (
        <div className="border-y border-rule py-8">
          <p className="text-quiet">{labels.nothingHereYetFillIn}</p>
          <p className="mt-4 flex flex-wrap gap-3">
            <TourButton />
            <Link to="/shelf?add=press" className="btn btn-outline">
              {labels.setUpMyPress}
            </Link>
            <Link to="/help" className="btn btn-outline">
              {labels.readTheGuide}
            </Link>
          </p>
        </div>
      )}
      <ul className="scored border-y border-rule" aria-label={labels.jobs}>
        {cards?.map((card) => (
          <JobLine key={card.id} card={card} onCopy={() => copy.mutate(card.id)} onDelete={() => remove.mutate(card)} />
        ))}
      </ul>
      {cards && cards.length < total && (
        <p className="mt-4 flex items-center gap-4">
          <button
            type="button"
            className="btn btn-outline"
            disabled={jobs.isFetchingNextPage}
            onClick={() => jobs.fetchNextPage()}
          >
            {labels.showMore}
          </button>
          <span className="text-quiet tabular-nums">{labels.ofWord(cards.length, total)}</span>
        </p>
      )}
      {gone && (
        <UndoBar action="Bring it back" onAction={() => restore.mutate(gone.id)} onClose={() => setGone(null)}>
          {labels.isDeleted(gone.title)}
        </UndoBar>
      )}
    </main>
  );
}

/** The item with its print on it; where that cannot be drawn, the stack. */
function Look({ card }: { card: Card }) {
  const [drawn, setDrawn] = useState(true);
  return drawn ? (
    <img
      src={`/api/jobs/${card.id}/guide.svg?what=stamp&at=${encodeURIComponent(card.updatedUtc)}`}
      alt=""
      loading="lazy"
      className="w-[76px] h-[64px] object-contain"
      onError={() => setDrawn(false)}
    />
  ) : (
    <SmallSandwich sheets={card.sheets} />
  );
}

/** How the last run came out. */
function LastTime({ last }: { last: Schemas['LastResult'] }) {
  const seen = last.seen.map((o) => outcomeWord(o).toLowerCase());
  return (
    <p className="text-[0.9rem]">
      {labels.lastTime(day(last.atUtc, false), last.well, last.pieces)}
      {seen.length > 0 && <span className="text-quiet"> · {seen.join(', ')}</span>}
    </p>
  );
}

function JobLine({ card, onCopy, onDelete }: { card: Card; onCopy: () => void; onDelete: () => void }) {
  const units = useUnits();
  const press = card.press;
  return (
    <li className="relative grid grid-cols-[76px_minmax(0,1fr)_auto] md:grid-cols-[76px_minmax(0,1fr)_11.5rem_6rem_auto] gap-x-5 gap-y-1 items-center py-3.5 hover:bg-sheet">
      <Look card={card} />
      <div className="min-w-0">
        <Link to={`/jobs/${card.id}/press`} className="font-semibold text-[1.07rem] after:absolute after:inset-0">
          {card.title || labels.untitled}
        </Link>
        <p className="text-quiet text-[0.9rem]">
          {card.what}
          {card.quantity > 1 && ` · ${card.quantity} pieces`}
        </p>
        {card.line && card.verdict !== 'stop' && <p className="text-[0.95rem]">{sentence(card.line)}</p>}
        {card.due && <p className="text-[0.9rem] font-semibold">{dueWords(card.due, new Date())}</p>}
        {card.last && <LastTime last={card.last} />}
        {!card.verdict && <p>{card.pending ? labels.beingWorkedOut : card.headline}</p>}
      </div>
      <p className="numeral text-[1.45rem] font-semibold tabular-nums flex gap-4 max-md:col-start-2 max-md:row-start-2">
        {press && card.verdict !== 'stop' && (
          <>
            <span className="w-[5.6rem] text-right">{press.dialMark ?? units.temperature(press.celsius)}</span>
            <span className="w-[4rem] text-right">{press.seconds} s</span>
          </>
        )}
      </p>
      <div className="max-md:col-start-3 max-md:row-start-1">
        {card.verdict && <VerdictMark verdict={card.verdict} />}
      </div>
      <div className="relative z-10 flex gap-1 max-md:col-start-3 max-md:row-start-2 max-sm:col-start-2 max-sm:row-start-3">
        <button type="button" className="btn btn-sm btn-outline" onClick={onCopy} aria-label={labels.copy(card.title)}>
          {labels.copy2}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-outline"
          onClick={onDelete}
          aria-label={labels.deleteWord(card.title)}
        >
          {labels.deleteWord2}
        </button>
      </div>
    </li>
  );
}
