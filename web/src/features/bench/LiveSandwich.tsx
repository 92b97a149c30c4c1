import { useMemo } from 'react';
import type { TracePhase } from '../../api/client';
import { useUnits } from '../../app/units';
import { Sandwich } from '../../ui/Sandwich';
import { facesAt, sampleAt } from '../../ui/trace';
import type { Hand } from './useRun';

/** The stack as it is now: within a press or a wait as the plan foresees it, otherwise as it lies ready. */
export function LiveSandwich({
  hand,
  phases,
  elapsed,
}: {
  hand: Hand;
  phases: readonly TracePhase[];
  elapsed: number;
}) {
  const units = useUnits();
  const step = hand.step;
  const phase = useMemo(() => {
    if (!step.pressOrder) return undefined;
    const closed = phases.findIndex((p) => p.pressOrder === step.pressOrder);
    if (step.kind === 'wait') return phases[closed + 1];
    if (step.stage === 'peel') return phases.slice(closed).find((p) => p.kind === 'peel');
    return phases[closed];
  }, [step, phases]);
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
          <dt className="text-quiet text-[1.05rem]">{laid ? 'glue line' : 'bare face'}</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(phase.glue[sample] ?? 0)}</dd>
        </div>
        {laid && (
          <div className="border-t border-rule pt-2">
            <dt className="text-quiet text-[1.05rem]">how well stuck</dt>
            <dd className="text-[1.9rem] font-semibold">{Math.round((phase.bond[sample] ?? 0) * 100)} %</dd>
          </div>
        )}
      </dl>
      <p className="text-quiet text-[0.95rem] mt-2">As computed, not measured.</p>
    </div>
  );
}
