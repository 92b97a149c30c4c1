import { useId } from 'react';
import { useUnits } from '../app/units';
import { heatColour } from './heat';
import * as labels from './labels';
import { sheetHeight } from './trace';

export interface DrawnSheet {
  id: string;
  name: string;
  thicknessMm: number;
}

interface Props {
  sheets: readonly DrawnSheet[];
  /** Temperatures at the faces, top to bottom; one more than there are sheets. */
  faces: readonly number[];
  /** Plate temperature; null while the plate is open. */
  plate: number | null;
  width?: number;
  /** Colour of each vinyl by sheet id. */
  colours?: Readonly<Record<string, string>>;
}

const SHEET_WIDTH = 250;
const GAP = 3;
const PLATE_HEIGHT = 22;
// Beside a longer name there is no room for its thickness.
const LONG_NAME = 19;
const COLD = 20;
const HOT = 190;

/** The press from the side: every sheet in its order, thickness exaggerated, with the temperature walking down through it. */
export function Sandwich({ sheets, faces, plate, width = 460, colours = {} }: Props) {
  const units = useUnits();
  const id = useId();
  const top = plate === null ? 0 : PLATE_HEIGHT + GAP;
  const rows = sheets.reduce<{ sheet: DrawnSheet; y: number; height: number; upper: number; lower: number }[]>(
    (laid, sheet, i) => {
      const before = laid[i - 1];
      const y = before ? before.y + before.height + GAP : top;
      laid.push({ sheet, y, height: sheetHeight(sheet.thicknessMm), upper: faces[i] ?? 20, lower: faces[i + 1] ?? 20 });
      return laid;
    },
    [],
  );
  const last = rows[rows.length - 1];
  const height = (last ? last.y + last.height : top) + 2;
  const x = (celsius: number) =>
    10 + ((Math.min(HOT, Math.max(COLD, celsius)) - COLD) / (HOT - COLD)) * (SHEET_WIDTH - 20);
  const face = rows.find((r) => r.sheet.id === 'face');
  const profile = [
    ...(plate === null ? [] : [`${x(plate)},${PLATE_HEIGHT / 2}`]),
    ...rows.flatMap((r) => [`${x(r.upper)},${r.y}`, `${x(r.lower)},${r.y + r.height}`]),
  ].join(' ');
  const label = `${plate === null ? labels.pressOpen : labels.plate(units.temperature(plate))}${rows
    .map((r) => `${r.sheet.name} ${units.temperature((r.upper + r.lower) / 2)}`)
    .join(', ')}.`;

  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 -1 ${width} ${height + 2}`}
      className="w-full max-w-[560px] h-auto block"
    >
      <defs>
        {rows.map((r) => (
          <linearGradient key={r.y} id={`${id}${r.y}`} x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor={heatColour(r.upper)} />
            <stop offset="1" stopColor={heatColour(r.lower)} />
          </linearGradient>
        ))}
      </defs>
      {plate !== null && (
        <g>
          <rect
            width={SHEET_WIDTH}
            height={PLATE_HEIGHT}
            fill={heatColour(plate)}
            stroke="var(--color-base-content)"
            strokeWidth="1.5"
          />
          <Row y={PLATE_HEIGHT / 2} name={labels.heat} figure={units.temperature(plate)} width={width} />
        </g>
      )}
      {rows.map((r) => (
        <g key={r.y}>
          <rect
            y={r.y}
            width={SHEET_WIDTH}
            height={r.height}
            fill={`url(#${id}${r.y})`}
            stroke="var(--color-base-content)"
            strokeOpacity="0.55"
            strokeWidth="0.8"
          />
          {isVinyl(r.sheet.id) && colours[r.sheet.id] && (
            <rect
              x={SHEET_WIDTH - 22}
              y={r.y + 1}
              width={21}
              height={r.height - 2}
              fill={colours[r.sheet.id]}
              stroke="var(--color-base-content)"
              strokeOpacity="0.55"
              strokeWidth="0.8"
            />
          )}
          <Row
            y={r.y + r.height / 2}
            name={r.sheet.name}
            {...(r.sheet.name.length < LONG_NAME ? { detail: thickness(r.sheet.thicknessMm) } : {})}
            figure={units.temperature((r.upper + r.lower) / 2)}
            width={width}
          />
        </g>
      ))}
      <polyline points={profile} fill="none" stroke="#221e19" strokeWidth="1.6" strokeLinejoin="round" />
      {face && (
        <line
          x1="-4"
          x2={SHEET_WIDTH + 6}
          y1={face.y - GAP / 2}
          y2={face.y - GAP / 2}
          stroke="var(--ember)"
          strokeWidth="3"
        />
      )}
    </svg>
  );
}

/** Whether a sheet of the stack is vinyl. */
export function isVinyl(sheet: string): boolean {
  return sheet === 'vinyl' || sheet.startsWith('vinyl-');
}

function thickness(mm: number): string {
  return `${mm < 1 ? mm.toFixed(2) : mm.toFixed(mm < 3 ? 1 : 0)} mm`;
}

function Row({
  y,
  name,
  detail,
  figure,
  width,
}: {
  y: number;
  name: string;
  detail?: string;
  figure: string;
  width: number;
}) {
  return (
    <g dominantBaseline="central" fill="var(--color-base-content)">
      <text x={SHEET_WIDTH + 14} y={y} fontSize="13" fontWeight="600">
        {name}
        {detail && (
          <tspan dx="6" fontSize="11" fontWeight="400" fill="var(--color-secondary)">
            {detail}
          </tspan>
        )}
      </text>
      <text x={width - 1} y={y} fontSize="13" textAnchor="end">
        {figure}
      </text>
    </g>
  );
}

/** The same picture without words, for a job's line in the list. */
export function SmallSandwich({
  sheets,
}: {
  sheets: readonly (DrawnSheet & { celsius: number; colour: string | null })[];
}) {
  let y = 0;
  const rows = sheets.map((sheet) => {
    const height = Math.max(3, sheetHeight(sheet.thicknessMm) / 4.2);
    const row = { sheet, y, height };
    y += height + 1;
    return row;
  });
  return (
    <svg aria-hidden="true" viewBox={`0 0 76 ${Math.max(y, 1)}`} className="w-[76px] h-auto block">
      {rows.map(({ sheet, y: top, height }) => (
        <g key={top}>
          <rect y={top} width={isVinyl(sheet.id) ? 64 : 76} height={height} fill={heatColour(sheet.celsius)} />
          {isVinyl(sheet.id) && (
            <rect x="66" y={top} width="10" height={height} fill={sheet.colour ?? 'var(--color-secondary)'} />
          )}
        </g>
      ))}
    </svg>
  );
}
