import * as labels from './labels';
import { type Region, reach } from './parts';

/** A region as it was drawn: a box, a circle, or a line with the side that is meant shaded. */
export function RegionShape({ region, ink, far }: { region: Region; ink: number; far: number }) {
  const look = {
    fill: 'var(--color-primary)',
    fillOpacity: 0.14,
    stroke: 'var(--color-primary)',
    strokeWidth: ink * 2,
    strokeDasharray: `${ink * 6} ${ink * 3}`,
    pointerEvents: 'none' as const,
    'data-region': region.shape,
  };
  const { xMm: x, yMm: y, toXMm: toX, toYMm: toY } = region;
  if (region.shape === 'box')
    return (
      <rect x={Math.min(x, toX)} y={Math.min(y, toY)} width={Math.abs(toX - x)} height={Math.abs(toY - y)} {...look}>
        <title>{labels.theRegion}</title>
      </rect>
    );
  if (region.shape === 'circle') return <circle cx={x} cy={y} r={reach(region)} {...look} />;
  const length = reach(region) || 1;
  const [dx, dy] = [(far * (toX - x)) / length, (far * (toY - y)) / length];
  // To the left, seen along the line; y runs downward.
  const corners = [
    [x - dx, y - dy],
    [x + dx, y + dy],
    [x + dx + dy, y + dy - dx],
    [x - dx + dy, y - dy - dx],
  ];
  return <polygon points={corners.map((c) => c.join(',')).join(' ')} {...look} />;
}
