import type { Schemas } from '../../api/client';

export type Region = Schemas['WorkRegion'];

/** What is tapped or drawn on the picture. */
export type PictureMode = 'layers' | 'pieces' | Region['shape'];

/** A region drawn on the picture: nothing yet until the pointer has moved. */
export function regionFrom(
  mode: PictureMode,
  from: { x: number; y: number },
  to: { x: number; y: number },
): Region | null {
  if (mode === 'layers' || mode === 'pieces') return null;
  const tenth = (mm: number) => Math.round(mm * 10) / 10;
  return { shape: mode, xMm: tenth(from.x), yMm: tenth(from.y), toXMm: tenth(to.x), toYMm: tenth(to.y) };
}

/** How far a circle reaches from its middle, mm. */
export const reach = (r: Region) => Math.hypot(r.toXMm - r.xMm, r.toYMm - r.yMm);
