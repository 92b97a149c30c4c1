import type { Run } from '../../api/client';
import type { ServerClock } from '../../ui/countdown';
import { Chips } from './Chips';
import * as labels from './labels';
import { type Piece, type Station, sizeWord, whose } from './useRun';

/** Whose piece it is, large enough to be read across the room. */
export function Whose({ piece, of, fresh = false }: { piece: Piece; of: number; fresh?: boolean }) {
  const alone = of === 1 && !piece.name;
  if (alone) return null;
  return (
    <p
      className={`flex flex-wrap items-center gap-x-6 gap-y-1 mt-4 -mx-3 px-3 py-1 ${fresh ? 'bg-ink text-paper' : ''}`}
      data-testid="whose"
    >
      <strong className="text-[3.4rem] md:text-[4.4rem] leading-none font-bold">{whose(piece)}</strong>
      {piece.size && <span className="text-[2.2rem] leading-none font-semibold">{sizeWord(piece.size)}</span>}
      <Chips piece={piece} large />
      <span className={`text-[1.25rem] ${fresh ? '' : 'text-quiet'}`}>
        {piece.insteadOf ? labels.insteadOfPiece(piece.insteadOf) : `${piece.number} of ${of}`}
      </span>
    </p>
  );
}

/** What else this press has out, and who comes next. */
export function LineUp({ run, station, clock, now }: { run: Run; station: Station; clock: ServerClock; now: number }) {
  const pieceOf = (n: number) => run.pieces[n - 1];
  const next = run.nextPiece ? pieceOf(run.nextPiece) : undefined;
  if (station.others.length === 0 && !next) return null;
  return (
    <ul className="flex flex-wrap gap-x-7 gap-y-1 text-[1.15rem]" data-testid="line-up">
      {station.others.map((o) => (
        <li key={o.piece} className="tabular-nums">
          <span className="text-quiet">
            {o.dueUtc ? 'cooling' : o.step.stage === 'peel' ? labels.toBePeeled : labels.putDown}:{' '}
          </span>
          <strong>{whose(pieceOf(o.piece))}</strong>
          {o.dueUtc && ` ${Math.ceil(clock.secondsLeft(o.dueUtc, now))} s`}
        </li>
      ))}
      {next && (
        <li>
          <span className="text-quiet">{labels.nextInLine}</span>
          <strong>{whose(next)}</strong>
          {next.size && ` ${sizeWord(next.size)}`}
        </li>
      )}
    </ul>
  );
}
