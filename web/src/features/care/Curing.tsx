import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import * as labels from './labels';

const MINUTE = 60_000;
const when = new Intl.DateTimeFormat('en-US', { weekday: 'long', hour: '2-digit', minute: '2-digit' });

export const useCuring = () =>
  useQuery({ queryKey: ['care'], queryFn: () => got(api.GET('/api/care')), refetchInterval: MINUTE, staleTime: 0 });

/** How long from now, in the words of somebody who waits for it. */
export function left(until: Date, now: Date): string | null {
  const minutes = Math.ceil((until.getTime() - now.getTime()) / MINUTE);
  if (minutes <= 0) return null;
  const hours = Math.floor(minutes / 60);
  return hours === 0 ? `${minutes} min` : labels.hMin(hours, minutes % 60);
}

/** The pieces of a run whose glue is setting, each with the time that is left, its cards and its dates. */
export function CuringRun({ run }: { run: Schemas['CuringRun'] }) {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const tick = setInterval(() => setNow(new Date()), MINUTE / 4);
    return () => clearInterval(tick);
  }, []);
  const [handover, setHandover] = useState('');
  const last = run.pieces.reduce((a, b) => (a.washFromUtc > b.washFromUtc ? a : b));
  const all = left(new Date(last.washFromUtc), now);
  const at = handover ? new Date(handover) : null;
  return (
    <section
      aria-label={run.title || labels.untitled}
      className="py-5 grid gap-x-10 gap-y-3 md:grid-cols-[minmax(0,1fr)_18rem]"
    >
      <div>
        <h2 className="font-semibold text-[1.05rem]">{run.title || labels.untitled}</h2>
        <p className="text-[0.9rem] text-quiet">{run.what}</p>
        <p className="numeral text-[1.7rem] font-bold leading-tight mt-2 tabular-nums">
          {all ? `${all} to go` : run.kind === 'hand-wash' ? labels.mayBeWashedByHand : labels.mayBeWashed}
        </p>
        <p className="text-quiet text-[0.9rem]">
          {all ? labels.firstWashNotBefore(when.format(new Date(last.washFromUtc))) : labels.theGlueHasSet}
        </p>
        {run.pieces.some((p) => p.name) && (
          <ul className="flex flex-wrap gap-x-5 gap-y-1 mt-2 tabular-nums">
            {run.pieces.map((p) => (
              <li key={p.piece}>
                {p.name || labels.piece(p.piece)}{' '}
                <span className="text-quiet">{left(new Date(p.washFromUtc), now) ?? 'ready'}</span>
              </li>
            ))}
          </ul>
        )}
      </div>
      <div className="grid gap-3 content-start print:hidden">
        <a
          className="btn btn-sm btn-outline"
          href={`/api/runs/${run.runId}/care.pdf?minutesFromUtc=${-now.getTimezoneOffset()}`}
          target="_blank"
          rel="noreferrer"
        >
          {labels.printCare(run.pieces.some((p) => p.name) ? 'cards' : 'card')}
        </a>
        <div className="field">
          <label className="name" htmlFor={`handover-${run.runId}`}>
            {labels.handedOverOnIfYou}
          </label>
          <input
            id={`handover-${run.runId}`}
            type="datetime-local"
            className="input"
            value={handover}
            onChange={(e) => setHandover(e.target.value)}
          />
        </div>
        <a
          className="btn btn-sm btn-outline"
          href={`/api/runs/${run.runId}/dates.ics${at ? `?handover=${encodeURIComponent(at.toISOString())}` : ''}`}
          download
        >
          {labels.intoACalendar}
        </a>
      </div>
    </section>
  );
}
