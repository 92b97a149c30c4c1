import type { Outcome, Schemas } from '../../api/client';
import * as labels from './labels';

export const WORDS: Record<Outcome, string> = {
  stuck: labels.stuck,
  'edges-lifted': labels.edgesLift,
  'on-carrier': labels.cameUpWithTheCarrier,
  'weave-hidden': labels.noWeaveShowing,
  wrinkled: labels.wrinkled,
  rippled: labels.rippled,
  'puff-flat': labels.foamFlat,
  dented: labels.dented,
  marked: labels.shinyBox,
  'colour-shifted': labels.colourChanged,
  scorched: labels.scorched,
  crooked: labels.crooked,
};

/** How a piece looks after washing. */
export const WASHED: Record<Schemas['WashLook'], string> = {
  fine: labels.asOnTheFirstDay,
  'edges-lift': labels.anEdgeLifts,
  cracked: labels.cracked,
  faded: labels.faded,
  'came-off': labels.partsCameOff,
};

export const outcomeWord = (id: string) => WORDS[id as Outcome] ?? id;

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
      {outcome === 'on-carrier' && <path d="M4 14h6q5 0 6-9" strokeWidth="3" />}
      {outcome === 'weave-hidden' && <path d="M4 12.5h12M4 9h12" strokeWidth="3" />}
      {outcome === 'rippled' && (
        <path d="M3 12q1.2-3 2.4 0t2.4 0 2.4 0 2.4 0 2.4 0M3 8q1.2-3 2.4 0t2.4 0 2.4 0 2.4 0 2.4 0" />
      )}
      {outcome === 'puff-flat' && <path d="M3 13q2-9 4 0M8.500 13h4M14 13q2-9 4 0" />}
      {outcome === 'dented' && <path d="M3 9h5l2 4 2-4h5" />}
      {outcome === 'colour-shifted' && <path d="M4 12.5h6M12 12.5h1M15 12.5h1M4 8h6" strokeWidth="3" />}
      {outcome === 'crooked' && <path d="M4 14l12-6" strokeWidth="3" />}
      {outcome === 'scorched' && <path d="M4 12.5h12M7 9.5l6-6M7 3.5l6 6" />}
    </svg>
  );
}
