import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { api, got, type Plan, type Schemas } from '../../api/client';
import type { Job } from '../../api/job';
import { usePlacement } from '../../api/queries';
import { useUnits } from '../../app/units';
import { ItemFeatures, ItemOutline, layerInk, layerPath } from '../../ui/ItemDrawing';
import { FIT, viewOf } from '../../ui/itemView';
import { SIZE_NAMES } from '../../ui/sizes';
import * as labels from './labels';

type FacePlacement = Schemas['FacePlacement'];

// More than these are read at the bench, each on its piece.
const MOST_SIZES = 6;

/** What is done on the table: where the print goes, on every size its own, and what vinyl it takes. */
export function OnTheTable({ job, plan }: { job: Job; plan: Plan }) {
  const units = useUnits();
  const placement = usePlacement(job);
  const asked = useDeferredValue(job);
  const needs = useQuery({
    queryKey: ['vinyl-needs', asked],
    queryFn: ({ signal }) => got(api.POST('/api/plans/vinyl', { signal, body: asked })),
    retry: false,
    placeholderData: (last) => last,
  });
  const placing = plan.placing ?? [];
  const faces = [...new Set(placing.map((p) => p.face))];
  return (
    <>
      {faces.map((face) => {
        const here = placing.filter((p) => p.face === face);
        const drawn = face === 'back' ? placement.data?.back : placement.data?.front;
        return (
          <section key={face} aria-label={labels.whereItGoes(faces.length > 1 ? `, ${face}` : '')}>
            <div className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-x-4 items-start">
              {drawn && <SmallItem face={drawn} />}
              <div className="text-[0.95rem]" data-testid="placing">
                {faces.length > 1 && <p className="text-[0.84rem] text-quiet first-letter:uppercase">{face}</p>}
                {here.slice(0, MOST_SIZES).map((p) => (
                  <p key={p.size ?? ''} className={here.length > 1 ? 'mb-1' : 'font-semibold'}>
                    {here.length > 1 && <strong>{SIZE_NAMES[p.size ?? ''] ?? p.size}: </strong>}
                    {p.text}
                  </p>
                ))}
                {here.length > MOST_SIZES && (
                  <p className="text-quiet">{labels.andMoreSizesAtThe(here.length - MOST_SIZES)}</p>
                )}
              </div>
            </div>
          </section>
        );
      })}
      {needs.data && needs.data.length > 0 && (
        <table className="w-full tabular-nums text-[0.95rem]">
          <caption className="sr-only">{labels.vinylInRowsAsThe}</caption>
          <tbody>
            {needs.data.map((n) => (
              <tr key={`${n.vinyl} ${n.colour}`} className="border-t border-rule last:border-b">
                <th className="text-left font-normal py-1.5">
                  <span
                    aria-hidden="true"
                    className="inline-block size-3 border border-quiet mr-2 align-[-1px]"
                    style={{ background: n.colour ?? 'transparent' }}
                  />
                  {labels.vinyl(n.name, n.pieces > 1 ? labels.pieces(n.pieces) : '')}
                </th>
                <td className="text-right whitespace-nowrap">
                  {units.bought(n.lengthMm)}, {n.sheets} {n.sheets === 1 ? 'sheet' : 'sheets'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

/** The item's face with the print on it, small. */
function SmallItem({ face }: { face: FacePlacement }) {
  const { left, top, width, height } = viewOf(face, FIT, face.artwork as Parameters<typeof viewOf>[2]);
  const ink = Math.max(width, height) / 140;
  return (
    <svg
      role="img"
      aria-label={labels.theWithThePrintOn(face.face)}
      viewBox={`${left} ${top} ${width} ${height}`}
      className="block max-h-32 w-full"
    >
      <ItemOutline outline={face.outline} ink={ink} />
      <ItemFeatures features={face.features} ink={ink} />
      {face.layers.map(
        (l) =>
          l.box && (
            <path
              key={l.id}
              d={layerPath({ ...l, box: l.box })}
              fillRule="evenodd"
              fill={layerInk(l.colour)}
              stroke="var(--color-base-content)"
              strokeWidth={ink * 0.3}
            />
          ),
      )}
    </svg>
  );
}
