import type { Run } from '../../api/client';
import * as labels from './labels';
import { STANDS } from './stands';
import type { Piece, Station } from './useRun';

/** What a piece of the strip is doing, as its shape shows it. */
export type Doing = 'here' | 'out' | 'next' | 'waiting' | 'over';

/** A piece of the strip. */
export interface Shown {
  piece: Piece;
  doing: Doing;
  word: string;
  /** When it is due, by the server; null where nothing counts. */
  dueUtc: string | null;
}

// A longer run shows what is out, what comes next and as many more; the rest is counted.
const MOST_WAITING = 4;
const SHORT_RUN = 10;

/** All pieces of a run in their order, as one press sees them; of a long run those that matter now, the others counted. */
export function stripOf(run: Run, station: Station): { shown: Shown[]; waiting: number; over: number } {
  const all = run.pieces.map((piece) => seen(piece, run, station));
  if (all.length <= SHORT_RUN) return { shown: all, waiting: 0, over: 0 };
  const waiting = all.filter((s) => s.doing === 'waiting');
  const kept = new Set([
    ...all.filter((s) => ['here', 'out', 'next'].includes(s.doing)),
    ...waiting.slice(0, MOST_WAITING),
  ]);
  return {
    shown: all.filter((s) => kept.has(s)),
    waiting: Math.max(0, waiting.length - MOST_WAITING),
    over: all.filter((s) => s.doing === 'over').length,
  };
}

function seen(piece: Piece, run: Run, station: Station): Shown {
  const at = (doing: Doing, word: string, dueUtc: string | null = null) => ({ piece, doing, word, dueUtc });
  if (piece.number === station.focus?.piece) return at('here', labels.atThePress);
  const out = station.others.find((o) => o.piece === piece.number);
  if (out)
    return at(
      'out',
      out.dueUtc ? labels.cooling : out.step.stage === 'peel' ? labels.toBePeeled : labels.putDown,
      out.dueUtc,
    );
  if (piece.number === run.nextPiece) return at('next', labels.nextInLine);
  if (piece.status === 'waiting') return at('waiting', labels.inLine);
  return at(['done', 'ruined', 'left'].includes(piece.status) ? 'over' : 'out', STANDS[piece.status]);
}
