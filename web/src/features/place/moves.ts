import type { Schemas } from '../../api/client';
import { changed, type Job, type JobLayer } from '../../api/job';

export type FacePlacement = Schemas['FacePlacement'];
export interface BoxMm {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

const SNAP_MM = 4;
const HALF = 0.5;

/** Lengths are kept to half a millimetre: finer cannot be laid by hand. */
export const rounded = (mm: number) => Math.round(mm / HALF) * HALF;

const exact = (mm: number) => Math.round(mm * 1000) / 1000;

export function faceOf(job: Job, layer: JobLayer): string {
  return (layer.face as string | undefined) ?? (job.blank.face as string | undefined) ?? 'front';
}

export function boxOf(layer: JobLayer): BoxMm | null {
  const { xMm, yMm, widthMm, heightMm } = layer;
  return xMm !== undefined && yMm !== undefined && widthMm !== undefined && heightMm !== undefined
    ? { xMm, yMm, widthMm, heightMm }
    : null;
}

export function around(boxes: readonly BoxMm[]): BoxMm | null {
  if (boxes.length === 0) return null;
  const x = Math.min(...boxes.map((b) => b.xMm));
  const y = Math.min(...boxes.map((b) => b.yMm));
  return {
    xMm: x,
    yMm: y,
    widthMm: Math.max(...boxes.map((b) => b.xMm + b.widthMm)) - x,
    heightMm: Math.max(...boxes.map((b) => b.yMm + b.heightMm)) - y,
  };
}

/** Layers of a face that a move takes along: one, or all of them. */
function moved(job: Job, face: string, index: number | null, change: (layer: JobLayer) => JobLayer): Job {
  const layers = job.layers.map((l, i) => (faceOf(job, l) === face && (index === null || index === i) ? change(l) : l));
  return { ...job, layers: layers as Job['layers'] };
}

/** The same job with its artwork shifted; what is not placed yet stays so. */
export function shifted(job: Job, face: string, index: number | null, dx: number, dy: number): Job {
  // Layers of one drawing move by the same rounded step, so that they stay in register.
  const first = job.layers.find((l, i) => faceOf(job, l) === face && (index === null || index === i) && boxOf(l));
  const step = (at: number | undefined, by: number) => rounded((at ?? 0) + by) - (at ?? 0);
  const [stepX, stepY] = [step(first?.xMm, dx), step(first?.yMm, dy)];
  return moved(job, face, index, (l) =>
    l.xMm === undefined || l.yMm === undefined ? l : { ...l, xMm: exact(l.xMm + stepX), yMm: exact(l.yMm + stepY) },
  );
}

/** The same job with its artwork as a whole at a place; layers that were nowhere yet lie middle on middle. */
export function placedAt(job: Job, face: string, x: number, y: number): Job {
  const here = job.layers.filter((l) => faceOf(job, l) === face);
  const box = around(here.map(boxOf).filter((b) => b !== null));
  const placed = box ? shifted(job, face, null, x - box.xMm, y - box.yMm) : job;
  const width = box?.widthMm ?? Math.max(...here.map((l) => l.widthMm ?? 0));
  const height = box?.heightMm ?? Math.max(...here.map((l) => l.heightMm ?? 0));
  return moved(placed, face, null, (l) =>
    boxOf(l) || l.widthMm === undefined || l.heightMm === undefined
      ? l
      : { ...l, xMm: rounded(x + (width - l.widthMm) / 2), yMm: rounded(y + (height - l.heightMm) / 2) },
  );
}

/** The same job with its artwork scaled, proportions and the middle of its upper edge kept. */
export function scaled(job: Job, face: string, factor: number): Job {
  const box = around(
    job.layers
      .filter((l) => faceOf(job, l) === face)
      .map(boxOf)
      .filter((b) => b !== null),
  );
  return moved(job, face, null, (l) => {
    if (l.widthMm === undefined || l.heightMm === undefined) return l;
    // A drawing keeps its proportions and its layers their places to each other, to the thousandth.
    const kept = l.shape === undefined ? rounded : exact;
    const size = {
      widthMm: kept(l.widthMm * factor),
      heightMm: kept(l.heightMm * factor),
      ...lettersScaled(l, factor),
    };
    if (!box || l.xMm === undefined || l.yMm === undefined) return changed(l, size);
    const middle = box.xMm + box.widthMm / 2;
    return {
      ...l,
      ...size,
      xMm: kept(middle + (l.xMm - middle) * factor),
      yMm: kept(box.yMm + (l.yMm - box.yMm) * factor),
    };
  });
}

/** Letters are set anew whenever their words change, so their height goes along with the box. */
function lettersScaled(layer: JobLayer, factor: number): Partial<JobLayer> {
  const { word } = layer;
  if (!word) return {};
  return {
    word: {
      ...word,
      ...(word.heightMm === undefined ? {} : { heightMm: exact(word.heightMm * factor) }),
      ...(word.gapMm === undefined ? {} : { gapMm: exact(word.gapMm * factor) }),
    },
  };
}

/** The layers of a face that make up one drawing: their places to each other are what keeps colours in register. */
export function drawingOn(job: Job, face: string): JobLayer[] {
  const drawn = job.layers.filter((l) => faceOf(job, l) === face && l.shape !== undefined);
  return drawn.length > 1 ? drawn : [];
}

/** One layer with another width or height: what was drawn keeps its proportions, the middle of its upper edge stays. */
export function resized(layer: JobLayer, change: { widthMm?: number; heightMm?: number }): JobLayer {
  const { widthMm: w, heightMm: h } = layer;
  if (layer.shape === undefined || !w || !h) return changed(layer, change);
  const factor = change.widthMm ? change.widthMm / w : change.heightMm ? change.heightMm / h : 1;
  return {
    ...layer,
    widthMm: exact(w * factor),
    heightMm: exact(h * factor),
    ...lettersScaled(layer, factor),
    ...(layer.xMm === undefined ? {} : { xMm: exact(layer.xMm + (w * (1 - factor)) / 2) }),
  };
}

/** A shift drawn to the middle line and to the places that the rules propose, when it comes near them. */
export function snapped(
  box: BoxMm,
  dx: number,
  dy: number,
  placement: Pick<FacePlacement, 'widthMm' | 'proposals'>,
): { dx: number; dy: number; onMiddle: boolean; onRule: string | null } {
  const near = (a: number, b: number) => Math.abs(a - b) <= SNAP_MM;
  const toMiddle = placement.widthMm / 2 - box.widthMm / 2 - box.xMm;
  const onMiddle = near(dx, toMiddle);
  const rule = placement.proposals.find((p) => near(box.yMm + dy, p.yMm) && (onMiddle || near(box.xMm + dx, p.xMm)));
  return {
    dx: rule && !onMiddle ? rule.xMm - box.xMm : onMiddle ? toMiddle : dx,
    dy: rule ? rule.yMm - box.yMm : dy,
    onMiddle,
    onRule: rule?.name ?? null,
  };
}
