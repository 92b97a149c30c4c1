import { labelOn, type View } from '../../ui/itemView';
import type { BoxMm, FacePlacement } from './moves';

// So wide is the strip in which what is cut away fades, as a share of the view.
const FADE = 0.05;

/** Where the item goes on beyond the picture it fades away. */
export function Fades({ view, placement }: { view: View; placement: FacePlacement }) {
  const xs = placement.outline.map((p) => p.x);
  const ys = placement.outline.map((p) => p.y);
  const wide = Math.max(view.width, view.height) * FADE;
  const right = view.left + view.width;
  const bottom = view.top + view.height;
  return (
    <g pointerEvents="none">
      <defs>
        <linearGradient id="fade-left">
          <stop offset="0" stopColor="var(--color-base-100)" />
          <stop offset="1" stopColor="var(--color-base-100)" stopOpacity="0" />
        </linearGradient>
        <linearGradient id="fade-right">
          <stop offset="0" stopColor="var(--color-base-100)" stopOpacity="0" />
          <stop offset="1" stopColor="var(--color-base-100)" />
        </linearGradient>
        <linearGradient id="fade-bottom" x2="0" y2="1">
          <stop offset="0" stopColor="var(--color-base-100)" stopOpacity="0" />
          <stop offset="1" stopColor="var(--color-base-100)" />
        </linearGradient>
      </defs>
      {Math.min(...xs) < view.left && (
        <rect x={view.left} y={view.top} width={wide} height={view.height} fill="url(#fade-left)" />
      )}
      {Math.max(...xs) > right && (
        <rect x={right - wide} y={view.top} width={wide} height={view.height} fill="url(#fade-right)" />
      )}
      {Math.max(...ys) > bottom && (
        <rect x={view.left} y={bottom - wide} width={view.width} height={wide} fill="url(#fade-bottom)" />
      )}
    </g>
  );
}

/** How far the artwork lies from the item's sides, below the collar and above where the free area ends. */
export function Dimensions({
  art,
  placement,
  view,
  ink,
  length,
}: {
  art: BoxMm;
  placement: FacePlacement;
  view: View;
  ink: number;
  length: (mm: number) => number;
}) {
  const middleX = art.xMm + art.widthMm / 2;
  const middleY = art.yMm + art.heightMm / 2;
  const collar = placement.features.find((f) => f.kind === 'collar');
  const topFrom = collar ? collar.box.yMm + collar.box.heightMm : 0;
  const lines: [string, number, number, number, number][] = [
    ['left', placement.leftSideMm ?? 0, middleY, art.xMm, middleY],
    ['right', art.xMm + art.widthMm, middleY, placement.rightSideMm ?? placement.widthMm, middleY],
    ['top', middleX, topFrom, middleX, art.yMm],
    ['bottom', middleX, art.yMm + art.heightMm, middleX, placement.heightMm],
  ];
  return (
    <g fontSize={ink * 8} fill="var(--color-base-content)" pointerEvents="none">
      {lines.map(([side, x1, y1, x2, y2]) => {
        const signed = side === 'left' || side === 'right' ? x2 - x1 : y2 - y1;
        const across = y1 === y2;
        return (
          <g key={side} data-distance={side}>
            <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--color-base-content)" strokeWidth={ink * 0.6} />
            <text
              x={labelOn(x1, x2, view.left, view.left + view.width, across ? ink * 12 : 0) + (across ? 0 : ink * 4)}
              y={labelOn(y1, y2, view.top, view.top + view.height, ink * 8) + (across ? -ink * 3 : ink * 3)}
              textAnchor={across ? 'middle' : 'start'}
              fontWeight="600"
              stroke="var(--color-base-200)"
              strokeWidth={ink * 2}
              paintOrder="stroke"
            >
              {length(Math.round(signed * 2) / 2)}
            </text>
          </g>
        );
      })}
    </g>
  );
}
