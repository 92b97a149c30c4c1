import { area, curveMonotoneX, line } from 'd3-shape';
import type { TracePhase } from '../api/client';
import { time } from '../app/unitMath';
import { useUnits } from '../app/units';
import { heatColour } from './heat';
import * as labels from './labels';
import { type RibbonBlock, ribbon } from './trace';

interface Props {
  phases: readonly TracePhase[];
  selected: number;
  onSelect: (index: number) => void;
  /** A picture only, not to be tapped. */
  quiet?: boolean;
}

const WIDTH = 880;
const QUIET_WIDTH = 360;
const TOP = 22;
const BASE = 112;
const NARROWEST = 76;
// With many presses a block holds its name only.
const CROWDED = 9;
const COOLEST = 20;

const NAMES: Record<TracePhase['kind'], string> = {
  preheat: 'preheat',
  lay: 'lay',
  tack: 'tack',
  press: 'press',
  turn: 'turn',
  back: 'back',
  cool: 'cool',
  peel: 'peel',
  cover: 'cover',
  dial: labels.newSetting,
  finish: 'finish',
  rest: 'done',
};

/** The whole job as one strip over time: presses stand as blocks, waits fall away, and the line is what the glue line feels. */
export function HeatRibbon({ phases, selected, onSelect, quiet = false }: Props) {
  const units = useUnits();
  const crowded = phases.length > CROWDED;
  const full = quiet ? QUIET_WIDTH : WIDTH;
  const blocks = ribbon(phases, full, quiet ? 4 : crowded ? Math.min(44, WIDTH / phases.length) : NARROWEST);
  const hottest = Math.max(120, ...phases.flatMap((p) => p.plate.slice(0, 1)));
  const y = (celsius: number) => BASE - ((celsius - COOLEST) / (hottest - COOLEST)) * (BASE - TOP);
  return (
    <Strip quiet={quiet}>
      <svg viewBox={`0 0 ${full} ${quiet ? BASE + 2 : BASE + 26}`} className="w-full h-auto block">
        <title>{quiet ? labels.theJobOverTime : labels.tapAPartToLook}</title>
        {blocks.map((block) => (
          <Block
            key={block.index}
            block={block}
            y={y}
            active={block.index === selected}
            onSelect={() => onSelect(block.index)}
            wait={waitOf(block.phase)}
            crowded={crowded || quiet}
            quiet={quiet}
          />
        ))}
        <line x1="0" x2={full} y1={BASE} y2={BASE} stroke="var(--color-base-content)" strokeWidth="1" />
        {blocks.map(({ phase, x, width, index }) => {
          const glue = line<number>(
            (_, i) => x + ((phase.times[i] ?? 0) / phase.seconds) * width,
            (t) => y(t),
          ).curve(curveMonotoneX)(phase.glue);
          return (
            glue && (
              <path
                key={index}
                d={glue}
                fill="none"
                stroke="var(--color-base-content)"
                strokeWidth="1.8"
                pointerEvents="none"
              />
            )
          );
        })}
        <text x="0" y={TOP - 10} fontSize="11" fill="var(--color-secondary)">
          {units.temperature(hottest)}
        </text>
      </svg>
    </Strip>
  );
}

function Strip({ quiet, children }: { quiet: boolean; children: React.ReactNode }) {
  return quiet ? (
    <div>{children}</div>
  ) : (
    // On a phone it is scrolled rather than shrunk to where nobody can read it.
    <nav aria-label={labels.theJobOverTime} className="overflow-x-auto [&>svg]:min-w-[40rem]">
      {children}
    </nav>
  );
}

function waitOf(phase: TracePhase): string {
  return phase.kind === 'cool' ? labels.wait(time(phase.seconds)) : time(phase.seconds);
}

function Block({
  block,
  y,
  active,
  onSelect,
  wait,
  crowded,
  quiet,
}: {
  block: RibbonBlock;
  y: (celsius: number) => number;
  active: boolean;
  onSelect: () => void;
  wait: string;
  crowded: boolean;
  quiet: boolean;
}) {
  const { phase, x, width } = block;
  const name = `${NAMES[phase.kind]} ${wait}`;
  const middle = x + width / 2;
  const narrow = crowded && !phase.plateClosed && phase.kind !== 'cool' && width < 50;
  const peak = Math.max(...phase.glue);
  const shape = phase.plateClosed
    ? null
    : area<number>(
        (_, i) => x + ((phase.times[i] ?? 0) / phase.seconds) * width,
        () => y(20),
        (t) => y(t),
      ).curve(curveMonotoneX)(phase.glue);
  const drawing = (
    <>
      <rect x={x} y={0} width={width} height={138} fill={active ? 'var(--color-base-200)' : 'transparent'} />
      {phase.plateClosed ? (
        <rect
          x={x + 1}
          y={y(phase.plate[0] ?? 20)}
          width={width - 2}
          height={y(20) - y(phase.plate[0] ?? 20)}
          fill={heatColour(phase.plate[0] ?? 20)}
        />
      ) : (
        shape && (
          <path
            d={shape}
            fill={heatColour((peak + 3 * (phase.glue[phase.glue.length - 1] ?? 20)) / 4)}
            fillOpacity="0.75"
          />
        )
      )}
      {!quiet && (
        <text
          x={middle}
          y={128}
          textAnchor="middle"
          fontSize={crowded ? 10.5 : 12}
          fontWeight={active ? 700 : 500}
          fill="var(--color-base-content)"
        >
          {narrow && !active ? '' : NAMES[phase.kind]}{' '}
          <tspan fontWeight="400" fill="var(--color-secondary)">
            {crowded || phase.kind === 'cool' || phase.kind === 'rest' ? '' : time(phase.seconds)}
          </tspan>
        </text>
      )}
      {phase.kind === 'cool' && (!crowded || active) && (
        <text x={middle} y={14} textAnchor="middle" fontSize="12" fill="var(--color-base-content)">
          {wait}
        </text>
      )}
      {active && <rect x={x} y={135} width={width} height={3} fill="var(--color-base-content)" />}
    </>
  );
  if (quiet) return <g>{drawing}</g>;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside a drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={active}
      aria-label={name}
      className="cursor-pointer"
      onClick={onSelect}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        onSelect();
      }}
    >
      {drawing}
    </g>
  );
}
