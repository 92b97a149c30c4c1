import type { Outcome } from '../../api/client';

export const OUTCOMES: readonly { id: Outcome; word: string }[] = [
  { id: 'stuck', word: 'Stuck' },
  { id: 'edges-lifted', word: 'Edges lift' },
  { id: 'wrinkled', word: 'Wrinkled' },
  { id: 'marked', word: 'Marked' },
  { id: 'scorched', word: 'Scorched' },
];

export const outcomeWord = (id: string) => OUTCOMES.find((o) => o.id === id)?.word ?? id;

/** A small drawing of what was seen: vinyl lying flat, its edge up, in waves, pressed into, gone dark. */
export function OutcomeMark({ outcome, size = 20 }: { outcome: string; size?: number }) {
  return (
    <svg
      aria-hidden="true"
      width={size}
      height={size}
      viewBox="0 0 20 20"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.8"
      strokeLinecap="round"
    >
      <path d="M2 16h16" />
      {outcome === 'stuck' && <path d="M4 12.5h12" strokeWidth="3" />}
      {outcome === 'edges-lifted' && <path d="M4 12.5h7q4 0 5.5-6" />}
      {outcome === 'wrinkled' && <path d="M3 12q1.8-5 3.5 0t3.5 0 3.5 0 3.5 0" />}
      {outcome === 'marked' && <path d="M3 12h4v-4h6v4h4" />}
      {outcome === 'scorched' && <path d="M4 12.5h12M7 9.5l6-6M7 3.5l6 6" />}
    </svg>
  );
}
