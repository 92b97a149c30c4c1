import type { Schemas } from '../../api/client';
import { span, time } from '../../app/unitMath';
import * as labels from './labels';

type Needed = Schemas['NeededSeconds'];

const WIDTH = 640;
const LEFT = 70;
const ROW = 44;

/** How far patches have narrowed down from when it holds: the span before, the span now, and the plan's own time. */
export function NeedBars({
  before,
  now,
  plan,
  any,
}: {
  before: Needed;
  now: Needed;
  plan: number | null;
  /** Some patch was pressed: otherwise there is nothing to compare. */
  any: boolean;
}) {
  const most = Math.max(before.high, now.high, plan ?? 0) * 1.05;
  const x = (seconds: number) => LEFT + ((WIDTH - LEFT) * seconds) / most;
  const rows = [
    { word: labels.beforeThePatches, of: before, strong: false },
    { word: labels.nowItIs, of: now, strong: true },
  ].slice(any ? 0 : 1);
  return (
    <figure className="mb-8 max-w-[44rem]">
      <figcaption className="text-quiet mb-2">{labels.holdsFrom}</figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${rows.length * ROW + 26}`}
        className="w-full"
        role="img"
        aria-label={labels.holdsFrom}
      >
        {rows.map(({ word, of, strong }, i) => (
          <g key={word} fill="currentColor">
            <text x={0} y={i * ROW + 27} fontSize="17">
              {any ? word : ''}
            </text>
            <rect
              x={x(of.low)}
              y={i * ROW + 10}
              width={Math.max(3, x(of.high) - x(of.low))}
              height={24}
              opacity={strong ? 0.9 : 0.35}
            />
            <text
              x={x(of.high) < WIDTH - 90 ? x(of.high) + 8 : x(of.low) - 8}
              y={i * ROW + 28}
              fontSize="16"
              textAnchor={x(of.high) < WIDTH - 90 ? 'start' : 'end'}
            >
              {span(of.low, of.high)}
            </text>
          </g>
        ))}
        {plan !== null && (
          <g stroke="currentColor" fill="currentColor">
            <line x1={x(plan)} x2={x(plan)} y1={2} y2={rows.length * ROW + 4} strokeWidth="3" />
            <text
              x={x(plan)}
              y={rows.length * ROW + 22}
              fontSize="16"
              textAnchor={x(plan) > WIDTH - 80 ? 'end' : 'middle'}
              stroke="none"
            >
              {labels.inThePlan(time(plan))}
            </text>
          </g>
        )}
      </svg>
    </figure>
  );
}
