import type { TracePhase } from '../api/client';

/** Index of the last sample at or before a time within a phase. */
export function sampleAt(phase: TracePhase, seconds: number): number {
  let low = 0;
  let high = phase.times.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((phase.times[middle] ?? 0) <= seconds) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Temperatures at the faces of the stack at a time within a phase, in a straight line between samples. */
export function facesAt(phase: TracePhase, seconds: number): number[] {
  const i = sampleAt(phase, seconds);
  const here = phase.faces[i] ?? [];
  const next = phase.faces[i + 1];
  const from = phase.times[i] ?? 0;
  const to = phase.times[i + 1];
  if (!next || to === undefined || seconds <= from) return here;
  const share = Math.min(1, (seconds - from) / (to - from));
  return here.map((face, k) => face + share * ((next[k] ?? face) - face));
}

/** Index of the face that is the glue line: the upper face of the blank. */
export function glueFace(phase: TracePhase): number {
  return phase.sheets.findIndex((s) => s.id === 'face');
}

export interface RibbonBlock {
  phase: TracePhase;
  index: number;
  x: number;
  width: number;
}

/**
 * Lays phases along a strip. Time runs evenly, but no phase becomes so narrow that it cannot be tapped: what the narrow ones
 * borrow, the wide ones give.
 */
export function ribbon(phases: readonly TracePhase[], width: number, narrowest: number): RibbonBlock[] {
  const total = phases.reduce((sum, p) => sum + p.seconds, 0);
  if (total === 0) return [];
  const even = phases.map((p) => (p.seconds / total) * width);
  const borrowed = even.reduce((sum, w) => sum + Math.max(0, narrowest - w), 0);
  const spare = even.reduce((sum, w) => sum + Math.max(0, w - narrowest), 0);
  let x = 0;
  return phases.map((phase, index) => {
    const own = even[index] ?? 0;
    const given =
      own > narrowest && spare > 0 ? own - ((own - narrowest) / spare) * borrowed : Math.max(own, narrowest);
    const block = { phase, index, x, width: given };
    x += given;
    return block;
  });
}

/** Drawn height of a sheet: thickness exaggerated, so that vinyl and pad can be seen side by side. */
export function sheetHeight(thicknessMm: number): number {
  return 11 + 11 * Math.log2(1 + thicknessMm / 0.25);
}
