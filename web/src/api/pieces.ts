import type { Schemas } from './client';
import { changed, type Job } from './job';

/** A piece of a run, or several alike. */
export type Piece = Schemas['PieceEntry'];

/** What a column of the table of pieces holds. */
export type PieceField = 'name' | 'size' | 'garmentColour' | 'colour' | 'widthMm' | 'count';

export const NEW_PIECE: Piece = {
  name: '',
  size: null,
  garmentColour: null,
  colour: null,
  widthMm: null,
  count: 1,
  proofed: false,
};

/** The pieces that a job lists; sizes that an older file tells apart are pieces without a name. */
export function piecesOf(job: Job): Piece[] {
  if (job.names && job.names.length > 0) return job.names.map((n) => ({ ...NEW_PIECE, ...n, count: n.count ?? 1 }));
  return (job.sizes ?? [])
    .filter((s) => (s.count ?? 0) > 0)
    .map((s) => ({ ...NEW_PIECE, size: s.size, count: s.count ?? 1 }));
}

/** The pieces of a list by size, in the order given. */
export function piecesBySize(job: Job, sizes: readonly string[]): { size: string; count: number }[] {
  const pieces = piecesOf(job);
  return sizes
    .map((size) => ({ size, count: garmentsIn(pieces.filter((p) => p.size === size)) }))
    .filter((s) => s.count > 0);
}

/** How many garments a list comes to. */
export const garmentsIn = (pieces: readonly Piece[]) => pieces.reduce((sum, p) => sum + (p.count ?? 1), 0);

/** The same job with a list of pieces, its quantity counted from it. */
export function withPieces(job: Job, pieces: readonly Piece[]): Job {
  const kept = pieces.map((p) => ({
    ...(p.name ? { name: p.name } : {}),
    ...(p.size ? { size: p.size } : {}),
    ...(p.garmentColour ? { garmentColour: p.garmentColour } : {}),
    ...(p.colour ? { colour: p.colour } : {}),
    ...(p.widthMm ? { widthMm: p.widthMm } : {}),
    ...((p.count ?? 1) === 1 ? {} : { count: p.count ?? 1 }),
    ...(p.proofed ? { proofed: true } : {}),
  }));
  return changed(job, {
    names: kept.length > 0 ? kept : undefined,
    sizes: undefined,
    ...(kept.length > 0 ? { quantity: garmentsIn(pieces) } : {}),
  });
}

/** How many of a size there are to be: rows of that size shrink or grow, those without a name first. */
export function withSizeCount(job: Job, size: string, count: number): Job {
  const pieces = piecesOf(job);
  const named = pieces.filter((p) => p.size !== size || p.name);
  const rest = count - garmentsIn(named.filter((p) => p.size === size));
  return withPieces(job, rest > 0 ? [...named, { ...NEW_PIECE, size, count: rest }] : named);
}

/** The list with one field of a row copied into all rows below it. */
export function filledDown(pieces: readonly Piece[], row: number, field: PieceField): Piece[] {
  const from = pieces[row];
  if (!from) return [...pieces];
  return pieces.map((p, i) => (i <= row ? p : set(p, field, from[field])));
}

/** The list with rows put in from a row on: whole rows, or just one field of each. */
export function pasted(
  pieces: readonly Piece[],
  row: number,
  rows: readonly Piece[],
  field: PieceField | null,
): Piece[] {
  const next = [...pieces];
  rows.forEach((given, i) => {
    const at = row + i;
    const old = next[at] ?? NEW_PIECE;
    next[at] = field === null ? given : set(old, field, given[field] as never);
  });
  return next;
}

/** A piece with a field changed; a name that changes has not been read over yet. */
export function set<F extends PieceField>(piece: Piece, field: F, value: Piece[F]): Piece {
  return { ...piece, [field]: value, ...(field === 'name' && value !== piece.name ? { proofed: false } : {}) };
}
