import type { ArtworkLook } from './desk';
import * as labels from './labels';

interface Props {
  look: ArtworkLook;
  cloth: string;
  chosen: readonly string[];
  onChoose: (id: string) => void;
}

/** The artwork in the vinyls' colours on the item's colour, delicate places ringed. */
export function Picture({ look, cloth, chosen, onChoose }: Props) {
  if (!look.around) return null;
  const room = Math.max(look.around.widthMm, look.around.heightMm) * 0.08;
  const box = [
    look.around.xMm - room,
    look.around.yMm - room,
    look.around.widthMm + 2 * room,
    look.around.heightMm + 2 * room,
  ];
  const ink = Math.max(box[2] ?? 1, box[3] ?? 1) / 400;
  const least = ink * 7;
  return (
    <svg
      viewBox={box.join(' ')}
      className="w-full max-h-[560px] block border border-rule"
      style={{ background: cloth }}
      role="img"
      aria-label={labels.theArtworkLayers(look.layers.length)}
      data-testid="artwork"
    >
      {look.layers.map((l) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the list beside it does the same by keyboard
        <path
          key={l.id}
          data-layer={l.id}
          d={l.path}
          fillRule="evenodd"
          fill={l.colour ?? '#777777'}
          stroke={chosen.includes(l.id) ? 'var(--color-base-content)' : 'none'}
          strokeWidth={ink * 1.4}
          strokeDasharray={`${ink * 5} ${ink * 3}`}
          className="cursor-pointer"
          onClick={() => onChoose(l.id)}
        >
          <title>{l.id}</title>
        </path>
      ))}
      <g fill="none" pointerEvents="none">
        {look.layers.flatMap((l) =>
          l.delicate.map((p) => {
            const at = { cx: p.xMm, cy: p.yMm, r: Math.max(p.radiusMm, least) };
            return (
              <g key={`${l.id} ${p.xMm} ${p.yMm} ${p.kind}`} data-ring={p.kind}>
                <circle {...at} stroke="#fffaf0" strokeWidth={ink * 4} strokeOpacity={0.85} />
                <circle {...at} stroke="#221e19" strokeWidth={ink * 1.6} />
              </g>
            );
          }),
        )}
      </g>
    </svg>
  );
}
