import { useCallback, useEffect, useRef, useState } from 'react';
import type { Outcome, Run, Schemas, TracePhase } from '../../api/client';
import type { ServerClock } from '../../ui/countdown';
import { BigKey } from './BigKey';
import { Counting } from './Counting';
import { useKeys } from './keys';
import { AdviceFor, Signs } from './Look';
import * as labels from './labels';
import { Off } from './Off';
import { Questions } from './Questions';
import { Side } from './Side';
import { Strip } from './Strip';
import { spaceWord } from './spaceWord';
import { TimeBar } from './TimeBar';
import type { Command, Hand, Piece, Station } from './useRun';
import { Verb } from './Verb';
import { WhatLies } from './WhatLies';
import { WhereItGoes } from './WhereItGoes';
import { WhichLayer } from './WhichLayer';
import { Whose } from './Whose';
import { WiredPress } from './WiredPress';

// What one layer may show and the others not.
const BY_LAYER: readonly Outcome[] = ['edges-lifted', 'on-carrier', 'weave-hidden', 'wrinkled', 'rippled'];

type Asking = 'early' | 'warm' | 'cold' | 'off' | null;

interface Props {
  run: Run;
  station: Station;
  focus: Hand;
  piece: Piece;
  clock: ServerClock;
  now: number;
  phases: readonly TracePhase[];
  /** The piece has just come into the hands: keys wait a second. */
  fresh: boolean;
  /** Opened by this page's clock while the service could not be heard, after so many seconds; null for not. */
  openedAfter: number | null;
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
  fresh,
  openedAfter,
  pending,
  refused,
  onSay,
  onPress,
  onCalm,
}: Props) {
  const { step } = focus;
  const [asking, setAsking] = useState<Asking>(null);
  const [advised, setAdvised] = useState<{ move: number; seen: readonly Outcome[] } | null>(null);
  const [side, setSide] = useState<Schemas['Face'] | null>(null);
  const [which, setWhich] = useState<Outcome | null>(null);
  const heading = useRef<HTMLHeadingElement>(null);
  const good = useRef<HTMLDivElement>(null);
  const unheard = 'unheard' in focus;
  const left = focus.dueUtc && openedAfter === null ? clock.secondsLeft(focus.dueUtc, now) : null;
  const hurry = !focus.dueUtc && focus.latestUtc ? clock.secondsLeft(focus.latestUtc, now) : null;
  const over = step.kind === 'hold' && (station.wired || unheard) && left === 0;
  const device = station.device;
  const tooCold = focus.closesNext && device && !device.hotEnough;
  const seen = advised && advised.move === focus.move ? advised.seen : null;
  const looking = step.kind === 'inspect' || asking === 'off';
  const makingUp = step.makesUp && step.kind === 'do';

  useEffect(() => {
    // What was not taken in is not answered about.
    if (refused) setAdvised(null);
    if (refused === 'not-cool-yet') setAsking('warm');
    if (refused === 'not-hot-enough') setAsking('cold');
  }, [refused]);
  // A question belongs to the step at which it was asked; what was focused for it gives way to what is to be done now.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the move is what ends it
  useEffect(() => {
    setAsking(null);
    setWhich(null);
    onCalm();
    heading.current?.focus({ preventScroll: true });
  }, [focus.move]);

  const done = useCallback(() => {
    if (pending || seen || fresh || unheard) return;
    if (asking === 'off') setAsking(null);
    else if (step.kind === 'hold') setAsking('early');
    // A piece is not ended by the key that does everything else: that one only points to the word that does.
    else if (step.kind === 'inspect') good.current?.querySelector('button')?.focus();
    else if (focus.closesNext && device && !device.status.closed) {
      if (tooCold) setAsking('cold');
      else onPress({ action: 'close-and-open' });
    } else onSay({ action: 'done' });
  }, [pending, seen, fresh, unheard, asking, step.kind, focus.closesNext, device, tooCold, onSay, onPress]);
  const allGood = useCallback(() => {
    if (!pending && !fresh && !seen) onSay({ action: 'record', outcomes: ['stuck'] });
  }, [pending, fresh, seen, onSay]);
  const opened = useCallback(() => {
    if (device?.status.closed) onPress({ action: 'open' });
    else onSay({ action: 'opened-early' });
  }, [device, onPress, onSay]);

  useKeys(
    useCallback(
      (key) => {
        if (key === ' ') done();
        else if (key === 'g') {
          if (step.kind !== 'inspect' || asking === 'off') return false;
          allGood();
        } else if (key === 'backspace') {
          if (seen) setAdvised(null);
          else if (!unheard) onSay({ action: 'back' });
        } else if (key === 'p') {
          if (asking === 'warm') onSay({ action: 'done', knowingly: true });
          else if (step.kind === 'hold' && openedAfter === null) opened();
        } else if (key === 's') {
          if (!unheard) setAsking('off');
        } else if (key === 'escape') {
          setAsking(null);
          setAdvised(null);
          setWhich(null);
          onCalm();
        } else return false;
        return true;
      },
      [done, allGood, opened, onSay, onCalm, seen, asking, step.kind, unheard, openedAfter],
    ),
  );

  const tell = useCallback(
    (sign: Outcome, layer: string | null) => {
      setWhich(null);
      onSay({
        action: 'see',
        outcomes: [sign],
        ...(side ? { face: side } : {}),
        ...(layer ? { layer } : {}),
      });
      setAdvised({ move: focus.move, seen: [sign] });
    },
    [onSay, focus.move, side],
  );
  const see = useCallback(
    (sign: Outcome) => {
      if (pending || fresh) return;
      if (focus.layers.length > 1 && BY_LAYER.includes(sign)) setWhich(sign);
      else tell(sign, null);
    },
    [tell, focus.layers, pending, fresh],
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
  const signs = (
    <>
      {focus.faces.length > 1 && (
        <Side faces={focus.faces} side={side ?? focus.faces[focus.faces.length - 1] ?? 'front'} onSide={setSide} />
      )}
      {which ? <WhichLayer layers={focus.layers} onPick={(layer) => tell(which, layer)} /> : <Signs onSee={see} />}
    </>
  );

  // The sign is kept by the service before anything is answered about it.
  const heard = seen?.every((s) => piece.seen.includes(s));
  return (
    <>
      <Whose piece={piece} of={run.pieces.length} fresh={fresh} />
      <div className="grid lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-x-12 gap-y-6 mt-4 items-start">
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
              <p className="text-[1.3rem] text-quiet">{labels.keepingIt}</p>
            )
          ) : asking === 'off' ? (
            <Off
              canSee={focus.canSee}
              lastHold={piece.lastHoldSeconds}
              signs={signs}
              onSay={onSay}
              onClose={() => setAsking(null)}
            />
          ) : (
            <>
              <h1
                ref={heading}
                tabIndex={-1}
                className="text-[2rem] md:text-[2.5rem] leading-[1.15] font-bold outline-none"
                aria-live="assertive"
              >
                <Verb
                  text={
                    openedAfter !== null
                      ? labels.openedAfterSItGoes(Math.round(openedAfter))
                      : over
                        ? labels.timeIsOverOpenThe
                        : step.text
                  }
                />
              </h1>
              {makingUp && (
                <p className="text-[1.25rem] text-quiet mt-3 max-w-[34em]" data-testid="missing">
                  {labels.openedAfterSWithoutThe(Math.round(piece.lastHoldSeconds ?? 0))}
                </p>
              )}
              <Counting left={left} hot={step.kind === 'hold'} hurry={step.stage === 'peel' ? hurry : null} />
              {step.kind === 'inspect' && (
                <div className="mt-5">
                  <p className="text-[1.25rem] text-quiet mb-3">{labels.anythingWrongTapItOtherwise}</p>
                  {signs}
                </div>
              )}
            </>
          )}
        </div>
        {!looking && !seen && (
          <div className="grid gap-6 lg:order-first">
            <div className="grid gap-3">
              <WhatLies
                run={run}
                station={station}
                hand={focus}
                piece={piece}
                phases={phases}
                clock={clock}
                now={now}
              />
              {focus.place && <WhereItGoes place={focus.place} />}
            </div>
            {run.practice && <WiredPress station={station} focus={focus} onPress={onPress} />}
          </div>
        )}
      </div>
      {!seen && asking !== 'off' && (
        <div className="mt-auto pt-5 max-md:contents">
          {left !== null && <TimeBar left={left} step={step} />}
          <p className="text-[1.3rem] text-quiet mt-3 min-h-[1.6em] line-clamp-2">
            {unheard ? '' : focus.nextText ? labels.thenNext(focus.nextText) : labels.afterThisThePieceIs}
          </p>
          <Strip run={run} station={station} clock={clock} now={now} />
          {asking && (asking !== 'cold' || tooCold) ? (
            <Questions
              asking={asking}
              station={station}
              onCalm={onCalm}
              onClose={() => setAsking(null)}
              onSay={onSay}
              onPress={onPress}
            />
          ) : (
            // On a phone the keys lie under the thumb, whatever stands above them.
            <div
              ref={good}
              className="flex flex-wrap gap-4 mt-3 max-md:sticky max-md:bottom-0 max-md:-mx-4 max-md:px-4 max-md:py-3 max-md:gap-2 max-md:bg-paper max-md:border-t-2 max-md:border-rule"
            >
              {step.kind === 'inspect' ? (
                <BigKey strong disabled={pending || fresh} onClick={allGood}>
                  {labels.gAllGood}
                </BigKey>
              ) : (
                !unheard && (
                  <BigKey strong={step.kind !== 'hold'} disabled={pending || fresh} onClick={done}>
                    {labels.space2(spaceWord(focus, station))}
                  </BigKey>
                )
              )}
              {step.kind === 'hold' && openedAfter === null && (
                <BigKey strong={over} onClick={opened}>
                  {labels.pPlateOpened}
                </BigKey>
              )}
              {!unheard && (
                <BigKey onClick={() => onSay({ action: 'back' })}>
                  {labels.backspace(makingUp ? labels.goOnWithoutIt : 'back')}
                </BigKey>
              )}
              {!unheard && <BigKey onClick={() => setAsking('off')}>{labels.sSomethingIsOff}</BigKey>}
              {focus.move === 0 && run.stations.length > 1 && (
                <BigKey onClick={() => onSay({ action: 'give-back' })}>{labels.notMinePassItOn}</BigKey>
              )}
            </div>
          )}
        </div>
      )}
    </>
  );
}
