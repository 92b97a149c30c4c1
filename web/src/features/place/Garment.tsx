import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useUnits } from '../../app/units';
import { corners, ItemFeatures, ItemOutline, layerInk } from '../../ui/ItemDrawing';
import { FIT, viewOf, ZOOMS } from '../../ui/itemView';
import { Dimensions, Fades } from './GarmentMarks';
import * as labels from './labels';
import { around, type BoxMm, type FacePlacement, snapped } from './moves';

interface Props {
  placement: FacePlacement;
  /** Index among this face's layers that moves alone; null for all together. */
  selected: number | null;
  /** A measure to show the tape of. */
  tape: string | null;
  onMove: (dx: number, dy: number) => void;
}

/** The face to measure, with the artwork on it: dragged, or nudged by the arrow keys; distances are always shown. */
export function Garment({ placement, selected, tape, onMove }: Props) {
  const units = useUnits();
  const drawing = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ x: number; y: number; dx: number; dy: number } | null>(null);
  const [zoom, setZoom] = useState(FIT);
  const art = placement.artwork as BoxMm | null;
  const view = viewOf(placement, zoom, art);
  const { left, top, width, height } = view;
  // Lines and figures are as large on the screen at every zoom.
  const ink = Math.max(width, height) / 300;
  const closer = (by: number) => setZoom((z) => Math.max(0, Math.min(ZOOMS.length - 1, z + by)));
  const mine = placement.layers
    .filter((l, i) => l.box && (selected === null || selected === i))
    .map((l) => l.box as BoxMm);
  const moving = around(mine);
  const pull =
    drag && moving ? snapped(moving, drag.dx, drag.dy, placement) : { dx: 0, dy: 0, onMiddle: false, onRule: null };
  const shownArt =
    art && drag
      ? selected === null
        ? { ...art, xMm: art.xMm + pull.dx, yMm: art.yMm + pull.dy }
        : around(
            placement.layers.flatMap((l, i) =>
              l.box
                ? [
                    i === selected
                      ? { ...(l.box as BoxMm), xMm: l.box.xMm + pull.dx, yMm: l.box.yMm + pull.dy }
                      : (l.box as BoxMm),
                  ]
                : [],
            ),
          )
      : art;

  const at = (e: PointerEvent) => {
    const matrix = drawing.current?.getScreenCTM();
    if (!matrix) return null;
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse());
    return { x: p.x, y: p.y };
  };
  const onKey = (e: KeyboardEvent) => {
    if (e.key === '+' || e.key === '=') closer(1);
    else if (e.key === '-') closer(-1);
    else if (e.key === '0') setZoom(FIT);
    const step = e.shiftKey ? 10 : 1;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[e.key];
    if (!by || !moving) return;
    e.preventDefault();
    onMove(by[0] ?? 0, by[1] ?? 0);
  };
  const shown = placement.measures.find((m) => m.id === tape);
  return (
    <div className="relative">
      {/* biome-ignore lint/a11y/useSemanticElements: a fieldset cannot be a drawing */}
      <svg
        ref={drawing}
        viewBox={`${left} ${top} ${width} ${height}`}
        className="w-full max-h-[640px] block touch-none"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the artwork on it is moved by the arrow keys
        tabIndex={0}
        role="group"
        aria-label={labels.theItemToMeasureArrow(placement.face)}
        data-testid="garment"
        onKeyDown={onKey}
        onPointerMove={(e) => {
          if (!drag) return;
          const p = at(e);
          if (p) setDrag({ ...drag, dx: p.x - drag.x, dy: p.y - drag.y });
        }}
        onPointerUp={() => {
          if (drag && (pull.dx !== 0 || pull.dy !== 0)) onMove(pull.dx, pull.dy);
          setDrag(null);
        }}
        onPointerCancel={() => setDrag(null)}
      >
        <ItemOutline outline={placement.outline} ink={ink} />
        <polygon
          points={corners(placement.freeArea)}
          fill="none"
          stroke="var(--color-base-300)"
          strokeWidth={ink * 0.7}
          strokeDasharray={`${ink * 3} ${ink * 2}`}
        />
        {placement.plates.map(({ box, slantDegrees }) => (
          <rect
            key={`${box.xMm} ${box.yMm} ${slantDegrees}`}
            data-plate=""
            x={box.xMm}
            y={box.yMm}
            width={box.widthMm}
            height={box.heightMm}
            transform={`rotate(${slantDegrees} ${box.xMm + box.widthMm / 2} ${box.yMm + box.heightMm / 2})`}
            fill="none"
            stroke="var(--color-secondary)"
            strokeWidth={ink * 0.6}
            strokeDasharray={`${ink} ${ink * 2}`}
          >
            <title>{labels.thePlate}</title>
          </rect>
        ))}
        <ItemFeatures features={placement.features} ink={ink} />
        <line
          x1={placement.widthMm / 2}
          x2={placement.widthMm / 2}
          y1={0}
          y2={placement.heightMm}
          stroke="var(--color-base-content)"
          strokeOpacity={pull.onMiddle ? 1 : 0.35}
          strokeWidth={ink * (pull.onMiddle ? 1 : 0.5)}
          strokeDasharray={`${ink * 4} ${ink * 2}`}
        />
        {placement.layers.map((layer, i) => {
          if (!layer.box) return null;
          const follows = drag && (selected === null || selected === i);
          const shown = {
            'data-layer': layer.id,
            fill: layerInk(layer.colour),
            fillOpacity: 0.92,
            className: 'cursor-grab active:cursor-grabbing',
            onPointerDown: (e: PointerEvent) => {
              const p = at(e);
              if (!p) return;
              drawing.current?.setPointerCapture(e.pointerId);
              drawing.current?.focus();
              setDrag({ x: p.x, y: p.y, dx: 0, dy: 0 });
            },
          };
          const [dx, dy] = follows ? [pull.dx, pull.dy] : [0, 0];
          return layer.path ? (
            <path
              key={layer.id}
              {...shown}
              d={layer.path}
              fillRule="evenodd"
              transform={`translate(${dx} ${dy})`}
              stroke="var(--color-base-content)"
              strokeWidth={selected === i ? ink : ink * 0.25}
            >
              <title>{layer.id}</title>
            </path>
          ) : (
            <rect
              key={layer.id}
              {...shown}
              x={layer.box.xMm + dx}
              y={layer.box.yMm + dy}
              width={layer.box.widthMm}
              height={layer.box.heightMm}
              stroke="var(--color-base-content)"
              strokeWidth={selected === i ? ink * 1.4 : ink * 0.5}
            >
              <title>{layer.id}</title>
            </rect>
          );
        })}
        {placement.layers.flatMap((layer) =>
          (layer.joints ?? []).map((joint) => (
            <polyline
              key={`${layer.id} ${joint.line[0]?.x} ${joint.line[0]?.y}`}
              data-joint={joint.kind}
              points={joint.line.map((p) => `${p.x},${p.y}`).join(' ')}
              fill="none"
              stroke="var(--color-base-content)"
              strokeWidth={ink}
              strokeDasharray={`${ink * 1.5} ${ink * 3}`}
              pointerEvents="none"
            >
              <title>{joint.kind === 'gap' ? labels.splitHereForTheCutter : labels.splitHereForTheCutter2}</title>
            </polyline>
          )),
        )}
        <Fades view={view} placement={placement} />
        {shownArt && (
          <Dimensions
            art={shownArt}
            placement={placement}
            view={view}
            ink={ink}
            length={(mm) => Number(units.length(mm).split(' ')[0])}
          />
        )}
        {shown && (
          <g stroke="var(--ember)" strokeWidth={ink * 1.6} fill="var(--color-base-content)">
            <line x1={shown.start.x} y1={shown.start.y} x2={shown.end.x} y2={shown.end.y} />
            <circle cx={shown.start.x} cy={shown.start.y} r={ink * 2} stroke="none" fill="var(--ember)" />
            <circle cx={shown.end.x} cy={shown.end.y} r={ink * 2} stroke="none" fill="var(--ember)" />
          </g>
        )}
        {pull.onRule && (
          <text
            x={placement.widthMm / 2}
            y={top + ink * 10}
            textAnchor="middle"
            fontSize={ink * 8}
            fill="var(--color-base-content)"
          >
            {pull.onRule}
          </text>
        )}
      </svg>
      <div className="flex gap-1 mt-2 print:hidden">
        <button
          type="button"
          className="btn btn-sm btn-outline w-10"
          aria-label={labels.zoomOut}
          disabled={zoom === 0}
          onClick={() => closer(-1)}
        >
          −
        </button>
        <button
          type="button"
          className={`btn btn-sm ${zoom === FIT ? 'btn-primary' : 'btn-outline'}`}
          aria-pressed={zoom === FIT}
          onClick={() => setZoom(FIT)}
        >
          {labels.fit}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-outline w-10"
          aria-label={labels.zoomIn}
          disabled={zoom === ZOOMS.length - 1}
          onClick={() => closer(1)}
        >
          +
        </button>
      </div>
    </div>
  );
}
