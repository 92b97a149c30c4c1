import { useState } from 'react';
import type { Plan, Schemas } from '../../api/client';
import type { Job } from '../../api/job';
import { usePlacement } from '../../api/queries';
import { useUnits } from '../../app/units';
import { ItemFeatures, ItemOutline, layerInk, layerPath } from '../../ui/ItemDrawing';
import { PURPOSE, wholePresses } from '../../ui/purposes';
import * as labels from './labels';

type Press = Plan['presses'][number];

// With more goes than these their distances stand in the list only.
const MOST_MARKED = 4;

/** Where the plate comes down for each press, drawn on the item with the distances to lay it by. */
export function Goes({ job, plan }: { job: Job; plan: Plan }) {
  const placement = usePlacement(job);
  const [chosen, setChosen] = useState<number | null>(null);
  const pressed = placedPresses(plan);
  const press = pressed.find((p) => p.order === chosen) ?? pressed.findLast((p) => p.purpose === 'press') ?? pressed[0];
  const faces = placement.data ? [placement.data.front, placement.data.back] : [];
  const face = faces.find((f) => f.layers.some((l) => press?.layers.includes(l.id)));
  if (!press || !face?.artwork) return null;
  return (
    <section aria-label={labels.whereThePlateComesDown}>
      <h2>
        {labels.whereThePlateComesDown2}
        <span className="font-normal text-quiet text-[0.87rem]">
          {press.sections.length === 1 ? labels.allOfItAtOnce : labels.inPartsEachPeeledAnd(press.sections.length)}
          {face.face === 'back' ? labels.onTheBack : ''}
        </span>
      </h2>
      {pressed.length > 1 && (
        <div className="flex flex-wrap gap-1 mt-2 print:hidden" role="tablist" aria-label={labels.press}>
          {pressed.map((p) => (
            <button
              key={p.order}
              type="button"
              role="tab"
              aria-selected={p === press}
              className={`px-3 min-h-10 border-b-2 text-[0.95rem] ${p === press ? 'border-ink font-semibold' : 'border-transparent text-quiet'}`}
              onClick={() => setChosen(p.order)}
            >
              {p.order} {PURPOSE[p.purpose]}
              {p.sections.length > 1 ? labels.parts(p.sections.length) : ''}
            </button>
          ))}
        </div>
      )}
      <div className="mt-3 grid md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-x-10 gap-y-4 items-start">
        <Picture face={face} press={press} carriers={(plan.carriers ?? []).filter((c) => c.face === face.face)} />
        <ol className="scored border-y border-rule">
          {press.sections.map((s, i) => (
            <li
              key={`${s.xMm} ${s.yMm} ${s.slantDegrees}`}
              className="py-2.5 grid grid-cols-[2rem_minmax(0,1fr)] gap-x-3"
            >
              <span className="font-bold tabular-nums text-[1.15rem]">{i + 1}</span>
              <span>
                <span className="block first-letter:uppercase">{s.layBy}.</span>
                {s.under && s.under.length > 0 && (
                  <span className="block text-[0.9rem] mt-0.5">
                    <strong className="font-semibold">{labels.bedItSoftly}</strong>
                    {labels.cannotHangOffHere(s.under.join(', '))}
                  </span>
                )}
              </span>
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}

/** Presses that come down somewhere, each with the places of all of its parts; those on the same places once. */
function placedPresses(plan: Plan): Press[] {
  const placed = wholePresses(plan.presses)
    .filter((w) => w.press.purpose !== 'patch' && w.layers.length > 0)
    .map((w) => ({ ...w.press, layers: w.layers, sections: w.onParts.flatMap((p) => p.sections) }))
    .filter((p) => p.sections.length > 0);
  const bonding = placed.findLast((p) => p.purpose === 'press');
  const places = (p: Press) => JSON.stringify([p.face, p.sections.map((s) => [s.xMm, s.yMm, s.slantDegrees])]);
  return placed.filter(
    (p) =>
      p === bonding || (bonding && places(p) !== places(bonding) && placed.find((o) => places(o) === places(p)) === p),
  );
}

const ROOM = 30;

function Picture({
  face,
  press,
  carriers,
}: {
  face: Schemas['FacePlacement'];
  press: Press;
  carriers: NonNullable<Plan['carriers']>;
}) {
  const units = useUnits();
  // The plates fill the picture; of the item as much is seen as lies round them, its collar in any case.
  const corners = press.sections.flatMap((s) => {
    const slant = s.slantDegrees ? Math.abs(s.widthMm - s.heightMm) / 2 : 0;
    return [
      { x: s.xMm - slant, y: s.yMm - slant },
      { x: s.xMm + s.widthMm + slant, y: s.yMm + s.heightMm + slant },
    ];
  });
  const xs = [face.widthMm / 2, ...corners.map((c) => c.x)];
  const ys = [0, ...corners.map((c) => c.y)];
  const [left, top] = [Math.min(...xs) - ROOM, Math.min(...ys) - ROOM];
  const [width, height] = [Math.max(...xs) - left + ROOM, Math.max(...ys) - top + ROOM];
  const ink = Math.max(width, height) / 300;
  const lying = new Set(press.layers);
  return (
    <svg
      role="img"
      aria-label={labels.thePlateOnTheItem(press.sections.map((s, i) => `${i + 1}, ${s.layBy}`).join('; '))}
      viewBox={`${left} ${top} ${width} ${height}`}
      className="w-full max-h-[520px] block"
      data-testid="goes"
    >
      <ItemOutline outline={face.outline} ink={ink} />
      <ItemFeatures features={face.features} ink={ink} />
      {face.layers.map(
        (layer) =>
          layer.box && (
            <path
              key={layer.id}
              d={layerPath({ ...layer, box: layer.box })}
              fillRule="evenodd"
              fill={layerInk(layer.colour)}
              fillOpacity={lying.has(layer.id) ? 0.9 : 0.25}
              stroke="var(--color-base-content)"
              strokeWidth={ink * 0.4}
            >
              <title>{layer.id}</title>
            </path>
          ),
      )}
      {carriers.map(
        (c) =>
          lying.has(c.layer) &&
          (c.trimPath ?? c.path) && (
            <path
              key={c.layer}
              data-carrier={c.layer}
              d={c.trimPath ?? c.path ?? ''}
              fill="none"
              stroke="var(--color-base-content)"
              strokeOpacity={0.7}
              strokeWidth={ink * (c.trimPath ? 0.9 : 0.5)}
              strokeDasharray={c.trimPath ? `${ink * 3} ${ink}` : `${ink} ${ink}`}
            >
              <title>
                {c.trimToMm != null
                  ? labels.trimTheCarrierOfTo(c.layer, units.lengthShown(c.trimToMm))
                  : labels.theCarrierOf(c.layer)}
              </title>
            </path>
          ),
      )}
      {press.sections.map((s, i) => {
        const [cx, cy] = [s.xMm + s.widthMm / 2, s.yMm + s.heightMm / 2];
        return (
          <g key={`${s.xMm} ${s.yMm} ${s.slantDegrees}`} transform={`rotate(${s.slantDegrees} ${cx} ${cy})`}>
            <rect
              data-go={i + 1}
              x={s.xMm}
              y={s.yMm}
              width={s.widthMm}
              height={s.heightMm}
              fill="var(--color-base-content)"
              fillOpacity={0.05}
              stroke="var(--color-base-content)"
              strokeWidth={ink * 1.1}
            />
            <text
              x={s.xMm + ink * 6}
              y={s.yMm + ink * 15}
              fontSize={ink * 13}
              fontWeight="700"
              fill="var(--color-base-content)"
            >
              {i + 1}
            </text>
          </g>
        );
      })}
      {press.sections.length <= MOST_MARKED &&
        press.sections.flatMap((s, nth) =>
          (s.marks ?? [])
            .filter((m) => Math.abs(m.mm) >= 1)
            .map((m) => (
              <g
                key={`${s.xMm} ${s.yMm} ${m.from}`}
                // One below the other, so that their figures keep apart.
                transform={m.start.y === m.end.y ? `translate(0 ${nth * ink * 12})` : undefined}
                stroke="var(--color-base-content)"
                strokeWidth={ink * 0.7}
              >
                <line x1={m.start.x} y1={m.start.y} x2={m.end.x} y2={m.end.y} />
                <circle cx={m.start.x} cy={m.start.y} r={ink * 1.4} fill="var(--color-base-content)" stroke="none" />
                <circle cx={m.end.x} cy={m.end.y} r={ink * 1.4} fill="var(--color-base-content)" stroke="none" />
                <text
                  x={(m.start.x + m.end.x) / 2 + ink * 2}
                  y={(m.start.y + m.end.y) / 2 - ink * 2}
                  fontSize={ink * 8}
                  stroke="var(--color-base-100)"
                  strokeWidth={ink * 2}
                  paintOrder="stroke"
                  fill="var(--color-base-content)"
                >
                  {units.lengthShown(Math.round(Math.abs(m.mm)))}
                </text>
              </g>
            )),
        )}
    </svg>
  );
}
