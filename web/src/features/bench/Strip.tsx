import type { Run } from '../../api/client';
import type { ServerClock } from '../../ui/countdown';
import * as labels from './labels';
import { type Doing, stripOf } from './strip';
import { type Station, whose } from './useRun';

const LOOK: Record<Doing, string> = {
  here: 'bg-ink text-paper border-ink font-bold',
  out: 'border-ink border-dashed font-semibold',
  next: 'border-ink',
  waiting: 'border-rule text-quiet',
  over: 'border-transparent text-quiet',
};

/** All pieces of the run and what each is doing. */
export function Strip({ run, station, clock, now }: { run: Run; station: Station; clock: ServerClock; now: number }) {
  const { shown, waiting, over } = stripOf(run, station);
  if (run.pieces.length < 2) return null;
  return (
    <ol className="flex flex-wrap gap-2 mt-2" aria-label={labels.allPieces} data-testid="line-up">
      {over > 0 && <li className="px-2 py-1 text-quiet tabular-nums">{labels.soManyDone(over)}</li>}
      {shown.map(({ piece, doing, word, dueUtc }) => (
        <li key={piece.number} className={`border-2 px-3 py-1 leading-tight ${LOOK[doing]}`} data-doing={doing}>
          <span className="block text-[1.05rem] max-w-[11rem] truncate">{whose(piece)}</span>
          <span className="block text-[0.9rem] tabular-nums font-normal">
            {word}
            {dueUtc && ` ${Math.ceil(clock.secondsLeft(dueUtc, now))} s`}
          </span>
        </li>
      ))}
      {waiting > 0 && <li className="px-2 py-1 text-quiet tabular-nums">{labels.soManyWaiting(waiting)}</li>}
    </ol>
  );
}
