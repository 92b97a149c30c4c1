import { type PointerEvent, useRef, useState } from 'react';
import { type ArtworkLook, type ChosenPieces, piecePaths } from './desk';
import * as labels from './labels';
import { type PictureMode, type Region, regionFrom } from './parts';
import { RegionShape } from './RegionShape';

interface Props {
  look: ArtworkLook;
  cloth: string;
  chosen: readonly string[];
  onChoose: (id: string) => void;
  mode: PictureMode;
  pieces: ChosenPieces;
  onPiece: (layer: string, piece: number) => void;
  region: Region | null;
  onRegion: (region: Region) => void;
}

/** The artwork in the vinyls' colours on the item's colour, delicate places ringed; its pieces to tap, or a region to draw. */
export function Picture({ look, cloth, chosen, onChoose, mode, pieces, onPiece, region, onRegion }: Props) {
  const drawing = useRef<SVGSVGElement>(null);
  const [from, setFrom] = useState<{ x: number; y: number } | null>(null);
  const draws = mode !== 'layers' && mode !== 'pieces';
  const at = (e: PointerEvent) => {
    const matrix = drawing.current?.getScreenCTM();
    return matrix ? new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse()) : null;
  };
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
      ref={drawing}
      viewBox={box.join(' ')}
      className={`w-full max-h-[560px] block border border-rule ${draws ? 'touch-none cursor-crosshair' : ''}`}
      style={{ background: cloth }}
      role={mode === 'pieces' ? 'group' : 'img'}
      aria-label={labels.theArtworkLayers(look.layers.length)}
      data-testid="artwork"
      onPointerDown={(e) => {
        if (!draws) return;
        setFrom(at(e));
        drawing.current?.setPointerCapture(e.pointerId);
      }}
      onPointerMove={(e) => {
        const to = from && at(e);
        const drawn = from && to ? regionFrom(mode, from, to) : null;
        if (drawn) onRegion(drawn);
      }}
      onPointerUp={() => setFrom(null)}
      onPointerCancel={() => setFrom(null)}
    >
      {mode === 'pieces' &&
        look.layers.map((l) => <Pieces key={l.id} layer={l} ink={ink} chosen={pieces[l.id] ?? []} onPiece={onPiece} />)}
      {mode !== 'pieces' &&
        look.layers.map((l) => (
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
            className={draws ? '' : 'cursor-pointer'}
            onClick={() => !draws && onChoose(l.id)}
          >
            <title>{l.id}</title>
          </path>
        ))}
      <g fill="none" pointerEvents="none">
        {(mode === 'layers' ? look.layers : []).flatMap((l) =>
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
      {draws && region && <RegionShape region={region} ink={ink} far={2 * Math.max(box[2] ?? 1, box[3] ?? 1)} />}
    </svg>
  );
}

interface PiecesProps {
  layer: ArtworkLook['layers'][number];
  ink: number;
  chosen: readonly number[];
  onPiece: (layer: string, piece: number) => void;
}

/** The pieces of a layer, each to tap. */
function Pieces({ layer, ink, chosen, onPiece }: PiecesProps) {
  return piecePaths(layer).map((d, i) => (
    // biome-ignore lint/a11y/useSemanticElements: a checkbox cannot be a drawing
    <path
      // biome-ignore lint/suspicious/noArrayIndexKey: a piece is known by its place in the outline
      key={i}
      d={d}
      role="checkbox"
      aria-checked={chosen.includes(i)}
      aria-label={labels.pieceOf(i + 1, layer.id)}
      tabIndex={0}
      data-piece={`${layer.id} ${i}`}
      fillRule="evenodd"
      fill={layer.colour ?? '#777777'}
      fillOpacity={chosen.includes(i) ? 1 : 0.45}
      stroke={chosen.includes(i) ? 'var(--color-primary)' : 'var(--color-base-content)'}
      strokeWidth={chosen.includes(i) ? ink * 3 : ink}
      className="cursor-pointer"
      onClick={() => onPiece(layer.id, i)}
      onKeyDown={(e) => {
        if (e.key !== ' ' && e.key !== 'Enter') return;
        e.preventDefault();
        onPiece(layer.id, i);
      }}
    />
  ));
}
