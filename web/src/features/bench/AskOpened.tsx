import { useEffect, useRef, useState } from 'react';
import { BigKey } from './BigKey';
import * as labels from './labels';
import type { Command, Hand } from './useRun';

/** The service was away while a plate was closed: only the hands know when it was opened. */
export function AskOpened({
  hand,
  sinceClosed,
  onSay,
}: {
  hand: Hand;
  sinceClosed: number;
  onSay: (c: Command) => void;
}) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus({ preventScroll: true }), []);
  const planned = hand.step.seconds;
  const [seconds, setSeconds] = useState('');
  const own = Number(seconds.replace(',', '.'));
  const ownFits = seconds.trim() !== '' && own >= 0 && own <= sinceClosed;
  return (
    <section data-testid="asking" aria-labelledby="asking">
      <h1
        id="asking"
        ref={heading}
        tabIndex={-1}
        className="text-[2.4rem] md:text-[2.9rem] leading-[1.15] font-bold outline-none"
      >
        {labels.whenWasThePlateOpened}
      </h1>
      <p className="text-[1.35rem] text-quiet mt-3 max-w-[34em]">
        {labels.thisProgramWasNotRunning(planned, duration(sinceClosed))}
      </p>
      <div className="flex flex-wrap gap-4 mt-7">
        <BigKey strong onClick={() => onSay({ action: 'hold-was', seconds: planned })}>
          {labels.onTimeAfterS(planned)}
        </BigKey>
        <BigKey onClick={() => onSay({ action: 'hold-was', seconds: Math.floor(sinceClosed) })}>
          {labels.onlyNow}
        </BigKey>
      </div>
      <form
        className="flex flex-wrap items-end gap-4 mt-6"
        onSubmit={(e) => {
          e.preventDefault();
          if (ownFits) onSay({ action: 'hold-was', seconds: own });
        }}
      >
        <label>
          <span className="block mb-1 text-[1.1rem]">{labels.orAfterSoManySeconds}</span>
          <input
            inputMode="decimal"
            className="input bg-sheet border-quiet text-[1.6rem] h-[4.4rem] w-[9rem] tabular-nums"
            value={seconds}
            onChange={(e) => setSeconds(e.target.value)}
          />
        </label>
        <BigKey submit disabled={!ownFits}>
          {labels.thatLong}
        </BigKey>
        {seconds.trim() !== '' && !ownFits && (
          <p role="alert" className="text-[1.1rem]">
            {labels.n0ToSecondsArePossible(Math.floor(sinceClosed))}
          </p>
        )}
      </form>
    </section>
  );
}

const duration = (s: number) => (s < 90 ? `${Math.round(s)} s` : `${Math.round(s / 60)} min`);
