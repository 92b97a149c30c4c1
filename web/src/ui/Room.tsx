import { curveMonotoneY, line } from 'd3-shape';
import type { Plan, Schemas } from '../api/client';
import { useUnits } from '../app/units';
import { bondingPress } from './purposes';
import { fieldPicture } from './roomField';

interface Props {
  plan: Plan;
  /** The window as a field; null while it is being fetched. */
  field: Schemas['WindowField'] | null;
  /** What charts of this vinyl say: °C and s, from and to. */
  chart: { celsius: [number, number]; seconds: [number, number] } | null;
}

const WIDTH = 420;
const LEFT = 46;
const HEIGHT = 250;
const BOTTOM = HEIGHT - 30;
const LONGEST = 60;

/** Time across, temperature up: where the vinyl holds and nothing is harmed, with the setting in it. */
export function Room({ plan, field, chart }: Props) {
  const units = useUnits();
  const press = bondingPress(plan.presses);
  if (!press) return null;
  const rows = plan.room;
  const marks = rows.length < 6;
  const low = marks ? 80 : Math.max(80, Math.min(press.celsius, chart?.celsius[0] ?? press.celsius) - 25);
  const high = marks ? 200 : Math.max(press.celsius, chart?.celsius[1] ?? press.celsius) + 25;
  const x = (s: number) => LEFT + (Math.min(LONGEST, Math.max(0, s)) / LONGEST) * (WIDTH - LEFT - 6);
  const y = (c: number) => BOTTOM - ((c - low) / (high - low)) * (BOTTOM - 8);
  const shown = rows.filter((r) => r.celsius >= low - 4 && r.celsius <= high + 4);
  const open = shown.filter((r) => (r.holdsFromSeconds ?? 99) < r.mostSeconds);
  const picture = field && !marks ? fieldPicture(field) : null;
  const limit = field && limitAt(field, high, LONGEST);
  const target = open.filter((r) => r.targetSeconds !== null && r.targetSeconds <= r.mostSeconds);
  const targetLine = line<(typeof rows)[number]>()
    .y((r) => y(r.celsius))
    .x((r) => x(r.targetSeconds ?? 0))
    .curve(curveMonotoneY)(target);
  const ticks = [0, 1, 2, 3, 4].map((i) => low + ((high - low) * (i + 0.5)) / 5);
  const [px, py] = [x(press.seconds), y(press.celsius)];
  const right = px < WIDTH - 130;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-[560px] h-auto block"
      role="img"
      aria-label={describe(plan, units.temperature(press.celsius))}
    >
      <defs>
        <clipPath id="room-frame">
          <rect x={LEFT} y={8} width={WIDTH - LEFT - 6} height={BOTTOM - 8} />
        </clipPath>
      </defs>
      <rect x={LEFT} y={8} width={WIDTH - LEFT - 6} height={BOTTOM - 8} fill="var(--teal)" fillOpacity="0.09" />
      <g clipPath="url(#room-frame)">
        {marks ? (
          open.map((r) => (
            <rect
              key={r.celsius}
              x={x(r.holdsFromSeconds ?? 0)}
              width={x(r.mostSeconds) - x(r.holdsFromSeconds ?? 0)}
              y={y(r.celsius) - 11}
              height={22}
              fill="var(--ember)"
              fillOpacity="0.4"
            />
          ))
        ) : (
          <>
            {field && picture && (
              <image
                href={picture}
                x={x(field.seconds[0] ?? 0)}
                y={y(field.celsius[field.celsius.length - 1] ?? 0)}
                width={x(field.seconds[field.seconds.length - 1] ?? 0) - x(field.seconds[0] ?? 0)}
                height={y(field.celsius[0] ?? 0) - y(field.celsius[field.celsius.length - 1] ?? 0)}
                preserveAspectRatio="none"
              />
            )}
            {targetLine && (
              <path
                d={targetLine}
                fill="none"
                stroke="var(--color-base-content)"
                strokeWidth="1.2"
                strokeDasharray="1 3"
                strokeLinecap="round"
              />
            )}
          </>
        )}
        {chart && (
          <rect
            x={x(chart.seconds[0])}
            y={y(chart.celsius[1])}
            width={Math.max(4, x(chart.seconds[1]) - x(chart.seconds[0]))}
            height={Math.max(4, y(chart.celsius[0]) - y(chart.celsius[1]))}
            fill="none"
            stroke="var(--color-base-content)"
            strokeDasharray="4 3"
          />
        )}
      </g>
      {ticks.map((t) => (
        <text
          key={t}
          x={LEFT - 6}
          y={y(t)}
          fontSize="11"
          textAnchor="end"
          dominantBaseline="central"
          fill="var(--color-secondary)"
        >
          {Math.round(units.degrees(t))}°
        </text>
      ))}
      {[0, 10, 20, 30, 45, 60].map((s) => (
        <text key={s} x={x(s)} y={BOTTOM + 14} fontSize="11" textAnchor="middle" fill="var(--color-secondary)">
          {s === 60 ? '60 s' : s}
        </text>
      ))}
      <text x={LEFT + 8} y={24} fontSize="12" fontWeight="600" fill="var(--teal)">
        short
      </text>
      {(limit === 'vinyl' || limit === 'blank') && !marks && (
        <text x={WIDTH - 14} y={24} fontSize="12" fontWeight="600" textAnchor="end" fill="var(--ember)">
          too much for the {limit}
        </text>
      )}
      {chart && (
        <text
          x={x(chart.seconds[0])}
          y={y(chart.celsius[0]) + (plan.chart.fromWrapper ? 22 : 13)}
          fontSize="11"
          fill="var(--color-base-content)"
        >
          {plan.chart.fromWrapper ? 'the wrapper says' : 'charts say'}
        </text>
      )}
      <circle cx={px} cy={py} r="7" fill="var(--color-base-100)" stroke="var(--color-base-content)" strokeWidth="2.2" />
      <circle cx={px} cy={py} r="2.4" fill="var(--color-base-content)" />
      <text
        x={right ? px + 13 : px - 13}
        y={py - 9}
        fontSize="13"
        fontWeight="700"
        textAnchor={right ? 'start' : 'end'}
        fill="var(--color-base-content)"
      >
        {units.temperature(press.celsius)} · {press.seconds} s
      </text>
    </svg>
  );
}

/** What stands against a setting, at the nearest place of the field. */
function limitAt(field: Schemas['WindowField'], celsius: number, seconds: number): string | null {
  const nearest = (list: readonly number[], value: number) =>
    list.reduce((best, v, i) => (Math.abs(v - value) < Math.abs((list[best] ?? 0) - value) ? i : best), 0);
  return field.limit[nearest(field.celsius, celsius)]?.[nearest(field.seconds, seconds)] ?? null;
}

function describe(plan: Plan, celsius: string): string {
  const press = bondingPress(plan.presses);
  const row = plan.room.find((r) => Math.abs(r.celsius - (press?.celsius ?? 0)) < 0.2);
  if (!press || !row) return 'How much room there is';
  const holds = row.holdsFromSeconds === null ? 'it never holds in time' : `it holds from ${row.holdsFromSeconds} s`;
  return `At ${celsius} ${holds} and nothing is harmed up to ${row.mostSeconds} s; set to ${press.seconds} s.`;
}
