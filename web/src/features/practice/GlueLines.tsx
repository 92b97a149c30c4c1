import { useUnits } from '../../app/units';
import * as labels from './labels';
import type { Judged } from './usePractice';

const [W, H, LEFT, BOTTOM] = [680, 220, 52, 30];

const STEPS = [5, 10, 15, 30, 60, 120, 300, 600];

type Trace = Judged['ownTrace'];

/** How warm the glue was, second by second, beside careful work; each line begins when something first lay under the plate. */
export function GlueLines({ own, careful }: { own: Trace; careful: Trace }) {
  const units = useUnits();
  if (own.length === 0) return null;
  const rebased = [own, careful].map((t) => t.map((m) => ({ ...m, seconds: m.seconds - (t[0]?.seconds ?? 0) })));
  const most = Math.max(10, ...rebased.flatMap((t) => t.map((m) => m.seconds)));
  const hottest = Math.max(...rebased.flatMap((t) => t.map((m) => m.glueCelsius)), 100);
  const x = (s: number) => LEFT + (s / most) * (W - LEFT - 10);
  const y = (c: number) => H - BOTTOM - ((c - 20) / (hottest - 20)) * (H - BOTTOM - 14);
  const line = (t: Trace) =>
    t.map((m, i) => `${i ? 'L' : 'M'}${x(m.seconds).toFixed(1)} ${y(m.glueCelsius).toFixed(1)}`).join('');
  const [mine = [], theirs = []] = rebased;
  const opened = mine.filter((m, i) => m.closed && mine[i + 1]?.closed === false);
  const ticks = [50, 100, 150].filter((c) => c < hottest);
  const every = STEPS.find((s) => most / s <= 8) ?? most / 4;
  const times = Array.from({ length: Math.floor((most * 0.92) / every) + 1 }, (_, i) => i * every);
  return (
    <figure>
      <figcaption className="font-semibold mb-1">{labels.glue}</figcaption>
      <svg viewBox={`0 0 ${W} ${H}`} className="w-full max-w-[760px]" role="img" aria-label={labels.glue}>
        {ticks.map((c) => (
          <g key={c}>
            <path d={`M${LEFT} ${y(c)}H${W - 10}`} stroke="var(--color-rule)" />
            <text x={LEFT - 6} y={y(c) + 4} textAnchor="end" fontSize="12" fill="currentColor">
              {units.temperature(c)}
            </text>
          </g>
        ))}
        <path d={`M${LEFT} ${H - BOTTOM}H${W - 10}`} stroke="currentColor" />
        <text x={W - 10} y={H - 8} textAnchor="end" fontSize="12" fill="currentColor">
          {labels.axisSeconds}
        </text>
        {times.map((s) => (
          <text key={s} x={x(s)} y={H - 8} textAnchor="middle" fontSize="12" fill="currentColor">
            {s}
          </text>
        ))}
        <path
          d={line(theirs)}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.5"
          strokeDasharray="5 4"
          opacity="0.7"
        />
        <path d={line(mine)} fill="none" stroke="currentColor" strokeWidth="2.4" />
        {opened.map((m) => (
          <g key={m.seconds}>
            <circle cx={x(m.seconds)} cy={y(m.glueCelsius)} r="4" fill="currentColor" />
            <text
              x={x(m.seconds) + (m.seconds > most * 0.88 ? -7 : 7)}
              y={y(m.glueCelsius) - 4}
              textAnchor={m.seconds > most * 0.88 ? 'end' : 'start'}
              fontSize="11.5"
              fill="currentColor"
            >
              {labels.youOpened}
            </text>
          </g>
        ))}
      </svg>
      <p className="text-quiet text-[0.92rem]">
        <span aria-hidden="true">━ </span>
        {labels.yours}
        <span aria-hidden="true" className="ml-5">
          ┅{' '}
        </span>
        {labels.theirs}
      </p>
    </figure>
  );
}
