import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type Schemas, sentInBackground } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { EntryDetails } from './EntryDetails';
import { Filters } from './Filters';
import { LogFrame } from './LogFrame';
import * as labels from './labels';
import { OutcomeMark, outcomeWord, WASHED } from './outcomes';
import { asked, type Entry, logChanged, searchOf, useLog } from './queries';

const PAGE = 50;
const MOST = 200;
const day = new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short', year: 'numeric' });
const clock = new Intl.DateTimeFormat('en-US', { hour: '2-digit', minute: '2-digit' });

export function LogbookPage() {
  const [address, setAddress] = useSearchParams();
  const search = searchOf(address);
  const [take, setTake] = useState(PAGE);
  const [open, setOpen] = useState<number | null>(null);
  const log = useLog(search, take);
  const narrowed = Object.keys(search).length > 0;
  const total = log.data?.total;
  const says =
    total === undefined
      ? ''
      : `${total === 1 ? '1 piece' : `${total} pieces`}${narrowed ? ' found' : labels.newestFirst}`;
  return (
    <LogFrame says={says}>
      <Filters
        search={search}
        onSearch={(next) => {
          setTake(PAGE);
          setOpen(null);
          setAddress(new URLSearchParams(next as Record<string, string>), { replace: true });
        }}
      />
      {search.lot && total !== undefined && total > 0 && (
        <p className="notice mb-4">
          <strong>{labels.madeFromLot(total === 1 ? labels.n1PieceWas : labels.piecesWere(total), search.lot)}</strong>
          {labels.isItABadOne}
        </p>
      )}
      {log.isPending && <Loading what={labels.theLogbook} />}
      {log.isError && <Failed error={log.error} retry={() => log.refetch()} />}
      {total === 0 && !narrowed && (
        <p className="border-y border-rule py-8 text-quiet max-w-[70ch]">{labels.nothingPressedYetEveryPiece}</p>
      )}
      {total === 0 && narrowed && (
        <p className="border-y border-rule py-8 text-quiet">
          {labels.noPieceFits}
          <Link className="link-quiet" to="/logbook">
            {labels.showAllOfThem}
          </Link>
        </p>
      )}
      {log.data && log.data.entries.length > 0 && (
        <table className="w-full border-y border-rule">
          <thead className="text-left text-[0.87rem] text-quiet">
            <tr>
              <th className="py-2 font-medium w-[8.500rem]">{labels.when}</th>
              <th className="font-medium">{labels.piece}</th>
              <th className="font-medium max-md:hidden">{labels.press}</th>
              <th className="font-medium text-right">{labels.setTo}</th>
              <th className="font-medium text-right pr-6">{labels.pressed}</th>
              <th className="font-medium w-[30%]">{labels.whatCameOut}</th>
            </tr>
          </thead>
          <tbody>
            {log.data.entries.map((e) => (
              <Lines key={e.id} entry={e} open={open === e.id} onOpen={() => setOpen(open === e.id ? null : e.id)} />
            ))}
          </tbody>
        </table>
      )}
      {log.data && log.data.total > log.data.entries.length && (
        <p className="mt-3 flex items-baseline gap-4 text-quiet">
          {labels.theNewestAreShown(log.data.entries.length)}
          {take < MOST ? (
            <button type="button" className="link-quiet" onClick={() => setTake(take + PAGE)}>
              {labels.showMore(PAGE)}
            </button>
          ) : (
            labels.narrowItDownToSee
          )}
        </p>
      )}
      <InAndOut address={new URLSearchParams(asked(search) as Record<string, string>).toString()} narrowed={narrowed} />
    </LogFrame>
  );
}

function Lines({ entry, open, onOpen }: { entry: Entry; open: boolean; onOpen: () => void }) {
  const units = useUnits();
  const when = new Date(entry.atUtc);
  const off = Math.abs(entry.pressedSeconds - entry.plannedSeconds) >= 1;
  const [photo] = entry.photos;
  return (
    <>
      <tr className={`border-t border-rule align-top ${entry.struck ? 'opacity-60' : ''}`}>
        <td className="py-3 tabular-nums">
          {day.format(when)}
          <span className="block text-[0.87rem] text-quiet">{clock.format(when)}</span>
        </td>
        <td className="py-3 pr-4">
          <span className="flex gap-3">
            {photo && (
              <img
                src={`/api/log/photos/${photo}/small`}
                alt={labels.howCameOut(entry.title || 'it')}
                className="size-12 object-cover border border-rule shrink-0"
              />
            )}
            <span className="min-w-0">
              <button type="button" aria-expanded={open} className="text-left hover:underline" onClick={onOpen}>
                <strong className="font-semibold">{entry.title || labels.untitled}</strong>
                {entry.name && <span>: {entry.name}</span>}
                {entry.pieces > 1 && <span className="text-quiet">{labels.ofWord(entry.piece, entry.pieces)}</span>}
              </button>
              <span className="block text-[0.9rem] text-quiet">{entry.what}</span>
              {(entry.example || entry.struck) && (
                <span className="block text-[0.87rem] text-quiet italic">
                  {entry.struck ? labels.doesNotCount : labels.workedExampleTeachesNothing}
                </span>
              )}
            </span>
          </span>
        </td>
        <td className="py-3 pr-4 max-md:hidden">{entry.heatSource}</td>
        <td className="py-3 text-right tabular-nums whitespace-nowrap">
          {units.temperature(entry.celsius)}
          <span className="block text-[0.87rem] text-quiet">{entry.pressure}</span>
          {entry.plateCelsius !== null && (
            <span className="block text-[0.87rem] text-quiet">
              {labels.measured(units.temperature(entry.plateCelsius))}
            </span>
          )}
        </td>
        <td className="py-3 text-right tabular-nums whitespace-nowrap pr-6">
          {Number(entry.pressedSeconds.toFixed(1))} s
          {entry.backSeconds > 0 && (
            <span className="block text-[0.87rem] text-quiet whitespace-normal">
              {labels.andSBack(Number(entry.backSeconds.toFixed(1)))}
            </span>
          )}
          {entry.set !== 'found' && (
            <span className="block text-[0.87rem] text-quiet whitespace-normal">
              {entry.set === 'looked-up' ? labels.lookedUpForThisPress : labels.asUsedBefore}
            </span>
          )}
          {off && <span className="block text-[0.87rem] text-quiet">{labels.plannedS(entry.plannedSeconds)}</span>}
        </td>
        <td className="py-3">
          <Outcomes entry={entry} />
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6} className="pb-6 pt-1">
            <EntryDetails entry={entry} />
          </td>
        </tr>
      )}
    </>
  );
}

function Outcomes({ entry }: { entry: Schemas['LogAnswer'] }) {
  const last = entry.washes.at(-1);
  return (
    <>
      <span className="flex flex-wrap gap-x-4">
        {entry.outcomes.map((o) => (
          <span key={o} className="inline-flex items-center gap-2 font-medium">
            <OutcomeMark outcome={o} />
            {outcomeWord(o)}
          </span>
        ))}
      </span>
      {entry.outcomes.length === 0 && <span className="font-medium">{labels.lost}</span>}
      {entry.pressedAgainSeconds > 0 && (
        <span className="block text-[0.9rem] mt-0.5">
          {labels.pressedSAgain(
            Number(entry.pressedAgainSeconds.toFixed(1)),
            entry.endedWell === true ? labels.thenItHeld : entry.endedWell === false ? labels.itDidNotComeRight : '.',
          )}
        </span>
      )}
      {last && (
        <span className="block text-[0.9rem] mt-0.5">
          {labels.after2(WASHED[last.look], last.washes === 1 ? labels.oneWash : `${last.washes} washes`)}
        </span>
      )}
      {entry.note && <span className="block text-[0.9rem] text-quiet mt-0.5">{entry.note}</span>}
    </>
  );
}

/** The logbook out, as a table or whole, and another one in. */
function InAndOut({ address, narrowed }: { address: string; narrowed: boolean }) {
  const queries = useQueryClient();
  const [progress, setProgress] = useState<Schemas['LogReadingIn'] | null>(null);
  const readIn = useMutation({
    mutationFn: (file: File) =>
      sentInBackground<Schemas['LogReadIn'], Schemas['LogReadingIn']>('/api/log/read-in', file, setProgress),
    onSuccess: () => logChanged(queries),
    onSettled: () => setProgress(null),
  });
  return (
    <div className="mt-6 flex flex-wrap items-baseline gap-x-6 gap-y-1 print:hidden">
      <a className="link-quiet" href={`/api/log/logbook.csv?${address}`} download>
        {labels.saveAsATableCsv(narrowed ? 'these' : 'all')}
      </a>
      <a className="link-quiet" href={`/api/log/logbook.json?${address}`} download>
        {labels.saveAsJson}
      </a>
      <label className="link-quiet cursor-pointer">
        {labels.readALogbookIn}
        <input
          type="file"
          accept=".csv,.json,text/csv,application/json"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) readIn.mutate(file);
            e.target.value = '';
          }}
        />
      </label>
      {readIn.isPending && (
        <span role="status" className="tabular-nums">
          {labels.readingItIn}
          {progress && progress.total > 0 && labels.ofEntries(progress.ready, progress.total)}
        </span>
      )}
      {readIn.data && (
        <span role="status">
          {labels.ofNewTheOthersWere(readIn.data.added, readIn.data.read, readIn.data.read === 1 ? 'entry' : 'entries')}
        </span>
      )}
      {readIn.isError && <Failed error={readIn.error} />}
    </div>
  );
}
