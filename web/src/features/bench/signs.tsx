import type { ReactNode } from 'react';
import type { Outcome } from '../../api/client';
import * as labels from './labels';

/** What can be seen on a piece, in the order in which hands and eyes come upon it. */
export const SIGNS: readonly { id: Outcome; word: string; key: string }[] = [
  { id: 'edges-lifted', word: labels.aCornerLifts, key: '1' },
  { id: 'on-carrier', word: labels.comesUpWithTheCarrier, key: '2' },
  { id: 'weave-hidden', word: labels.noWeaveShowing, key: '3' },
  { id: 'wrinkled', word: labels.wrinkles, key: '4' },
  { id: 'rippled', word: labels.ripplesInFoil, key: '5' },
  { id: 'puff-flat', word: labels.foamStayedFlat, key: '6' },
  { id: 'dented', word: labels.aDent, key: '7' },
  { id: 'marked', word: labels.shinyBox, key: '8' },
  { id: 'colour-shifted', word: labels.colourChanged, key: '9' },
  { id: 'scorched', word: labels.scorched, key: '0' },
  { id: 'crooked', word: labels.liesCrooked, key: '-' },
];

export const signWord = (id: Outcome) => SIGNS.find((s) => s.id === id)?.word ?? labels.stuck;

const VINYL = 'M24 44q24-15 48 0v6q-24-10-48 0z M44 16l3 7 8 1-6 5 2 8-7-4-7 4 2-8-6-5 8-1z';

const WEAVE = [7, 12, 17, 22, 27, 32, 37, 42, 47, 52, 57];

/** Cloth from above with its weave, and a print of a star over a hill on it. */
function Cloth({ children, tint }: { children?: ReactNode; tint?: string }) {
  return (
    <>
      <rect x="2" y="2" width="92" height="60" fill={tint ?? 'none'} stroke="currentColor" strokeWidth="1.5" />
      <g stroke="currentColor" strokeWidth="0.6" opacity="0.45">
        {WEAVE.map((y, i) => (
          <path key={y} d={`M2 ${y}H94`} strokeDasharray="3 2" strokeDashoffset={i % 2 ? 2.5 : 0} />
        ))}
      </g>
      {children}
    </>
  );
}

const PICTURES: Partial<Record<Outcome, ReactNode>> = {
  'edges-lifted': (
    <Cloth>
      <path d="M20 14H64L76 26V52H20Z" fill="currentColor" opacity="0.85" />
      <path d="M64 14Q58 24 62 31Q70 26 76 26Z" fill="var(--color-paper)" stroke="currentColor" strokeWidth="2" />
      <path d="M80 12l8-6M82 18h9" stroke="currentColor" strokeWidth="2" />
    </Cloth>
  ),
  'on-carrier': (
    <Cloth>
      <path d="M16 52H58" stroke="currentColor" strokeWidth="4" />
      <path d="M58 52Q74 48 82 14" fill="none" stroke="currentColor" strokeWidth="4" />
      <path
        d="M10 56H62Q80 52 90 12"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.4"
        strokeDasharray="4 2"
        transform="translate(2 3)"
      />
    </Cloth>
  ),
  'weave-hidden': (
    <Cloth>
      <rect x="18" y="12" width="60" height="40" rx="3" fill="var(--color-paper)" />
      <rect x="18" y="12" width="60" height="40" rx="3" fill="currentColor" opacity="0.85" />
      <path d="M26 44L48 20M36 46L58 22" stroke="var(--color-paper)" strokeWidth="3" strokeLinecap="round" />
    </Cloth>
  ),
  wrinkled: (
    <Cloth>
      <rect x="16" y="12" width="64" height="40" rx="3" fill="currentColor" opacity="0.85" />
      <g fill="none" stroke="var(--color-paper)" strokeWidth="2">
        <path d="M22 20q9 9 6 18t8 10M42 15q-6 10 2 17t-2 17M60 15q8 8 2 16t7 17" />
      </g>
    </Cloth>
  ),
  rippled: (
    <Cloth>
      <rect x="16" y="12" width="64" height="40" rx="3" fill="currentColor" opacity="0.85" />
      <g fill="none" stroke="var(--color-paper)" strokeWidth="1.8">
        {[16, 22, 28, 34, 40, 46].map((y) => (
          <path key={y} d={`M18 ${y}q7.5-5 15 0t15 0 15 0 15 0`} />
        ))}
      </g>
    </Cloth>
  ),
  'puff-flat': (
    <>
      <path d="M2 54H94" stroke="currentColor" strokeWidth="2" />
      <path d="M8 53V34q0-8 9-8t9 8V53ZM70 53V34q0-8 9-8t9 8V53Z" fill="currentColor" opacity="0.85" />
      <path d="M36 53V49q0-2 3-2H57q3 0 3 2V53Z" fill="currentColor" opacity="0.85" />
      <path d="M48 12V36m-6-7 6 8 6-8" fill="none" stroke="currentColor" strokeWidth="2" />
    </>
  ),
  dented: (
    <Cloth>
      <rect x="14" y="10" width="68" height="44" rx="3" fill="currentColor" opacity="0.85" />
      <path d="M56 8L42 56" stroke="var(--color-paper)" strokeWidth="4" />
      <path d="M60 8L46 56" stroke="currentColor" strokeWidth="1" />
    </Cloth>
  ),
  marked: (
    <Cloth>
      <rect x="10" y="7" width="76" height="50" fill="var(--color-paper)" opacity="0.8" />
      <rect x="10" y="7" width="76" height="50" fill="none" stroke="currentColor" strokeWidth="3" />
      <path d="M16 22L28 12M16 32L40 12" stroke="currentColor" strokeWidth="1.5" />
      <path d={VINYL} fill="currentColor" />
    </Cloth>
  ),
  'colour-shifted': (
    <Cloth>
      <path d="M48 2H94V62H48Z" fill="currentColor" opacity="0.4" />
      <path d={VINYL} fill="currentColor" />
    </Cloth>
  ),
  scorched: (
    <Cloth>
      <path d="M56 8q18 2 26 14t2 26-24 10-18-12-2-26 16-12z" fill="currentColor" opacity="0.35" />
      <path d="M60 20q11 2 14 10t-2 14-14 4-9-9 1-14 10-5z" fill="currentColor" />
    </Cloth>
  ),
  crooked: (
    <Cloth>
      <path d="M48 2V62" stroke="currentColor" strokeWidth="2" strokeDasharray="5 4" />
      <path d={VINYL} fill="currentColor" transform="rotate(17 48 34) translate(5 2)" />
    </Cloth>
  ),
};

/** A drawing of what is seen. */
export function SignPicture({ sign, width = 96 }: { sign: Outcome; width?: number }) {
  return (
    <svg
      aria-hidden="true"
      width={width}
      height={(width * 64) / 96}
      viewBox="0 0 96 64"
      className="shrink-0 overflow-hidden"
    >
      {PICTURES[sign] ?? (
        <Cloth>
          <path d={VINYL} fill="currentColor" />
        </Cloth>
      )}
    </svg>
  );
}
