import { useQuery } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { OutcomeMark, outcomeWord } from './outcomes';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

export function LogbookPage() {
  const log = useQuery({
    queryKey: ['log'],
    queryFn: () => got(api.GET('/api/log', { params: { query: { take: 200 } } })),
    staleTime: 0,
  });
  return (
    <main className="w-full max-w-[1240px] mx-auto px-6 pt-7 pb-16">
      <div className="flex items-baseline gap-4 mb-4">
        <h1 className="text-[1.65rem] font-bold">Logbook</h1>
        {log.data && (
          <p className="text-quiet">{log.data.total === 1 ? '1 piece' : `${log.data.total} pieces`}, newest first</p>
        )}
      </div>
      {log.isPending && <Loading what="the logbook" />}
      {log.isError && <Failed error={log.error} retry={() => log.refetch()} />}
      {log.data?.total === 0 && (
        <p className="border-y border-rule py-8 text-quiet">
          Nothing pressed yet. Every piece that goes over the bench is written down here by itself: what was set, how
          long it was pressed, what came out.
        </p>
      )}
      {log.data && log.data.total > 0 && (
        <table className="w-full border-y border-rule">
          <thead className="text-left text-[0.87rem] text-quiet">
            <tr>
              <th className="py-2 font-medium w-[9rem]">When</th>
              <th className="font-medium">Piece</th>
              <th className="font-medium">Press</th>
              <th className="font-medium text-right">Set to</th>
              <th className="font-medium text-right pr-8">Pressed</th>
              <th className="font-medium w-[22rem]">What came out</th>
            </tr>
          </thead>
          <tbody>
            {log.data.entries.map((e) => (
              <Line key={e.id} entry={e} />
            ))}
          </tbody>
        </table>
      )}
      {log.data && log.data.total > log.data.entries.length && (
        <p className="mt-3 text-quiet">The newest {log.data.entries.length} are shown.</p>
      )}
    </main>
  );
}

function Line({ entry }: { entry: Schemas['LogAnswer'] }) {
  const units = useUnits();
  const when = new Date(entry.atUtc);
  const off = Math.abs(entry.pressedSeconds - entry.plannedSeconds) >= 1;
  return (
    <tr className="border-t border-rule align-top">
      <td className="py-3 tabular-nums">
        {day.format(when)}
        <span className="block text-[0.87rem] text-quiet">{clock.format(when)}</span>
      </td>
      <td className="py-3 pr-4">
        <strong className="font-semibold">{entry.title || 'Untitled'}</strong>
        {entry.name && <span>: {entry.name}</span>}
        {entry.pieces > 1 && (
          <span className="text-quiet">
            {' '}
            {entry.piece} of {entry.pieces}
          </span>
        )}
        <span className="block text-[0.9rem] text-quiet">{entry.what}</span>
      </td>
      <td className="py-3 pr-4">{entry.heatSource}</td>
      <td className="py-3 text-right tabular-nums whitespace-nowrap">
        {units.temperature(entry.celsius)}
        <span className="block text-[0.87rem] text-quiet">{entry.pressure}</span>
        {entry.plateCelsius !== null && (
          <span className="block text-[0.87rem] text-quiet">measured {units.temperature(entry.plateCelsius)}</span>
        )}
      </td>
      <td className="py-3 text-right tabular-nums whitespace-nowrap pr-8">
        {Number(entry.pressedSeconds.toFixed(1))} s
        {off && <span className="block text-[0.87rem] text-quiet">planned {entry.plannedSeconds} s</span>}
      </td>
      <td className="py-3">
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
            {entry.endedWell === true
              ? ', then it held.'
              : entry.endedWell === false
                ? '; it did not come right.'
                : '.'}
          </span>
        )}
        {entry.note && <span className="block text-[0.9rem] text-quiet mt-0.5">{entry.note}</span>}
      </td>
    </tr>
  );
}
