import type { Hand } from './useRun';

/** How much of a countdown is over, from across the room. */
export function TimeBar({ left, step }: { left: number; step: Hand['step'] }) {
  return (
    <div className="h-3.5 bg-rule motion-reduce:hidden" aria-hidden="true">
      <div
        className={`h-full ${step.kind === 'hold' ? 'bg-(--ember)' : 'bg-(--teal)'}`}
        style={{ width: `${Math.min(100, (1 - left / (step.seconds || 1)) * 100)}%` }}
      />
    </div>
  );
}
