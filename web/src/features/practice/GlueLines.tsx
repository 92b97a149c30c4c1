import { useState } from 'react';
import { useUnits } from '../../app/units';
import { Sandwich } from '../../ui/Sandwich';
import { facesAt, sampleAt } from '../../ui/trace';
import * as labels from './labels';
import type { Judged } from './usePractice';

const [W, H, LEFT, BOTTOM] = [680, 220, 52, 30];

const STEPS = [5, 10, 15, 30, 60, 120, 300, 600];

type Phases = Judged['ownTrace'];

interface Moment {
  seconds: number;
  glueCelsius: number;
  closed: boolean;
}

/** Phases as one line over time, from when something first lay under the plate. */
export function momentsOf(phases: Phases): Moment[] {
  const from = phases[0]?.startSeconds ?? 0;
  return phases.flatMap((phase) =>
    phase.times.map((t, i) => ({
      seconds: phase.startSeconds - from + t,
      glueCelsius: phase.glue[i] ?? 0,
      closed: phase.plateClosed,
    })),
  );
}

/** How warm the glue was, second by second, beside careful work; each line begins when something first lay under the plate. */
export function GlueLines({ own, careful }: { own: Phases; careful: Phases }) {
  const units = useUnits();
  const [at, setAt] = useState<number | null>(null);
  if (own.length === 0) return null;
  const [mine, theirs] = [momentsOf(own), momentsOf(careful)];
  const most = Math.max(10, ...[...mine, ...theirs].map((m) => m.seconds));
  const hottest = Math.max(...[...mine, ...theirs].map((m) => m.glueCelsius), 100);
  const x = (s: number) => LEFT + (s / most) * (W - LEFT - 10);
  const y = (c: number) => H - BOTTOM - ((c - 20) / (hottest - 20)) * (H - BOTTOM - 14);
  const line = (t: Moment[]) =>
    t.map((m, i) => `${i ? 'L' : 'M'}${x(m.seconds).toFixed(1)} ${y(m.glueCelsius).toFixed(1)}`).join('');
  const opened = mine.filter((m, i) => m.closed && mine[i + 1]?.closed === false);
  // At first as it was just before the plate last opened: there most of it is decided.
  const shown = at ?? Math.max(0, Math.ceil(opened.at(-1)?.seconds ?? 0) - 1);
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
        <path d={`M${x(shown)} 8V${H - BOTTOM}`} stroke="currentColor" strokeWidth="1" strokeDasharray="1 3" />
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
      <label className="grid gap-1 mt-3 max-w-[760px]">
        <span className="numeral">{labels.inTheStackAt(Math.round(shown))}</span>
        <input
          type="range"
          className="range range-xs w-full [--range-fill:0]"
          min={0}
          max={Math.ceil(most)}
          step={1}
          value={shown}
          onChange={(e) => setAt(Number(e.target.value))}
        />
      </label>
      <div className="grid sm:grid-cols-2 gap-x-10 gap-y-5 mt-3">
        <StackAt name={labels.yours} phases={own} seconds={shown} />
        <StackAt name={labels.theirs} phases={careful} seconds={shown} />
      </div>
    </figure>
  );
}

/** The whole stack at a second, from the plate down to what lies underneath. */
function StackAt({ name, phases, seconds }: { name: string; phases: Phases; seconds: number }) {
  const from = phases[0]?.startSeconds ?? 0;
  const phase = phases.findLast((p) => p.startSeconds - from <= seconds);
  if (!phase) return null;
  const within = Math.min(phase.seconds, seconds + from - phase.startSeconds);
  return (
    <div>
      <h4 className="font-semibold mb-1">{name}</h4>
      <Sandwich
        sheets={phase.sheets}
        faces={facesAt(phase, within)}
        plate={phase.plateClosed ? (phase.plate[sampleAt(phase, within)] ?? null) : null}
      />
    </div>
  );
}
