import { useEffect, useState } from 'react';
import type { Outcome } from '../../api/client';
import { OUTCOMES, OutcomeMark } from '../logbook/outcomes';

/** What came out. Good needs nothing but Space; only what is wrong needs a tap. */
export function Inspection({
  onRecord,
  busy,
}: {
  onRecord: (outcomes: Outcome[], note: string) => void;
  busy: boolean;
}) {
  const [seen, setSeen] = useState<Outcome[]>([]);
  const [note, setNote] = useState('');
  const wrong = OUTCOMES.filter((o) => o.id !== 'stuck');
  const toggle = (id: Outcome) => setSeen((s) => (s.includes(id) ? s.filter((x) => x !== id) : [...s, id]));
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.target instanceof HTMLTextAreaElement || e.target instanceof HTMLInputElement) return;
      const at = Number(e.key) - 1;
      const hit = Number.isInteger(at) ? OUTCOMES.filter((o) => o.id !== 'stuck')[at] : undefined;
      if (hit) setSeen((s) => (s.includes(hit.id) ? s.filter((x) => x !== hit.id) : [...s, hit.id]));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <div className="mt-6">
      <p className="text-[1.2rem] text-quiet mb-3">Anything wrong?</p>
      <div className="flex flex-wrap gap-3">
        {wrong.map((o, i) => (
          <button
            key={o.id}
            type="button"
            aria-pressed={seen.includes(o.id)}
            onClick={() => toggle(o.id)}
            className={`flex items-center gap-3 px-5 min-h-[4rem] text-[1.25rem] border-2 ${seen.includes(o.id) ? 'bg-ink text-paper border-ink font-bold' : 'border-quiet hover:border-ink'}`}
          >
            <OutcomeMark outcome={o.id} size={28} />
            {o.word}
            <kbd className="text-[0.95rem] opacity-70">{i + 1}</kbd>
          </button>
        ))}
      </div>
      {(seen.length > 0 || note !== '') && (
        <div className="flex flex-wrap items-end gap-4 mt-5">
          <label className="grow max-w-[36rem]">
            <span className="block mb-1">A note, if you like</span>
            <input
              className="input w-full bg-sheet text-[1.1rem] h-14"
              maxLength={500}
              value={note}
              onChange={(e) => setNote(e.target.value)}
            />
          </label>
          <button
            type="button"
            disabled={busy || seen.length === 0}
            className="px-7 min-h-14 text-[1.25rem] font-bold bg-ink text-paper disabled:opacity-50"
            onClick={() => onRecord(seen, note)}
          >
            Write it down
          </button>
        </div>
      )}
      {seen.length === 0 && note === '' && (
        <button type="button" className="mt-4 underline underline-offset-4 text-quiet" onClick={() => setNote(' ')}>
          Add a note
        </button>
      )}
    </div>
  );
}
