import { useCallback, useEffect, useState } from 'react';
import type { Outcome, Run, TracePhase } from '../../api/client';
import { useUnits } from '../../app/units';
import type { ServerClock } from '../../ui/countdown';
import { BigKey } from './BigKey';
import { LineUp, Whose } from './LineUp';
import { LiveSandwich } from './LiveSandwich';
import { AdviceFor, Signs } from './Look';
import { Off } from './Off';
import type { Command, Hand, Piece, Station } from './useRun';
import { WiredPress } from './WiredPress';

type Asking = 'early' | 'warm' | 'cold' | 'off' | null;

interface Props {
  run: Run;
  station: Station;
  focus: Hand;
  piece: Piece;
  clock: ServerClock;
  now: number;
  phases: readonly TracePhase[];
  pending: boolean;
  refused: string;
  onSay: (command: Command) => void;
  onPress: Parameters<typeof WiredPress>[0]['onPress'];
  onCalm: () => void;
}

/** The piece in hand: what to do, the number, the countdown, what comes next. */
export function Working({
  run,
  station,
  focus,
  piece,
  clock,
  now,
  phases,
  pending,
  refused,
  onSay,
  onPress,
  onCalm,
}: Props) {
  const units = useUnits();
  const { step } = focus;
  const [asking, setAsking] = useState<Asking>(null);
  const [advised, setAdvised] = useState<{ move: number; seen: readonly Outcome[] } | null>(null);
  const left = focus.dueUtc ? clock.secondsLeft(focus.dueUtc, now) : null;
  const hurry = !focus.dueUtc && focus.latestUtc ? clock.secondsLeft(focus.latestUtc, now) : null;
  const over = step.kind === 'hold' && station.wired && left === 0;
  const device = station.device;
  const tooCold = focus.closesNext && device && !device.hotEnough;
  const seen = advised && advised.move === focus.move ? advised.seen : null;
  const looking = step.kind === 'inspect' || asking === 'off';

  useEffect(() => {
    // What was not taken in is not answered about.
    if (refused) setAdvised(null);
    if (refused === 'not-cool-yet') setAsking('warm');
    if (refused === 'not-hot-enough') setAsking('cold');
  }, [refused]);
  // A question belongs to the step at which it was asked.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the move is what ends it
  useEffect(() => {
    setAsking(null);
    onCalm();
  }, [focus.move]);

  const done = useCallback(() => {
    if (pending || seen) return;
    if (asking === 'off') setAsking(null);
    else if (step.kind === 'hold') setAsking('early');
    else if (step.kind === 'inspect') onSay({ action: 'record', outcomes: ['stuck'] });
    else if (focus.closesNext && device && !device.status.closed) {
      if (tooCold) setAsking('cold');
      else onPress({ action: 'close-and-open' });
    } else onSay({ action: 'done' });
  }, [pending, seen, asking, step.kind, focus.closesNext, device, tooCold, onSay, onPress]);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (
        e.repeat ||
        e.target instanceof HTMLTextAreaElement ||
        e.target instanceof HTMLInputElement ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey
      )
        return;
      const key = e.key.toLowerCase();
      if (![' ', 'backspace', 'p', 's', 'escape'].includes(key)) return;
      e.preventDefault();
      if (key === ' ') done();
      else if (key === 'backspace') {
        if (seen) setAdvised(null);
        else onSay({ action: 'back' });
      } else if (key === 'p') {
        if (asking === 'warm') onSay({ action: 'done', knowingly: true });
        else if (step.kind === 'hold') {
          if (device?.status.closed) onPress({ action: 'open' });
          else onSay({ action: 'opened-early' });
        }
      } else if (key === 's') setAsking('off');
      else {
        setAsking(null);
        setAdvised(null);
        onCalm();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [done, onSay, onPress, onCalm, seen, asking, step.kind, device]);

  const see = useCallback(
    (sign: Outcome) => {
      onSay({ action: 'see', outcomes: [sign] });
      setAdvised({ move: focus.move, seen: [sign] });
    },
    [onSay, focus.move],
  );
  const rescue = useCallback(
    (sign: Outcome) => {
      setAsking(null);
      onSay({ action: 'rescue', outcomes: [sign] });
    },
    [onSay],
  );
  const leave = useCallback(() => {
    if (step.kind === 'inspect' && seen) onSay({ action: 'record', outcomes: [...seen] });
    setAsking(null);
    setAdvised(null);
  }, [onSay, step.kind, seen]);
  const lost = useCallback(() => onSay({ action: 'ruin', outcomes: [...(seen ?? [])] }), [onSay, seen]);

  // The sign is kept by the service before anything is answered about it.
  const heard = seen?.every((s) => piece.seen.includes(s));
  return (
    <>
      <Whose piece={piece} of={run.pieces.length} />
      <div className="grid lg:grid-cols-[minmax(0,1fr)_420px] gap-x-10 gap-y-6 mt-4 items-start">
        <div className={looking || seen ? 'lg:col-span-2' : ''}>
          {seen ? (
            heard ? (
              <AdviceFor
                runId={run.id}
                piece={piece}
                seen={seen}
                atEnd={step.kind === 'inspect'}
                onDo={rescue}
                onLeave={leave}
                onLost={lost}
                onMore={() => setAdvised(null)}
              />
            ) : (
              <p className="text-[1.3rem] text-quiet">Keeping it …</p>
            )
          ) : asking === 'off' ? (
            <Off
              canSee={focus.canSee}
              lastHold={piece.lastHoldSeconds}
              onSee={see}
              onSay={onSay}
              onClose={() => setAsking(null)}
            />
          ) : (
            <>
              <h1 className="text-[2rem] md:text-[2.5rem] leading-[1.15] font-bold" aria-live="assertive">
                {over ? 'Time is over: open the plate.' : step.text}
              </h1>
              {left !== null && (
                <Numeral
                  seconds={left}
                  hot={step.kind === 'hold'}
                  label={`${Math.ceil(left)} seconds left`}
                  testId="countdown"
                />
              )}
              {hurry !== null && step.stage === 'peel' && (
                <p className="text-[1.7rem] mt-4 tabular-nums text-(--teal)" data-testid="hurry">
                  {hurry > 0
                    ? `${Math.ceil(hurry)} s left to peel it warm`
                    : 'It has gone cold: go slower, and watch each edge.'}
                </p>
              )}
              {step.kind === 'inspect' && (
                <div className="mt-5">
                  <p className="text-[1.25rem] text-quiet mb-3">Anything wrong? Otherwise Space.</p>
                  <Signs onSee={see} />
                </div>
              )}
            </>
          )}
        </div>
        {!looking && !seen && (
          <div className="grid gap-6">
            <LiveSandwich hand={focus} phases={phases} elapsed={clock.secondsSince(focus.enteredUtc, now)} />
            <WiredPress station={station} focus={focus} onPress={onPress} />
          </div>
        )}
      </div>
      {!seen && asking !== 'off' && (
        <div className="mt-auto pt-5">
          {left !== null && (
            <div className="h-3.5 bg-rule motion-reduce:hidden" aria-hidden="true">
              <div
                className={`h-full ${step.kind === 'hold' ? 'bg-(--ember)' : 'bg-(--teal)'}`}
                style={{ width: `${Math.min(100, (1 - left / (step.seconds || 1)) * 100)}%` }}
              />
            </div>
          )}
          <p className="text-[1.3rem] text-quiet mt-3 min-h-[1.6em] line-clamp-2">
            {focus.nextText ? `Then: ${focus.nextText}` : 'After this the piece is done.'}
          </p>
          <LineUp run={run} station={station} clock={clock} now={now} />
          {asking === 'early' ? (
            <Question
              says="Opened early?"
              yes="P — yes, it is open"
              no="Esc — no, still closed"
              onNo={() => setAsking(null)}
              onYes={() => onSay({ action: 'opened-early' })}
            />
          ) : asking === 'warm' ? (
            <Question
              says="It is still too warm. Peel it all the same?"
              yes="P — peel now"
              no="Esc — wait"
              onNo={() => {
                setAsking(null);
                onCalm();
              }}
              onYes={() => onSay({ action: 'done', knowingly: true })}
            />
          ) : asking === 'cold' && tooCold ? (
            <Question
              says={`Not hot enough yet: ${units.temperature(device.status.middleCelsius)} of ${units.temperature(device.plannedCelsius)}.`}
              yes="Close it all the same"
              no="Esc — wait"
              onNo={() => {
                setAsking(null);
                onCalm();
              }}
              onYes={() => onPress({ action: 'close-and-open' })}
            />
          ) : (
            <div className="flex flex-wrap gap-4 mt-3">
              <BigKey strong={step.kind !== 'hold'} disabled={pending} onClick={done}>
                Space — {spaceWord(focus, station)}
              </BigKey>
              {step.kind === 'hold' && (
                <BigKey
                  strong={over}
                  onClick={() =>
                    device?.status.closed ? onPress({ action: 'open' }) : onSay({ action: 'opened-early' })
                  }
                >
                  P — plate opened
                </BigKey>
              )}
              <BigKey onClick={() => onSay({ action: 'back' })}>Backspace — back</BigKey>
              <BigKey onClick={() => setAsking('off')}>S — something is off</BigKey>
              {focus.move === 0 && run.stations.length > 1 && (
                <BigKey onClick={() => onSay({ action: 'give-back' })}>Not mine: pass it on</BigKey>
              )}
            </div>
          )}
        </div>
      )}
    </>
  );
}

/** What the large key does, in words. */
function spaceWord(focus: Hand, station: Station): string {
  switch (focus.step.kind) {
    case 'hold':
      return 'opened early?';
    case 'wait':
      return 'go on now';
    case 'inspect':
      return 'all good';
    default:
      if (!focus.closesNext) return 'done';
      if (!station.device) return 'plate is closed';
      return station.device.hotEnough ? 'close the plate' : 'not hot enough yet';
  }
}

function Numeral({ seconds, hot, label, testId }: { seconds: number; hot: boolean; label: string; testId: string }) {
  return (
    <p
      className="numeral text-[9rem] md:text-[17rem] leading-[0.9] font-bold mt-3"
      role="timer"
      aria-label={label}
      data-testid={testId}
    >
      <span className={hot ? 'text-(--ember)' : 'text-(--teal)'}>{Math.ceil(seconds)}</span>
      <span className="text-[4.5rem] text-quiet"> s</span>
    </p>
  );
}

function Question({
  says,
  yes,
  no,
  onYes,
  onNo,
}: {
  says: string;
  yes: string;
  no: string;
  onYes: () => void;
  onNo: () => void;
}) {
  return (
    <div role="alertdialog" aria-label={says} className="flex flex-wrap items-center gap-4 mt-3">
      <strong className="text-[1.5rem]">{says}</strong>
      <BigKey strong onClick={onYes}>
        {yes}
      </BigKey>
      <BigKey onClick={onNo}>{no}</BigKey>
    </div>
  );
}
