import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useRef } from 'react';
import { api, got, type Outcome, type Schemas } from '../../api/client';
import { useUnits } from '../../app/units';
import { BigKey } from './BigKey';
import { useKeys } from './keys';
import * as labels from './labels';
import { SIGNS, SignPicture, signWord } from './signs';
import type { Piece } from './useRun';

/** What do you see? Pictures to tap; good needs none. */
export function Signs({ onSee }: { onSee: (sign: Outcome) => void }) {
  useKeys(
    useCallback(
      (key) => {
        const hit = SIGNS.find((s) => s.key === key);
        if (hit) onSee(hit.id);
        return hit !== undefined;
      },
      [onSee],
    ),
  );
  return (
    <div className="grid grid-cols-2 md:grid-cols-3 xl:grid-cols-4 gap-2 sm:gap-3" data-testid="signs">
      {SIGNS.map((s) => (
        <button
          key={s.id}
          type="button"
          data-sign={s.id}
          onClick={() => onSee(s.id)}
          className="flex items-center gap-2 sm:gap-3 px-2 sm:px-3 py-2 min-w-0 min-h-[4.9rem] text-left text-[1.15rem] leading-[1.15] border-2 border-quiet hover:border-ink"
        >
          <SignPicture sign={s.id} width={76} />
          <span className="grow">{s.word}</span>
          <kbd className="text-[0.9rem] text-quiet">{s.key}</kbd>
        </button>
      ))}
    </div>
  );
}

interface AdviceProps {
  runId: string;
  piece: Piece;
  seen: readonly Outcome[];
  atEnd: boolean;
  onDo: (sign: Outcome) => void;
  onLeave: () => void;
  onLost: () => void;
  onMore: () => void;
}

/** What to do about what was seen, from the heat that the piece has had. */
export function AdviceFor({ runId, piece, seen, atEnd, onDo, onLeave, onLost, onMore }: AdviceProps) {
  const units = useUnits();
  const advice = useQuery({
    queryKey: [
      'advice',
      runId,
      piece.number,
      seen.join(),
      piece.pressedAgainSeconds,
      piece.lastHoldSeconds,
      units.system,
    ],
    queryFn: () =>
      got(
        api.GET('/api/runs/{id}/pieces/{piece}/advice', {
          params: { path: { id: runId, piece: piece.number }, query: { units: units.system } },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const first = advice.data?.[0];
  const heading = useRef<HTMLDivElement>(null);
  const answered = advice.data !== undefined;
  useEffect(() => {
    if (answered) heading.current?.focus({ preventScroll: true });
  }, [answered]);
  useKeys(
    useCallback(
      (key) => {
        if (key !== ' ' || !first) return false;
        if (first.steps.length > 0) onDo(first.sign);
        // A piece is not given up by the key that does everything else.
        else if (first.kind !== 'lost') onLeave();
        return true;
      },
      [first, onDo, onLeave],
    ),
  );
  if (advice.isError)
    return (
      <p role="alert" className="notice stop text-[1.2rem]">
        {advice.error.message}
      </p>
    );
  if (!advice.data) return <p className="text-[1.3rem] text-quiet">{labels.workingItOut}</p>;
  return (
    <div ref={heading} tabIndex={-1} className="outline-none" data-testid="advice" data-kind={first?.kind}>
      {advice.data.map((a) => (
        <AdviceText key={a.sign} advice={a} />
      ))}
      {!first && <p className="text-[1.6rem]">{labels.thereIsNothingToBe}</p>}
      <div className="flex flex-wrap gap-4 mt-6">
        {first && first.steps.length > 0 && (
          <BigKey strong onClick={() => onDo(first.sign)}>
            {labels.spaceDoThat}
          </BigKey>
        )}
        <BigKey strong={first?.steps.length === 0 && first.kind !== 'lost'} onClick={onLeave}>
          {atEnd ? labels.leaveItSoWriteIt : labels.leaveItSoGoOn}
        </BigKey>
        <BigKey strong={first?.kind === 'lost'} onClick={onLost}>
          {labels.itIsLost}
        </BigKey>
        <BigKey onClick={onMore}>{labels.somethingElse}</BigKey>
      </div>
    </div>
  );
}

export function AdviceText({ advice }: { advice: Schemas['Advice'] }) {
  return (
    <article className="mb-5">
      <div className="flex items-start gap-5">
        <SignPicture sign={advice.sign} width={120} />
        <div>
          <p className="text-[1.15rem] text-quiet">{signWord(advice.sign)}</p>
          <h1 className="text-[2rem] md:text-[2.5rem] leading-[1.15] font-bold">{advice.text}</h1>
        </div>
      </div>
      {advice.rooms.length > 0 && (
        <div className="mt-4 grid gap-2 max-w-[44rem]">
          {advice.rooms.map((r) => (
            <Room key={r.layer} room={r} />
          ))}
        </div>
      )}
      <p className="mt-4 text-[1.2rem] max-w-[48em]">{advice.why}</p>
      <p className="mt-2 text-[1.2rem] max-w-[48em]">
        <strong>{labels.mostLikely}</strong> {advice.causes[0]}
        {advice.causes.length > 1 && <span className="text-quiet"> {advice.causes.slice(1).join(' ')}</span>}
      </p>
      {advice.nextTime && (
        <p className="mt-2 text-[1.2rem] max-w-[48em]">
          <strong>{labels.forTheNextOne}</strong> {advice.nextTime}
        </p>
      )}
      {advice.takeOff.length > 0 && (
        <details className="mt-3 text-[1.1rem] max-w-[52em]">
          <summary className="cursor-pointer underline underline-offset-4">{labels.toSaveTheBlankHow}</summary>
          <ol className="list-decimal pl-6 mt-2 grid gap-1">
            {advice.takeOff.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ol>
        </details>
      )}
    </article>
  );
}

/** Heat that a layer has had, what this adds, and what it takes. */
function Room({ room }: { room: Schemas['LayerRoom'] }) {
  const full = Math.max(room.most, room.after) * 1.05;
  const share = (x: number) => `${Math.min(100, (x / full) * 100)}%`;
  return (
    <div>
      <div className="flex justify-between text-[1rem]">
        <span>{room.name}</span>
        <span className="tabular-nums text-quiet">
          {labels.roomForMore(Math.floor((room.most - room.after) / Math.max(0.05, room.after - room.before)))}
        </span>
      </div>
      <div className="relative h-4 bg-rule" aria-hidden="true">
        <div className="absolute inset-y-0 left-0 bg-(--ember) opacity-60" style={{ width: share(room.before) }} />
        <div
          className="absolute inset-y-0 bg-(--ember)"
          style={{ left: share(room.before), width: `calc(${share(room.after)} - ${share(room.before)})` }}
        />
        <div className="absolute inset-y-[-3px] w-[3px] bg-ink" style={{ left: share(room.most) }} />
      </div>
    </div>
  );
}
