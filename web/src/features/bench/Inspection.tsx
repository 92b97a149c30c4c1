import { useEffect } from 'react';
import type { Outcome } from '../../api/client';
import { OUTCOMES, OutcomeMark } from '../logbook/outcomes';

export interface Seen {
  outcomes: Outcome[];
  note: string;
  noting: boolean;
}

export const NOTHING_SEEN: Seen = { outcomes: [], note: '', noting: false };

const WRONG = OUTCOMES.filter((o) => o.id !== 'stuck');

const toggled = (seen: Seen, id: Outcome): Seen => ({
  ...seen,
  outcomes: seen.outcomes.includes(id) ? seen.outcomes.filter((x) => x !== id) : [...seen.outcomes, id],
});

/** What came out. Good needs nothing but Space; only what is wrong needs a tap. */
export function Inspection({ seen, onSeen }: { seen: Seen; onSeen: (change: (seen: Seen) => Seen) => void }) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.target instanceof HTMLTextAreaElement || e.target instanceof HTMLInputElement) return;
      const hit = WRONG[Number(e.key) - 1];
      if (hit) onSeen((s) => toggled(s, hit.id));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onSeen]);
  const noting = seen.noting || seen.outcomes.length > 0;
  return (
    <div className="mt-8">
      <p className="text-[1.3rem] text-quiet mb-4">Anything wrong?</p>
      <div className="grid grid-cols-2 gap-4 max-w-[40rem]">
        {WRONG.map((o, i) => (
          <button
            key={o.id}
            type="button"
            aria-pressed={seen.outcomes.includes(o.id)}
            onClick={() => onSeen((s) => toggled(s, o.id))}
            className={`flex items-center gap-4 px-5 min-h-[4.8rem] text-[1.4rem] border-2 ${seen.outcomes.includes(o.id) ? 'bg-ink text-paper border-ink font-bold' : 'border-quiet hover:border-ink'}`}
          >
            <OutcomeMark outcome={o.id} size={34} />
            {o.word}
            <kbd className="ml-auto text-[1rem] opacity-70">{i + 1}</kbd>
          </button>
        ))}
      </div>
      {noting ? (
        <label className="block mt-5 max-w-[40rem]">
          <span className="block mb-1 text-[1.1rem]">A note, if you like</span>
          <input
            className="input w-full bg-sheet border-quiet text-[1.2rem] h-14"
            maxLength={500}
            value={seen.note}
            onChange={(e) => onSeen((s) => ({ ...s, note: e.target.value }))}
          />
        </label>
      ) : (
        <button
          type="button"
          className="mt-5 underline underline-offset-4 text-quiet text-[1.1rem]"
          onClick={() => onSeen((s) => ({ ...s, noting: true }))}
        >
          Add a note
        </button>
      )}
    </div>
  );
}
