import type { CutList as List, Schemas } from '../../api/client';
import { useUnits } from '../../app/units';
import * as labels from './labels';

type Use = Schemas['StockUse'];
type Left = Schemas['Remainder'];

const WIDTH = 620;
const HIGH = 92;
const ROLL = 34;
const STRIP_TOP = 16;
const STRIP_HIGH = 52;
const LONGEST = 400;

/** Your own rolls, sheets and offcuts as they lie: what is taken from each, and what comes back. */
export function FromShelf({ list }: { list: List }) {
  const units = useUnits();
  if (list.uses.length === 0) return <p className="text-quiet">{labels.nothingOfItOnHand}</p>;
  const most = Math.max(...list.uses.map((u) => u.lengthMm));
  return (
    <ul className="grid gap-4" aria-label={labels.fromYourStock}>
      {list.uses.map((use) => {
        const left = list.comesBack.filter((c) => c.stockId === use.stockId).map((c) => c.left);
        return (
          <li key={use.stockId} className="grid sm:grid-cols-[minmax(0,1fr)_15rem] gap-x-5 gap-y-1 items-center">
            <Piece use={use} left={left} most={most} colour={list.colour ?? '#8a8072'} />
            <p className="text-[0.95rem] tabular-nums">
              <strong className="font-semibold block">{use.label}</strong>
              {use.kind === 'roll' ? labels.cutOff(units.bought(use.lengthMm)) : labels.allOfIt}
              {counted(left).map(({ of: l, count }) => (
                <span key={`${l.widthMm} ${l.lengthMm}`} className="block text-quiet">
                  {count > 1 && `${count} × `}
                  {labels.leftOver(units.lengthShown(l.widthMm), units.lengthShown(l.lengthMm), units.lengthUnit)}
                  {l.cornerWidthMm > 0 && labels.aCornerGone}
                </span>
              ))}
            </p>
          </li>
        );
      })}
    </ul>
  );
}

/** Leftovers of one size are said once. */
function counted(left: readonly Left[]): { of: Left; count: number }[] {
  const groups: { of: Left; count: number }[] = [];
  for (const l of left) {
    const same = groups.find((g) => JSON.stringify(g.of) === JSON.stringify(l));
    if (same) same.count++;
    else groups.push({ of: l, count: 1 });
  }
  return groups;
}

/** A roll with what is cut off it drawn out, or a sheet with what stays of it in outline. */
function Piece({ use, left, most, colour }: { use: Use; left: readonly Left[]; most: number; colour: string }) {
  const taken = Math.max(24, (use.lengthMm / most) * LONGEST);
  const rest = left.reduce((n, l) => n + l.lengthMm, 0);
  const stays = use.kind === 'roll' ? 60 : Math.min(WIDTH - taken - 10, (rest / most) * LONGEST);
  const ink = 'var(--color-base-content)';
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HIGH}`} className="w-full h-auto max-w-[40rem]" aria-hidden="true">
      <rect x={4} y={STRIP_TOP} width={taken} height={STRIP_HIGH} fill={colour} stroke={ink} />
      <line
        x1={4 + taken + 3}
        x2={4 + taken + 3}
        y1={STRIP_TOP - 8}
        y2={STRIP_TOP + STRIP_HIGH + 8}
        stroke={ink}
        strokeWidth="1.6"
        strokeDasharray="5 4"
      />
      {stays > 0 && (
        <rect
          x={4 + taken + 6}
          y={STRIP_TOP}
          width={stays}
          height={STRIP_HIGH}
          fill={colour}
          fillOpacity="0.18"
          stroke={ink}
        />
      )}
      {use.kind === 'roll' && (
        <g transform={`translate(${4 + taken + 6 + stays} ${STRIP_TOP + STRIP_HIGH - ROLL + 4})`}>
          <circle r={ROLL} cy={2} fill={colour} fillOpacity="0.35" stroke={ink} strokeWidth="1.4" />
          <circle r={ROLL * 0.66} cy={2} fill="none" stroke={ink} strokeWidth="0.8" />
          <circle r={ROLL * 0.34} cy={2} fill="var(--color-base-100)" stroke={ink} strokeWidth="1.2" />
        </g>
      )}
    </svg>
  );
}
