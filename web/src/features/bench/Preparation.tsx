import { useCallback } from 'react';
import { Clock } from '../../ui/Clock';
import { BigKey } from './BigKey';
import { useKeys } from './keys';
import * as labels from './labels';
import type { Command, Station } from './useRun';

/** What is seen to once at a press, before the first piece. It can be left out, but only by saying so. */
export function Preparation({
  run,
  station,
  onSay,
}: {
  /** The run's id. */
  run: string;
  station: Station;
  onSay: (command: Command) => void;
}) {
  const next = station.checks.find((c) => !c.ticked && !c.skipped);
  const left = station.checks.filter((c) => !c.ticked && !c.skipped).length;
  const tick = useCallback(() => {
    if (next) onSay({ action: 'check', item: next.id, piece: 0 });
  }, [next, onSay]);
  useKeys(
    useCallback(
      (key) => {
        if (key !== ' ') return false;
        tick();
        return true;
      },
      [tick],
    ),
  );
  return (
    <div className="grow flex flex-col" data-testid="preparation">
      <h1 className="text-[2.4rem] md:text-[2.9rem] leading-[1.15] font-bold mt-6">{labels.beforeTheFirstPiece}</h1>
      <p className="text-[1.25rem] text-quiet mt-1">
        {labels.whatYouLeaveOutIs(
          left === station.checks.length ? labels.oneByOne : labels.ofLeft(left, station.checks.length),
        )}
      </p>
      <ul className="mt-5 border-t border-rule">
        {station.checks.map((c) => (
          <li key={c.id} className="flex items-stretch gap-3 border-b border-rule" data-check={c.id}>
            <button
              type="button"
              aria-pressed={c.ticked}
              onClick={() => onSay({ action: 'check', item: c.id, piece: 0 })}
              className={`grow flex items-center gap-5 text-left py-3 px-2 min-h-[4rem] text-[1.4rem] leading-[1.25] ${c === next ? 'font-bold' : ''} ${c.skipped ? 'text-quiet' : ''}`}
            >
              <Tick state={c.ticked ? 'done' : c.skipped ? 'left' : 'open'} />
              <span className={c.skipped ? 'line-through' : ''}>{c.text}</span>
            </button>
            {c.timedSeconds !== null && !c.ticked && !c.skipped && (
              <Clock
                name={`prepare.${run}.${station.number}.${c.id}`}
                seconds={c.timedSeconds}
                start="Start"
                over="Time is over"
              />
            )}
            {c.skipped ? (
              <span className="self-center px-4 text-quiet text-[1.1rem]">{labels.leftOut}</span>
            ) : (
              !c.ticked && (
                <button
                  type="button"
                  className="px-5 text-[1.1rem] text-quiet underline underline-offset-4 hover:text-ink"
                  onClick={() => onSay({ action: 'skip', item: c.id, piece: 0 })}
                >
                  {labels.leaveOut}
                </button>
              )
            )}
          </li>
        ))}
      </ul>
      <div className="mt-auto pt-6">
        <div className="grid grid-cols-[2fr_1fr] gap-3">
          <BigKey strong onClick={tick} disabled={!next}>
            {labels.space(next ? labels.seenToTheNext : labels.allSeenTo)}
          </BigKey>
          <BigKey onClick={() => onSay({ action: 'check-all', piece: 0 })} disabled={!next}>
            {labels.allOfIt}
          </BigKey>
        </div>
      </div>
    </div>
  );
}

function Tick({ state }: { state: 'done' | 'left' | 'open' }) {
  return (
    <svg aria-hidden="true" width="34" height="34" viewBox="0 0 34 34" className="shrink-0" fill="none">
      <rect x="3" y="3" width="28" height="28" stroke="currentColor" strokeWidth="2.5" />
      {state === 'done' && <path d="M9 18l6 6L26 10" stroke="currentColor" strokeWidth="4" />}
      {state === 'left' && <path d="M9 17H25" stroke="currentColor" strokeWidth="3" />}
    </svg>
  );
}
