import { type ReactNode, useEffect, useRef, useState } from 'react';
import { BigKey } from './BigKey';
import * as labels from './labels';
import type { Command } from './useRun';

/** Something is off: what is seen, or a word about it. */
export function Off({
  canSee,
  lastHold,
  signs,
  onSay,
  onClose,
}: {
  canSee: boolean;
  lastHold: number | null;
  /** What can be seen, to tap. */
  signs: ReactNode;
  onSay: (command: Command) => void;
  onClose: () => void;
}) {
  const [said, setSaid] = useState('');
  const [closed, setClosed] = useState('');
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus({ preventScroll: true }), []);
  const seconds = Number(closed.replace(',', '.'));
  return (
    <div data-testid="off">
      <h1 ref={heading} tabIndex={-1} className="text-[2.4rem] font-bold leading-[1.15] outline-none">
        {labels.whatIsOff}
      </h1>
      {canSee ? (
        <div className="mt-4">{signs}</div>
      ) : (
        <p className="text-[1.2rem] text-quiet mt-2">{labels.nothingCanBeSeenOn}</p>
      )}
      <form
        className="flex flex-wrap gap-4 items-end mt-5"
        onSubmit={(e) => {
          e.preventDefault();
          onSay({ action: 'something-off', note: said });
          onClose();
        }}
      >
        <label className="grow max-w-[44rem]">
          <span className="block mb-1 text-[1.1rem]">{canSee ? labels.orInYourOwnWords : labels.inYourOwnWords}</span>
          <textarea
            rows={2}
            maxLength={500}
            className="textarea w-full bg-sheet text-[1.1rem]"
            value={said}
            onChange={(e) => setSaid(e.target.value)}
          />
        </label>
        <BigKey strong disabled={said.trim() === ''} submit>
          {labels.keepIt}
        </BigKey>
        <BigKey onClick={onClose}>{labels.escNeverMind}</BigKey>
      </form>
      {lastHold !== null && (
        <form
          className="flex flex-wrap gap-4 items-end mt-5"
          onSubmit={(e) => {
            e.preventDefault();
            onSay({ action: 'hold-was', seconds });
            onClose();
          }}
        >
          <label>
            <span className="block mb-1 text-[1.1rem]">{labels.thePlateWasClosedLonger(Math.round(lastHold))}</span>
            <input
              inputMode="decimal"
              className="input bg-sheet border-quiet text-[1.3rem] h-[4.4rem] w-[9rem] tabular-nums"
              value={closed}
              onChange={(e) => setClosed(e.target.value)}
            />
          </label>
          <BigKey submit disabled={closed.trim() === '' || !(seconds >= 0 && seconds <= 3600)}>
            {labels.soManySeconds}
          </BigKey>
        </form>
      )}
    </div>
  );
}
