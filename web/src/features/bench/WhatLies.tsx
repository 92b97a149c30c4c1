import type { Run, TracePhase } from '../../api/client';
import type { ServerClock } from '../../ui/countdown';
import { LiveSandwich } from './LiveSandwich';
import * as labels from './labels';
import type { Hand, Piece, Station } from './useRun';

interface Props {
  run: Run;
  station: Station;
  hand: Hand;
  piece: Piece;
  phases: readonly TracePhase[];
  clock: ServerClock;
  now: number;
}

/** Beside what is to be done: the item from above while hands are on it, the heat inside while they wait. */
export function WhatLies({ run, station, hand, piece, phases, clock, now }: Props) {
  const { step } = hand;
  const [press, go] = [step.pressOrder ?? 0, step.go ?? 1];
  const question = `station=${station.number}&press=${press}&go=${go}&piece=${piece.number}`;
  return step.kind === 'do' ? (
    <img
      className="w-full max-h-[44vh] object-contain object-left"
      alt={labels.theItemNow}
      src={`/api/runs/${run.id}/picture.svg?${question}`}
    />
  ) : (
    <LiveSandwich
      run={run.id}
      hand={hand}
      piece={piece}
      phases={phases}
      elapsed={clock.secondsSince(hand.enteredUtc, now)}
    />
  );
}
