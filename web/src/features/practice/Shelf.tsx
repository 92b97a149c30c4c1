import * as labels from './labels';
import type { Case, Move, Seen } from './usePractice';

interface Props {
  met: Case;
  seen: Seen;
  onMove: (move: Move) => void;
}

/** What is taken off the shelf before anything touches the press, and the care label. */
export function Shelf({ met, seen, onMove }: Props) {
  const choices = [
    { kind: 'vinyl', name: labels.roll, from: met.shelf, now: seen.vinyl },
    { kind: 'cover', name: labels.coverSheet, from: met.covers, now: seen.cover },
    { kind: 'underlay', name: labels.underneath, from: met.underlays, now: seen.underlay },
  ] as const;
  const open = choices.filter((c) => c.from.length > 1);
  if (open.length === 0 && !met.hasLabel) return null;
  return (
    <section aria-label={labels.fromTheShelf} className="grid gap-3">
      <div className="flex flex-wrap gap-x-5 gap-y-3 items-end">
        {open.map(({ kind, name, from, now }) => (
          <label key={kind} className="field">
            <span className="name">{name}</span>
            <select
              className="select"
              value={now}
              disabled={seen.begun || seen.over}
              onChange={(e) => onMove({ kind, supply: e.target.value })}
            >
              {from.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </select>
          </label>
        ))}
        {met.hasLabel && !seen.label && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={seen.over}
            onClick={() => onMove({ kind: 'read-label' })}
          >
            {labels.readLabel}
          </button>
        )}
        {seen.label && <CareLabel label={seen.label} />}
      </div>
    </section>
  );
}

/** The label as it is sewn in: what it is made of, and an iron with its dots (ISO 3758). */
function CareLabel({ label }: { label: NonNullable<Seen['label']> }) {
  return (
    <p className="border border-ink px-3 py-1.5 flex items-center gap-3 bg-paper">
      <span>{label.material}</span>
      <svg viewBox="0 0 46 30" className="h-6 w-auto" role="img" aria-label={labels.ironDots(label.dots)}>
        <path d="M6 26H40L36 10H18Q8 14 6 26Z M18 10V5H33L36 10" fill="none" stroke="currentColor" strokeWidth="1.8" />
        {[-7, 0, 7].slice(0, label.dots).map((dx) => (
          <circle key={dx} cx={24 + dx + (3 - label.dots) * 3.5} cy="19" r="2" fill="currentColor" />
        ))}
      </svg>
    </p>
  );
}
