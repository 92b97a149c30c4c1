import type { Schemas } from '../api/client';
import * as labels from './labels';

const WORD = { go: labels.go, caution: labels.caution2, stop: labels.stop2 } as const;

/** Told by shape and word, not by colour: a ring, a double bar, an octagon. */
export function VerdictMark({ verdict }: { verdict: Schemas['Verdict'] }) {
  return (
    <span className="inline-flex items-center gap-2 font-semibold whitespace-nowrap">
      <svg
        aria-hidden="true"
        width="18"
        height="18"
        viewBox="0 0 18 18"
        fill="none"
        stroke="currentColor"
        strokeWidth="2.2"
      >
        {verdict === 'go' && <circle cx="9" cy="9" r="6" />}
        {verdict === 'caution' && <path d="M6 2v14M12 2v14" />}
        {verdict === 'stop' && <path d="M6 1.5h6l4.5 4.5v6L12 16.5H6L1.5 12V6z" fill="currentColor" />}
      </svg>
      {WORD[verdict]}
    </span>
  );
}
