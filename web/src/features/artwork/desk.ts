import type { Schemas } from '../../api/client';
import { changed, type Job, type JobLayer, layerId } from '../../api/job';
import type { JobWord } from '../../api/jobFile';

export type ArtworkLook = Schemas['ArtworkLook'];
export type LayerLook = Schemas['LayerLook'];

/** What is set in a layer of words, as the job file writes it. */
export type Word = JobWord;

export const NEW_WORD: Word = { text: '', font: 'plain', heightMm: 40, gapMm: 0, arcDegrees: 0 };

/** What each kind of work is called on its button, and what it does, in the order in which they are offered. */
export const WORK: readonly { group: string; kinds: readonly { id: string; name: string; does: string }[] }[] = [
  {
    group: 'Line up',
    kinds: [
      { id: 'equal-widths', name: 'Equally wide', does: 'All as wide as the widest, proportions kept.' },
      { id: 'centre-across', name: 'Middle under middle', does: 'All on one upright middle line.' },
      { id: 'centre-down', name: 'Middle beside middle', does: 'All on one level middle line.' },
      { id: 'even-spacing', name: 'Even gaps', does: 'The same gap between all, the outermost stay.' },
    ],
  },
  {
    group: 'Join',
    kinds: [
      { id: 'weld', name: 'Weld', does: 'Pieces of one vinyl become one; gaps up to the length given are bridged.' },
      {
        id: 'merge',
        name: 'Merge into one sheet',
        does: 'Several shades become one layer, in the lowest one’s vinyl.',
      },
    ],
  },
  {
    group: 'Divide',
    kinds: [
      { id: 'pieces-apart', name: 'Pieces apart', does: 'Every piece that hangs together becomes a layer.' },
      {
        id: 'halve-across',
        name: 'Top and bottom',
        does: 'Split across the middle, the length given between the halves.',
      },
      { id: 'halve-down', name: 'Left and right', does: 'Split down the middle: for a zipper or a button band.' },
      { id: 'swap-halves', name: 'Swap halves', does: 'Left for right, or two layers with each other, with a gap.' },
      { id: 'duplicate', name: 'Duplicate', does: 'The same once more, beside it.' },
    ],
  },
  {
    group: 'Easier to weed',
    kinds: [
      { id: 'open-lines', name: 'Widen thin gaps', does: 'Lines and gaps inside are widened to the length given.' },
      { id: 'stencil', name: 'Stencil', does: 'Bars through letters and numbers, so that no center is loose.' },
    ],
  },
  {
    group: 'What lies below',
    kinds: [
      {
        id: 'outline',
        name: 'Outline below',
        does: 'A new layer underneath that stands out all round by the length given.',
      },
      { id: 'silhouette', name: 'Solid base below', does: 'A new layer underneath with all gaps and centers filled.' },
      {
        id: 'cut-below',
        name: 'Cut a hole below',
        does: 'Cuts this shape out of what lies below, less the overlap given.',
      },
      {
        id: 'drop-base',
        name: 'No base below',
        does: 'Takes the base away under glitter and whatever wants bare cloth.',
      },
      { id: 'fill-beneath', name: 'Run on below', does: 'Lets this layer run on underneath what lies on it.' },
    ],
  },
];

/** What is done with pieces that are tapped. */
export const PIECE_WORK = [
  { id: 'keep-pieces', name: 'Keep only these' },
  { id: 'remove-pieces', name: 'Remove these' },
  { id: 'own-layer', name: 'Make a layer' },
  { id: 'duplicate', name: 'Duplicate' },
] as const;

/** What is done with what lies inside a box, a circle or beside a line. */
export const REGION_WORK = [
  { id: 'cut-out', name: 'Make a layer' },
  { id: 'cover-up', name: 'Remove inside' },
  { id: 'keep-inside', name: 'Keep only inside' },
] as const;

/** Pieces that are tapped, by layer. */
export type ChosenPieces = Readonly<Record<string, readonly number[]>>;

/** The same with a piece tapped once more. */
export function pieceTapped(chosen: ChosenPieces, layer: string, piece: number): ChosenPieces {
  const here = chosen[layer] ?? [];
  const now = here.includes(piece) ? here.filter((p) => p !== piece) : [...here, piece];
  const { [layer]: _, ...others } = chosen;
  return now.length > 0 ? { ...others, [layer]: now } : others;
}

/** The outline of each piece of a layer: its edge and its holes. */
export function piecePaths(layer: Pick<LayerLook, 'path' | 'linesOfPieces'>): string[] {
  const lines = layer.path
    .split('M')
    .slice(1)
    .map((line) => `M${line}`);
  let at = 0;
  return (layer.linesOfPieces ?? []).map((count) => {
    const piece = lines.slice(at, at + count).join('');
    at += count;
    return piece;
  });
}

/** The same job with a member of one layer changed. */
export function layerChanged(job: Job, index: number, change: Partial<JobLayer>): Job {
  return { ...job, layers: job.layers.map((l, i) => (i === index ? changed(l, change) : l)) as Job['layers'] };
}

/** The same job with a layer one step nearer to the eye or further from it. */
export function layerLifted(job: Job, index: number, by: 1 | -1): Job {
  const to = index + by;
  if (to < 0 || to >= job.layers.length) return job;
  const layers = job.layers.map((l, i) => ({ ...l, id: layerId(job, i) }));
  const [moved] = layers.splice(index, 1);
  if (moved) layers.splice(to, 0, moved);
  return { ...job, layers: layers as unknown as Job['layers'] };
}

/** What the whole picture comes to, in a sentence. */
export function weedingInWords(look: ArtworkLook): { head: string; seconds: number } {
  const rings = look.layers.reduce((sum, l) => sum + l.delicate.length, 0);
  const centres = look.layers.reduce((sum, l) => sum + l.centres, 0);
  const places = rings === 0 ? 'Nothing delicate' : rings === 1 ? 'One delicate place' : `${rings} delicate places`;
  const picks =
    centres === 0 ? 'no centers to weed' : centres === 1 ? 'one center to weed' : `${centres} centers to weed`;
  return { head: `${places}, ${picks}`, seconds: look.weedSeconds };
}

/** Minutes and seconds as people say them. */
export const spoken = (seconds: number) =>
  seconds < 90 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;
