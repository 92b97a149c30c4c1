import type { CutList, CutSheet } from '../../api/client';
import type { PlacedUnit } from './words';

interface Props {
  list: CutList;
  sheet: CutSheet;
  /** As it reads from the right side, instead of as it lies on the mat. */
  rightSide?: boolean;
  /** What is on the mat of all that; undefined for everything. */
  only?: readonly number[] | undefined;
  shiftMm?: number;
  /** Units that are cut whole. */
  done?: readonly number[];
  blade?: { x: number; y: number } | undefined;
  weeding?: boolean;
  ticked?: ReadonlySet<number>;
  label: string;
}

const PAPER = '#f1ece2';

/** A sheet of vinyl to scale: what stays in its colour, what goes pale. */
export function SheetPicture(props: Props) {
  const { list, sheet, rightSide = false, only, shiftMm = 0, done = [], blade, weeding = false, ticked, label } = props;
  const units = only ? sheet.units.filter((u) => only.includes(u.index)) : sheet.units;
  const [width, length] = [sheet.widthMm, Math.min(sheet.lengthMm, sheet.usedLengthMm - shiftMm + 12)];
  const ink = Math.max(width, length) / 420;
  const turn = rightSide && list.mirrored ? `matrix(-1 0 0 1 ${width} 0)` : undefined;
  const colour = list.colour ?? '#8a8072';
  let number = 0;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${-ink * 2} ${-ink * 2} ${width + ink * 4} ${length + ink * 4}`}
      className="block w-full max-h-[440px]"
      data-sheet={`${list.id}/${sheet.number}`}
      data-mirrored={list.mirrored && !rightSide}
    >
      <g transform={turn}>
        <path
          d={
            sheet.cornerWidthMm > 0
              ? `M${sheet.cornerWidthMm} 0H${width}V${length}H0V${sheet.cornerLengthMm}H${sheet.cornerWidthMm}Z`
              : `M0 0H${width}V${length}H0Z`
          }
          fill={weeding ? PAPER : colour}
          fillOpacity={weeding ? 1 : 0.22}
          stroke="currentColor"
          strokeWidth={ink}
        />
        <line
          x1={0}
          x2={width}
          y1={sheet.usedLengthMm - shiftMm}
          y2={sheet.usedLengthMm - shiftMm}
          stroke="currentColor"
          strokeWidth={ink}
          strokeDasharray={`${ink * 6} ${ink * 4}`}
        />
        {units.map((unit) => (
          <Unit
            key={unit.index}
            list={list}
            unit={unit}
            shiftMm={shiftMm}
            ink={ink}
            colour={colour}
            state={weeding ? (ticked?.has(unit.index) ? 'clean' : 'weed') : done.includes(unit.index) ? 'cut' : 'lies'}
          />
        ))}
      </g>
      {weeding &&
        units.flatMap((unit) =>
          (list.shapes[unit.shape]?.centres ?? []).map((centre) => {
            number += 1;
            const m = unit.matrix as number[];
            const x = (m[0] ?? 0) * centre.x + (m[2] ?? 0) * centre.y + (m[4] ?? 0);
            const y = (m[1] ?? 0) * centre.x + (m[3] ?? 0) * centre.y + (m[5] ?? 0);
            return (
              <text
                key={`${unit.index}-${number}`}
                x={turn ? width - x : x}
                y={y - shiftMm}
                fontSize={ink * 9}
                fontWeight={700}
                textAnchor="middle"
                dominantBaseline="central"
                fill="#1f1b16"
                stroke="#f1ece2"
                strokeWidth={ink * 2.5}
                paintOrder="stroke"
                data-centre={number}
              >
                {number}
              </text>
            );
          }),
        )}
      {blade && (
        <circle cx={blade.x} cy={blade.y} r={ink * 5} fill="none" stroke="currentColor" strokeWidth={ink * 2} />
      )}
    </svg>
  );
}

function Unit({
  list,
  unit,
  shiftMm,
  ink,
  colour,
  state,
}: {
  list: CutList;
  unit: PlacedUnit;
  shiftMm: number;
  ink: number;
  colour: string;
  state: 'lies' | 'cut' | 'weed' | 'clean';
}) {
  const shape = list.shapes[unit.shape];
  if (!shape) return null;
  const [a, b, c, d, e, f] = unit.matrix as [number, number, number, number, number, number];
  const weeding = state === 'weed' || state === 'clean';
  return (
    <g transform={`matrix(${a} ${b} ${c} ${d} ${e} ${f - shiftMm})`} data-unit={unit.index} data-state={state}>
      <path
        d={shape.path}
        fillRule="evenodd"
        fill={weeding ? '#b9ae9d' : colour}
        fillOpacity={state === 'clean' ? 0.35 : 1}
        stroke={weeding ? '#1f1b16' : 'currentColor'}
        strokeWidth={ink * (state === 'cut' ? 1.4 : 0.8)}
      />
      {(shape.marks || shape.number) && (
        <path
          d={shape.marks + shape.number}
          fill="none"
          stroke={weeding ? '#1f1b16' : 'currentColor'}
          strokeWidth={ink}
        />
      )}
      {weeding &&
        shape.delicate.map((place) => (
          <circle
            key={`${place.xMm} ${place.yMm}`}
            cx={place.xMm}
            cy={place.yMm}
            r={place.radiusMm}
            fill="none"
            stroke="#1f1b16"
            strokeWidth={ink * 2}
            data-ring
          />
        ))}
    </g>
  );
}
