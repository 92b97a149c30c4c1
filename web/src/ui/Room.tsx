import { area, curveMonotoneY, line } from 'd3-shape';
import type { Plan } from '../api/client';
import { useUnits } from '../app/units';

interface Props {
  plan: Plan;
  /** What charts of this vinyl say: °C and s, from and to. */
  chart: { celsius: [number, number]; seconds: [number, number] } | null;
}

const WIDTH = 420;
const LEFT = 46;
const HEIGHT = 250;
const BOTTOM = HEIGHT - 30;
const LONGEST = 60;

/** Time across, temperature up: where the vinyl holds and nothing is harmed, with the setting in it. */
export function Room({ plan, chart }: Props) {
  const units = useUnits();
  const press = plan.presses.find((p) => p.purpose === 'press');
  if (!press) return null;
  const rows = plan.room;
  const marks = rows.length < 6;
  const low = marks ? 80 : Math.max(80, Math.min(press.celsius, chart?.celsius[0] ?? press.celsius) - 25);
  const high = marks ? 200 : Math.max(press.celsius, chart?.celsius[1] ?? press.celsius) + 25;
  const x = (s: number) => LEFT + (Math.min(LONGEST, Math.max(0, s)) / LONGEST) * (WIDTH - LEFT - 6);
  const y = (c: number) => BOTTOM - ((c - low) / (high - low)) * (BOTTOM - 8);
  const shown = rows.filter((r) => r.celsius >= low - 4 && r.celsius <= high + 4);
  const open = shown.filter((r) => (r.holdsFromSeconds ?? 99) < r.mostSeconds);
  const field = (from: (r: (typeof rows)[number]) => number) =>
    area<(typeof rows)[number]>()
      .y((r) => y(r.celsius))
      .x0((r) => x(Math.min(from(r), r.mostSeconds)))
      .x1((r) => x(r.mostSeconds))
      .curve(curveMonotoneY)(open) ?? '';
  const safe =
    area<(typeof rows)[number]>()
      .y((r) => y(r.celsius))
      .x0((r) => x(Math.min(r.safeFromSeconds ?? LONGEST, r.safeToSeconds)))
      .x1((r) => x(r.safeToSeconds))
      .curve(curveMonotoneY)(shown.filter((r) => (r.safeFromSeconds ?? 99) < r.safeToSeconds)) ?? '';
  const hottest = shown[shown.length - 1];
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
        <filter id="room-soft" x="-10%" y="-10%" width="120%" height="120%">
          <feGaussianBlur stdDeviation="5" />
        </filter>
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
            <path
              d={field((r) => r.holdsFromSeconds ?? LONGEST)}
              fill="var(--ember)"
              fillOpacity="0.28"
              filter="url(#room-soft)"
            />
            <path d={safe} fill="var(--ember)" fillOpacity="0.34" filter="url(#room-soft)" />
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
      {hottest && hottest.mostSeconds < LONGEST - 12 && !marks && (
        <text x={WIDTH - 14} y={24} fontSize="12" fontWeight="600" textAnchor="end" fill="var(--ember)">
          too much
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

function describe(plan: Plan, celsius: string): string {
  const press = plan.presses.find((p) => p.purpose === 'press');
  const row = plan.room.find((r) => Math.abs(r.celsius - (press?.celsius ?? 0)) < 0.2);
  if (!press || !row) return 'How much room there is';
  const holds = row.holdsFromSeconds === null ? 'it never holds in time' : `it holds from ${row.holdsFromSeconds} s`;
  return `At ${celsius} ${holds} and nothing is harmed up to ${row.mostSeconds} s; set to ${press.seconds} s.`;
}
