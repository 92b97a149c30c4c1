import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api, got, type TracePhase } from '../../api/client';
import { useUnits } from '../../app/units';
import { bondWord } from '../../ui/bondWord';
import { Sandwich } from '../../ui/Sandwich';
import { facesAt, sampleAt } from '../../ui/trace';
import * as labels from './labels';
import type { Hand, Piece } from './useRun';

interface Props {
  run: string;
  hand: Hand;
  piece: Piece;
  phases: readonly TracePhase[];
  elapsed: number;
}

/** The stack as it is now: within a press or a wait as computed from what was done, otherwise as it lies ready. */
export function LiveSandwich({ run, hand, piece, phases: planned, elapsed }: Props) {
  const units = useUnits();
  const step = hand.step;
  // What was pressed otherwise than planned is computed again for this piece.
  const own = useQuery({
    queryKey: ['piece-trace', run, hand.piece, hand.move, piece.lastHoldSeconds],
    queryFn: () =>
      got(
        api.GET('/api/runs/{id}/pieces/{piece}/trace', {
          params: { path: { id: run, piece: hand.piece }, query: { units: units.system } },
        }),
      ),
    enabled: !hand.byPlan,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const phases = hand.byPlan ? planned : own.data?.phases;
  const phase = useMemo(() => {
    if (!step.pressOrder || !phases) return undefined;
    // The plan's trace follows the first part; a piece's own follows the part in hand.
    const order = phases.some((p) => p.pressOrder === step.pressOrder) ? step.pressOrder : step.tracedAs;
    const closed = phases.flatMap((p, i) => (p.pressOrder === order ? [i] : []));
    const last = closed[closed.length - 1] ?? -1;
    if (step.kind === 'wait') return phases[last + 1];
    if (step.stage === 'peel') return phases.slice(Math.max(0, last)).find((p) => p.kind === 'peel');
    return phases[closed[hand.closings] ?? last];
  }, [step, phases, hand.closings]);
  if (!phase) return null;
  const at =
    step.kind === 'hold' || step.kind === 'wait'
      ? Math.min(elapsed, phase.seconds)
      : step.stage === 'peel'
        ? phase.seconds
        : 0;
  const sample = sampleAt(phase, at);
  const laid = phase.sheets.some((s) => s.id.startsWith('vinyl'));
  return (
    <div className="max-md:hidden max-lg:max-w-[520px]">
      <Sandwich
        sheets={phase.sheets}
        faces={facesAt(phase, at)}
        plate={step.kind === 'hold' ? (phase.plate[sample] ?? null) : null}
      />
      <dl className="grid grid-cols-2 gap-6 mt-4 tabular-nums">
        <div className="border-t border-rule pt-2">
          <dt className="text-quiet text-[1.05rem]">{laid ? labels.glueLine : labels.bareFace}</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(phase.glue[sample] ?? 0)}</dd>
        </div>
        {laid && (
          <div className="border-t border-rule pt-2">
            <dt className="text-quiet text-[1.05rem]">{labels.howWellStuck}</dt>
            <dd className="text-[1.9rem] font-semibold">{bondWord(phase.grades?.[sample])}</dd>
          </div>
        )}
      </dl>
      <p className="text-quiet text-[0.95rem] mt-2">{labels.asComputedNotMeasured}</p>
    </div>
  );
}
