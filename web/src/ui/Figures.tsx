import { useId, useState } from 'react';
import type { Schemas } from '../api/client';
import * as labels from './labels';

/** Figures of a press; each opens to where it comes from. */
export function Figures({ figures }: { figures: readonly Schemas['Derivation'][] }) {
  const [open, setOpen] = useState<string | null>(null);
  const id = useId();
  const shown = figures.find((f) => f.figure === open);
  return (
    <div>
      <ul className="flex flex-wrap gap-x-5 gap-y-1" aria-label={labels.whereEachFigureComesFrom}>
        {figures.map((f) => (
          <li key={f.figure}>
            <button
              type="button"
              aria-expanded={open === f.figure}
              aria-controls={`${id}-derivation`}
              className={`figure-button ${open === f.figure ? 'open' : ''}`}
              onClick={() => setOpen(open === f.figure ? null : f.figure)}
            >
              <span className="text-quiet">{f.name}</span> <span className="font-semibold tabular-nums">{f.shown}</span>
            </button>
          </li>
        ))}
      </ul>
      <div id={`${id}-derivation`}>{shown && <DerivationLines derivation={shown} />}</div>
    </div>
  );
}

/** Where one figure comes from, line by line, each with its source. */
export function DerivationLines({ derivation }: { derivation: Schemas['Derivation'] }) {
  return (
    <ol className="mt-2 border-l border-ink pl-4 grid gap-1.5 text-[0.95rem]" data-testid="derivation">
      {derivation.lines.map((line) => (
        <li key={line.text}>
          {line.text}
          {line.from && <span className="block text-[0.84rem] text-quiet">{labels.source(line.from)}</span>}
        </li>
      ))}
    </ol>
  );
}
