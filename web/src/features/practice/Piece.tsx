import type { Case, Seen } from './usePractice';

const CLOTH: Record<string, string> = { cloth: '#cfd8d3', hide: '#b58a5f', hard: '#9aa0a6' };
const INKS = ['#20304f', '#d9a441', '#7f9c8c', '#a2462f'];
const SHAPES: Record<string, string> = {
  tee: 'M60 40 L130 20 Q170 46 210 20 L280 40 L318 110 L272 130 L262 106 L262 300 L78 300 L78 106 L68 130 L22 110 Z',
  mug: 'M80 60 H240 V290 H80 Z M240 100 Q310 110 300 190 Q290 240 240 240',
  coaster: 'M70 60 H270 V260 H70 Z',
};
const FLAT = 'M40 50 H300 V290 H40 Z';
const TARN = 'M92 236 V166 Q92 140 118 140 H222 Q248 140 248 166 V236 Z';
const WORN = new Set(['tee', 'sweatshirt', 'jersey', 'bodysuit', 'one-piece']);

/** Layers that lie on the face that is up. */
export function laidOnTop(met: Case, seen: Seen) {
  const first = met.layers[0]?.face;
  const laid = new Set(seen.parts.flatMap((p) => p.laid));
  return met.layers.filter((l) => laid.has(l.id) && (l.face === first) === seen.faceUp);
}

/** The piece as it lies there: what can be seen of it, drawn, and nothing that cannot. */
export function Piece({ met, seen }: { met: Case; seen: Seen }) {
  const { looks } = seen;
  const shape = WORN.has(met.form) ? SHAPES.tee : (SHAPES[met.form] ?? FLAT);
  const cloth = CLOTH[met.kind] ?? '#cfd8d3';
  const laid = laidOnTop(met, seen);
  const lifted = Math.ceil(looks.edges * 4);
  const tilt = seen.signs.includes('on-carrier') ? 'rotate(-7 170 190) translate(0 -12)' : '';
  return (
    <svg viewBox="0 0 340 320" className="w-full max-h-[34vh] lg:max-h-[46vh]" role="img" aria-label={met.item}>
      <defs>
        <pattern id="weave" width="6" height="6" patternUnits="userSpaceOnUse">
          <path d="M0 3H6M3 0V6" stroke="#fff" strokeWidth="0.8" opacity="0.65" />
        </pattern>
        <clipPath id="print">
          <path d={TARN} />
        </clipPath>
      </defs>
      <path d={shape} fill={cloth} stroke="var(--color-ink)" strokeWidth="1.5" />
      {looks.shine > 0 && (
        <rect
          x="62"
          y="96"
          width="216"
          height="176"
          fill="#fff"
          opacity={looks.shine * 0.45}
          stroke="#fff"
          strokeWidth="2"
        />
      )}
      {looks.scorch > 0 && (
        <rect x="66" y="100" width="208" height="168" rx="10" fill="#5b3512" opacity={looks.scorch * 0.75} />
      )}
      {!seen.faceUp && <path d="M150 60 Q170 74 190 60" fill="none" stroke="var(--color-ink)" strokeWidth="1.5" />}
      {seen.faceUp || laid.length > 0 ? (
        <g transform={tilt}>
          {laid.map((layer, i) => (
            <Print
              key={layer.id}
              at={i}
              ink={INKS[met.layers.findIndex((l) => l.id === layer.id) % INKS.length] ?? '#20304f'}
              foam={layer.roll.family === 'puff' ? looks.foam : 0}
              dye={looks.dye}
              cloth={cloth}
            />
          ))}
          {laid.length > 0 && looks.weave > 0 && (
            <rect
              x="92"
              y="140"
              width="156"
              height="96"
              fill="url(#weave)"
              clipPath="url(#print)"
              opacity={looks.weave}
            />
          )}
          {looks.wrinkles > 0 && (
            <g fill="none" stroke="#fff" strokeWidth="1.6" clipPath="url(#print)" opacity={0.4 + looks.wrinkles * 0.5}>
              {[0, 1, 2, 3].map((k) => (
                <path key={k} d={`M${98 + k * 38} 232 q ${12 + looks.wrinkles * 10} -34 4 -50 t 12 -38`} />
              ))}
            </g>
          )}
          {looks.ripples > 0 && (
            <g fill="none" stroke="#fff" strokeWidth="1.2" clipPath="url(#print)" opacity={0.4 + looks.ripples * 0.5}>
              {[0, 1, 2, 3, 4].map((k) => (
                <path key={k} d={`M94 ${150 + k * 18} q 10 -8 20 0 t 20 0 t 20 0 t 20 0 t 20 0 t 20 0 t 30 0`} />
              ))}
            </g>
          )}
          {Array.from({ length: lifted }, (_, k) => {
            const [x, y, sx, sy] = [
              [92, 140, 1, 1],
              [248, 236, -1, -1],
              [248, 140, -1, 1],
              [92, 236, 1, -1],
            ][k] as [number, number, number, number];
            return (
              <path
                key={`${x} ${y}`}
                d={`M${x} ${y} l${sx * 26} 0 l${sx * -26} ${sy * 22} Z`}
                fill="var(--color-paper)"
                stroke="var(--color-ink)"
                strokeWidth="1.2"
              />
            );
          })}
          {seen.carrierOn && (
            <rect
              x="80"
              y="128"
              width="180"
              height="120"
              fill="#fff"
              opacity="0.34"
              stroke="var(--color-ink)"
              strokeDasharray="5 4"
            />
          )}
        </g>
      ) : null}
      {seen.parts.length > 1 &&
        seen.parts.map((part, i) => {
          const width = 184 / seen.parts.length;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: parts are known by their number
            <g key={i}>
              <rect
                x={78 + i * width + 1}
                y="124"
                width={width - 2}
                height="128"
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth={part.pressed ? 2 : 1}
                strokeDasharray={part.pressed ? '' : '2 5'}
              />
              <text x={78 + (i + 0.5) * width} y="268" textAnchor="middle" fontSize="13" fill="var(--color-ink)">
                {i + 1}
              </text>
            </g>
          );
        })}
    </svg>
  );
}

interface PrintProps {
  at: number;
  ink: string;
  foam: number;
  dye: number;
  cloth: string;
}

/** A layer: a tarn lowest, stars above it. */
function Print({ at, ink, foam, dye, cloth }: PrintProps) {
  const shape =
    at === 0 ? TARN : `M${150 + at * 12} ${196 - at * 8} l6 14 15 1 -11 10 4 15 -14 -8 -14 8 4 -15 -11 -10 15 -1 Z`;
  return (
    <>
      {foam > 0 && <path d={shape} transform={`translate(${foam * 4} ${foam * 6})`} fill="#000" opacity="0.28" />}
      <path d={shape} fill={ink} />
      {dye > 0 && <path d={shape} fill={cloth} opacity={dye * 0.7} />}
    </>
  );
}
