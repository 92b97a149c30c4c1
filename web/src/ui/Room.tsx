import { curveMonotoneY, line } from 'd3-shape';
import type { Plan, Schemas } from '../api/client';
import { useUnits } from '../app/units';
import * as labels from './labels';
import { bondingPress } from './purposes';
import { fieldPicture } from './roomField';

interface Props {
  plan: Plan;
  /** The window as a field; null while it is being fetched. */
  field: Schemas['WindowField'] | null;
  /** What charts of this vinyl say: °C and s, from and to. */
  chart: { celsius: [number, number]; seconds: [number, number] } | null;
  /** What came out here before. */
  marks?: readonly Schemas['LogMarkAnswer'][];
  /** A piece to point out among them. */
  here?: { celsius: number; seconds: number };
}

const WIDTH = 420;
const LEFT = 46;
const HEIGHT = 268;
const BOTTOM = HEIGHT - 48;
const LONGEST = 60;
const COMPARABLE_K = 90;

/** Time across, temperature up: where the vinyl holds and nothing is harmed, with the setting in it. */
export function Room({ plan, field, chart: asked, marks: came = [], here }: Props) {
  const units = useUnits();
  const press = bondingPress(plan.presses);
  if (!press) return null;
  const rows = plan.room;
  const marks = press.dialMark !== null;
  // What charts say of a plate says nothing of hot air.
  const chart =
    asked && Math.abs((asked.celsius[0] + asked.celsius[1]) / 2 - press.celsius) < COMPARABLE_K ? asked : null;
  const around = press.celsius > COMPARABLE_K * 3 ? 60 : 25;
  const low = marks ? 80 : Math.max(80, Math.min(press.celsius, chart?.celsius[0] ?? press.celsius) - around);
  const high = marks ? 200 : Math.max(press.celsius, chart?.celsius[1] ?? press.celsius) + around;
  const x = (s: number) => LEFT + (Math.min(LONGEST, Math.max(0, s)) / LONGEST) * (WIDTH - LEFT - 6);
  const y = (c: number) => BOTTOM - ((c - low) / (high - low)) * (BOTTOM - 8);
  const shown = rows.filter((r) => r.celsius >= low - 4 && r.celsius <= high + 4);
  const open = shown.filter((r) => (r.holdsFromSeconds ?? 99) < r.mostSeconds);
  const picture = field && !marks ? fieldPicture(field) : null;
  const limit = field && limitAt(field, high);
  const target = open.filter((r) => r.targetSeconds !== null && r.targetSeconds <= r.mostSeconds);
  const targetLine = line<(typeof rows)[number]>()
    .y((r) => y(r.celsius))
    .x((r) => x(r.targetSeconds ?? 0))
    .curve(curveMonotoneY)(target);
  // Hatched as well, for those who do not see the colors apart.
  const harmed = marks ? [] : shown.filter((r) => r.mostSeconds < LONGEST);
  const edge = line<(typeof rows)[number]>()
    .y((r) => y(r.celsius))
    .x((r) => x(r.mostSeconds))
    .curve(curveMonotoneY)(harmed);
  const [last, firstHarmed] = [harmed[harmed.length - 1], harmed[0]];
  const tooMuch =
    edge && last && firstHarmed && harmed.length > 1
      ? `${edge}L${x(last.mostSeconds)} 0L${WIDTH} 0L${WIDTH} ${y(firstHarmed.celsius)}Z`
      : null;
  const ticks = [0, 1, 2, 3, 4].map((i) => low + ((high - low) * (i + 0.5)) / 5);
  // The picture is of one press by itself; where tacks count, the plan's press is shorter than it would be alone.
  const alone = plan.aloneSeconds ?? press.seconds;
  const [px, py] = [x(alone), y(press.celsius)];
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
        <pattern id="room-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke="var(--color-base-content)" strokeWidth="1" strokeOpacity="0.35" />
        </pattern>
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
        {tooMuch && <path d={tooMuch} fill="url(#room-hatch)" />}
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
        {came.map((m) => (
          <CameOut key={`${m.celsius}-${m.seconds}-${m.outcomes.join()}`} mark={m} x={x(m.seconds)} y={y(m.celsius)} />
        ))}
        {here && (
          <circle
            cx={x(here.seconds)}
            cy={y(here.celsius)}
            r="11"
            fill="none"
            stroke="var(--color-base-content)"
            strokeWidth="1.6"
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
          {Math.round(units.degrees(t))} {units.degree}
        </text>
      ))}
      {[0, 10, 20, 30, 45, 60].map((s) => (
        <text
          key={s}
          x={x(s)}
          y={BOTTOM + 14}
          fontSize="11"
          textAnchor={s === LONGEST ? 'end' : 'middle'}
          fill="var(--color-secondary)"
        >
          {s}
        </text>
      ))}
      <text x={(LEFT + WIDTH) / 2} y={BOTTOM + 33} fontSize="11.5" textAnchor="middle" fill="var(--color-secondary)">
        {labels.secondsPressed}
      </text>
      <text x={LEFT + 8} y={24} fontSize="12" fontWeight="600" fill="var(--teal)">
        {labels.short}
      </text>
      {(limit === 'vinyl' || limit === 'blank') && !marks && (
        <text x={WIDTH - 14} y={24} fontSize="12" fontWeight="600" textAnchor="end" fill="var(--ember)">
          {labels.tooMuchForThe(limit)}
        </text>
      )}
      {chart && (
        <text
          x={x(chart.seconds[0])}
          y={y(chart.celsius[0]) + (plan.chart.fromWrapper ? 22 : 13)}
          fontSize="11"
          fill="var(--color-base-content)"
        >
          {plan.chart.fromWrapper ? labels.theWrapperSays : labels.chartsSay}
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
        {units.temperature(press.celsius)} · {press.seconds} s{plan.aloneSeconds != null && labels.afterTheTacks}
      </text>
    </svg>
  );
}

/** What stands against the longest press, at the nearest row of the field. */
function limitAt(field: Schemas['WindowField'], celsius: number): string | null {
  const row = field.celsius.reduce(
    (best, c, i) => (Math.abs(c - celsius) < Math.abs((field.celsius[best] ?? 0) - celsius) ? i : best),
    0,
  );
  return field.againstLongest?.[row] ?? null;
}

function describe(plan: Plan, celsius: string): string {
  const press = bondingPress(plan.presses);
  const row = plan.room.find((r) => Math.abs(r.celsius - (press?.celsius ?? 0)) < 0.2);
  if (!press || !row) return labels.howMuchRoomThereIs;
  const holds = row.holdsFromSeconds === null ? labels.itNeverHoldsInTime : labels.itHoldsFromS(row.holdsFromSeconds);
  return labels.atAndNothingIsHarmed(celsius, holds, row.mostSeconds, press.seconds);
}

const LARGEST_MARK = 7;

/** Told by shape: a dot that lies flat held, an edge that points up lifted, waves had too much; a ring says nothing of heat. */
function CameOut({ mark, x, y }: { mark: Schemas['LogMarkAnswer']; x: number; y: number }) {
  const r = Math.min(LARGEST_MARK, 3 + Math.log2(mark.count + 1));
  const ink = 'var(--color-base-content)';
  const line = { fill: 'none', stroke: ink, strokeWidth: 1.8, strokeLinecap: 'round' as const };
  return (
    <g transform={`translate(${x} ${y})`}>
      <title>{`${mark.count} × ${mark.outcomes.join(', ') || 'lost'}`}</title>
      {mark.showed === 'held' && <circle r={r} fill={ink} stroke="var(--color-base-100)" />}
      {mark.showed === 'short' && (
        <path d={`M${-r} ${r * 0.6}L0 ${-r}L${r} ${r * 0.6}Z`} {...line} fill="var(--color-base-100)" />
      )}
      {mark.showed === 'too-much' && <path d={`M${-r} 0q${r / 2} ${-r * 1.6} ${r} 0t${r} 0`} {...line} />}
      {mark.showed === null && <circle r={r * 0.7} {...line} />}
    </g>
  );
}

/** What the marks mean, as far as there are any. */
export function RoomKey({ marks, here = false }: { marks: readonly Schemas['LogMarkAnswer'][]; here?: boolean }) {
  const kinds = (['held', 'short', 'too-much', null] as const).filter((kind) => marks.some((m) => m.showed === kind));
  if (kinds.length === 0 && !here) return null;
  const words = { held: 'held', short: labels.hadTooLittle, 'too-much': labels.hadTooMuch };
  return (
    <p className="flex flex-wrap gap-x-5 text-[0.87rem] text-quiet mt-1">
      {kinds.length > 0 && <span>{labels.yourLogbook}</span>}
      {kinds.map((kind) => (
        <span key={kind ?? 'none'} className="inline-flex items-center gap-1.5">
          <svg width="16" height="16" viewBox="-8 -8 16 16" aria-hidden="true">
            <CameOut mark={{ celsius: 0, seconds: 0, showed: kind, outcomes: [], count: 3 }} x={0} y={0} />
          </svg>
          {kind ? words[kind] : labels.saysNothingOfItsHeat}
        </span>
      ))}
      {here && <span>{labels.theLargeRingThisPiece}</span>}
    </p>
  );
}
