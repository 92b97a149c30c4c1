import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type Schemas, sentInBackground } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { EntryDetails } from './EntryDetails';
import { Filters } from './Filters';
import { LogFrame } from './LogFrame';
import { OutcomeMark, outcomeWord, WASHED } from './outcomes';
import { asked, type Entry, logChanged, searchOf, useLog } from './queries';

const PAGE = 50;
const MOST = 200;
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

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
      : `${total === 1 ? '1 piece' : `${total} pieces`}${narrowed ? ' found' : ', newest first'}`;
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
          <strong>
            {total === 1 ? '1 piece was' : `${total} pieces were`} made from lot {search.lot}.
          </strong>{' '}
          Is it a bad one? Each line says whose the piece is; open it to note what came of it.
        </p>
      )}
      {log.isPending && <Loading what="the logbook" />}
      {log.isError && <Failed error={log.error} retry={() => log.refetch()} />}
      {total === 0 && !narrowed && (
        <p className="border-y border-rule py-8 text-quiet max-w-[70ch]">
          Nothing pressed yet. Every piece that goes over the bench is written down here by itself: what was set, how
          long it was pressed, what came out. From then on every plan learns from it.
        </p>
      )}
      {total === 0 && narrowed && (
        <p className="border-y border-rule py-8 text-quiet">
          No piece fits.{' '}
          <Link className="link-quiet" to="/logbook">
            Show all of them
          </Link>
        </p>
      )}
      {log.data && log.data.entries.length > 0 && (
        <table className="w-full border-y border-rule">
          <thead className="text-left text-[0.87rem] text-quiet">
            <tr>
              <th className="py-2 font-medium w-[8.500rem]">When</th>
              <th className="font-medium">Piece</th>
              <th className="font-medium max-md:hidden">Press</th>
              <th className="font-medium text-right">Set to</th>
              <th className="font-medium text-right pr-6">Pressed</th>
              <th className="font-medium w-[30%]">What came out</th>
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
          The newest {log.data.entries.length} are shown.
          {take < MOST ? (
            <button type="button" className="link-quiet" onClick={() => setTake(take + PAGE)}>
              Show {PAGE} more
            </button>
          ) : (
            'Narrow it down to see the others.'
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
                alt={`How ${entry.title || 'it'} came out`}
                className="size-12 object-cover border border-rule shrink-0"
              />
            )}
            <span className="min-w-0">
              <button type="button" aria-expanded={open} className="text-left hover:underline" onClick={onOpen}>
                <strong className="font-semibold">{entry.title || 'Untitled'}</strong>
                {entry.name && <span>: {entry.name}</span>}
                {entry.pieces > 1 && (
                  <span className="text-quiet">
                    {' '}
                    {entry.piece} of {entry.pieces}
                  </span>
                )}
              </button>
              <span className="block text-[0.9rem] text-quiet">{entry.what}</span>
              {(entry.example || entry.struck) && (
                <span className="block text-[0.87rem] text-quiet italic">
                  {entry.struck ? 'Does not count' : 'Worked example: teaches nothing'}
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
            <span className="block text-[0.87rem] text-quiet">measured {units.temperature(entry.plateCelsius)}</span>
          )}
        </td>
        <td className="py-3 text-right tabular-nums whitespace-nowrap pr-6">
          {Number(entry.pressedSeconds.toFixed(1))} s
          {entry.backSeconds > 0 && (
            <span className="block text-[0.87rem] text-quiet whitespace-normal">
              and {Number(entry.backSeconds.toFixed(1))} s back
            </span>
          )}
          {entry.set !== 'found' && (
            <span className="block text-[0.87rem] text-quiet whitespace-normal">
              {entry.set === 'looked-up' ? 'looked up for this press' : 'as used before'}
            </span>
          )}
          {off && <span className="block text-[0.87rem] text-quiet">planned {entry.plannedSeconds} s</span>}
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
      {entry.outcomes.length === 0 && <span className="font-medium">Lost</span>}
      {entry.pressedAgainSeconds > 0 && (
        <span className="block text-[0.9rem] mt-0.5">
          Pressed {Number(entry.pressedAgainSeconds.toFixed(1))} s again
          {entry.endedWell === true ? ', then it held.' : entry.endedWell === false ? '; it did not come right.' : '.'}
        </span>
      )}
      {last && (
        <span className="block text-[0.9rem] mt-0.5">
          {WASHED[last.look]} after {last.washes === 1 ? 'one wash' : `${last.washes} washes`}
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
        Save {narrowed ? 'these' : 'all'} as a table (CSV)
      </a>
      <a className="link-quiet" href={`/api/log/logbook.json?${address}`} download>
        Save as JSON
      </a>
      <label className="link-quiet cursor-pointer">
        Read a logbook in
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
          Reading it in …{progress && progress.total > 0 && ` ${progress.ready} of ${progress.total} entries`}
        </span>
      )}
      {readIn.data && (
        <span role="status">
          {readIn.data.added} of {readIn.data.read} {readIn.data.read === 1 ? 'entry' : 'entries'} new; the others were
          here already.
        </span>
      )}
      {readIn.isError && <Failed error={readIn.error} />}
    </div>
  );
}
