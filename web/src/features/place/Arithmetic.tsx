import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../../api/client';
import type { Job } from '../../api/job';
import { piecesBySize, withSizeCount } from '../../api/pieces';
import { counted } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { SIZE_NAMES } from '../../ui/sizes';
import * as labels from './labels';
import { type FacePlacement, faceOf, placedAt, scaled } from './moves';

interface Props {
  job: Job;
  placement: FacePlacement;
  onEdit: (change: (job: Job) => Job) => void;
}

/** Sums that are otherwise done on the back of an envelope. */
export function Arithmetic({ job, placement, onEdit }: Props) {
  return (
    <section aria-label={labels.sums} className="border-t border-rule pt-5">
      <h2 className="mb-3">{labels.sums}</h2>
      <div className="grid gap-8 lg:grid-cols-2">
        {placement.size && placement.artwork && <Run job={job} placement={placement} onEdit={onEdit} />}
        {placement.artwork && <ToMeasure job={job} placement={placement} onEdit={onEdit} />}
        <Letters job={job} />
        <Square />
      </div>
    </section>
  );
}

/** One design over a run of sizes. */
function Run({ job, placement, onEdit }: Props) {
  const units = useUnits();
  const counts = piecesBySize(job, placement.sizes);
  const count = (size: string) => counts.find((c) => c.size === size)?.count;
  const run = counts.map((c) => `${c.size}:${c.count}`).join(',');
  const graded = useQuery({
    queryKey: ['grade', run, job],
    queryFn: () => got(api.POST('/api/placement/grade', { params: { query: { run } }, body: job })),
    enabled: run !== '',
  });
  const set = (size: string, n: number | undefined) => onEdit((j) => withSizeCount(j, size, n ?? 0));
  const total = graded.data?.reduce((sum, g) => sum + g.areaMm2, 0) ?? 0;
  return (
    <div>
      <h3 className="font-semibold">{labels.overARunOfSizes}</h3>
      <p className="text-[0.9rem] text-quiet mb-2">{labels.asLargeInProportionOn}</p>
      <div className="grid grid-cols-3 gap-3">
        {placement.sizes.map((size) => (
          <NumberField
            key={size}
            name={SIZE_NAMES[size] ?? size}
            value={count(size)}
            unit="pcs"
            onChange={(n) => set(size, n)}
            fault={undefined}
          />
        ))}
      </div>
      {graded.isError && <p className="notice stop mt-3">{graded.error.message}</p>}
      {graded.data && (
        <table className="mt-3 w-full tabular-nums text-[0.95rem]" data-testid="graded">
          <thead>
            <tr className="text-left text-quiet text-[0.87rem]">
              <th className="font-normal">{labels.size}</th>
              <th className="font-normal text-right">{labels.pieces}</th>
              <th className="font-normal text-right">{units.lengthUnit}</th>
              <th className="font-normal text-right">{labels.fromTheTop}</th>
            </tr>
          </thead>
          <tbody className="scored">
            {graded.data.map((g) => (
              <tr key={g.size} className="border-t border-rule">
                <td className="py-1">{SIZE_NAMES[g.size] ?? g.size}</td>
                <td className="text-right">{g.count}</td>
                <td className="text-right">
                  {units.lengthShown(g.widthMm)} × {units.lengthShown(g.heightMm)}
                </td>
                <td className="text-right">{units.lengthShown(g.yMm)}</td>
              </tr>
            ))}
            <tr className="border-t border-rule font-semibold">
              <td className="py-1">{labels.inAll}</td>
              <td className="text-right">{counts.reduce((sum, c) => sum + (c.count ?? 0), 0)}</td>
              <td className="text-right" colSpan={2}>
                {labels.mOfVinylAsBoxes((total / 1e6).toFixed(2))}
              </td>
            </tr>
          </tbody>
        </table>
      )}
    </div>
  );
}

/** A figure scaled to a measure of the body or the item; pairs come out alike. */
function ToMeasure({ job, placement, onEdit }: Props) {
  const units = useUnits();
  const [measure, setMeasure] = useState<number | undefined>(undefined);
  const [share, setShare] = useState<number | undefined>(60);
  const art = placement.artwork;
  const size = useQuery({
    queryKey: ['to-measure', measure, share, art?.widthMm, art?.heightMm],
    queryFn: () =>
      got(
        api.GET('/api/placement/to-measure', {
          params: {
            query: {
              measureMm: measure ?? 0,
              share: (share ?? 0) / 100,
              widthMm: art?.widthMm ?? 0,
              heightMm: art?.heightMm ?? 0,
            },
          },
        }),
      ),
    enabled: measure !== undefined && share !== undefined && art !== undefined && art !== null,
  });
  const made = size.data;
  return (
    <div>
      <h3 className="font-semibold">{labels.toAMeasureOfThe}</h3>
      <p className="text-[0.9rem] text-quiet mb-2">{labels.aLimbTheBackA}</p>
      <div className="grid grid-cols-3 gap-3 items-end">
        <NumberField
          name={labels.theMeasure}
          value={measure === undefined ? undefined : units.lengthShown(measure)}
          unit={units.lengthUnit}
          onChange={(n) => setMeasure(n === undefined ? undefined : units.mmFrom(n))}
          fault={undefined}
        />
        <NumberField name={labels.shareOfIt} value={share} unit="%" onChange={setShare} fault={undefined} />
        <button
          type="button"
          className="btn btn-outline h-10"
          disabled={!made || !art}
          onClick={() =>
            made &&
            art &&
            onEdit((j) => {
              const next = scaled(j, placement.face, made.widthMm / art.widthMm);
              return placedAt(next, placement.face, art.xMm + (art.widthMm - made.widthMm) / 2, art.yMm);
            })
          }
        >
          {labels.makeItSo}
        </button>
      </div>
      {size.isError && <p className="notice stop mt-2">{size.error.message}</p>}
      {made && (
        <p className="mt-2">
          {units.lengthShown(made.widthMm)} × {units.lengthShown(made.heightMm)} {units.lengthUnit}
        </p>
      )}
      {job.layers.filter((l) => faceOf(job, l) === placement.face).length > 1 && (
        <p className="mt-1 text-[0.9rem] text-quiet">{labels.allLayersOfThisFace}</p>
      )}
    </div>
  );
}

/** Letters of a word, one on each piece. */
function Letters({ job }: { job: Job }) {
  const units = useUnits();
  const [word, setWord] = useState('');
  const [pack, setPack] = useState<number | undefined>(6);
  const plan = useQuery({
    queryKey: ['letters', word, pack, job.blank, job.tools.heatSource],
    queryFn: () =>
      got(api.POST('/api/placement/letters', { params: { query: { word, perPack: pack ?? 1 } }, body: job })),
    enabled: /[\p{L}\p{N}]/u.test(word) && pack !== undefined && pack >= 1,
  });
  return (
    <div>
      <h3 className="font-semibold">{labels.aLetterOnEachPiece}</h3>
      <p className="text-[0.9rem] text-quiet mb-2">{labels.oneHeightForAllOf}</p>
      <div className="grid grid-cols-[minmax(0,1fr)_8rem] gap-3">
        <label className="field">
          <span className="name">{labels.word}</span>
          <input className="input" maxLength={60} value={word} onChange={(e) => setWord(e.target.value)} />
        </label>
        <NumberField name={labels.piecesInAPack} value={pack} unit="pcs" onChange={setPack} fault={undefined} />
      </div>
      {plan.isError && <p className="notice stop mt-3">{plan.error.message}</p>}
      {plan.data && (
        <p className="mt-2" data-testid="letters">
          {labels.leftOverLettersHighIs(
            counted(plan.data.pieces, 'piece'),
            counted(plan.data.packs, 'pack'),
            plan.data.leftOver,
            units.lengthShown(plan.data.heightMm),
            units.lengthUnit,
            plan.data.widest,
            units.lengthShown(plan.data.widestMm),
          )}
        </p>
      )}
    </div>
  );
}

/** Cloth that is not square. */
function Square() {
  const units = useUnits();
  const [sides, setSides] = useState<Record<string, number | undefined>>({});
  const { top, bottom, left, right } = sides;
  const all = top !== undefined && bottom !== undefined && left !== undefined && right !== undefined;
  const answer = useQuery({
    queryKey: ['square', sides],
    queryFn: () =>
      got(
        api.GET('/api/placement/square', {
          params: { query: { top: top ?? 0, bottom: bottom ?? 0, left: left ?? 0, right: right ?? 0 } },
        }),
      ),
    enabled: all,
  });
  const field = (name: string, key: string) => (
    <NumberField
      name={name}
      value={sides[key] === undefined ? undefined : units.lengthShown(sides[key])}
      unit={units.lengthUnit}
      onChange={(n) => setSides({ ...sides, [key]: n === undefined ? undefined : units.mmFrom(n) })}
      fault={undefined}
    />
  );
  return (
    <div>
      <h3 className="font-semibold">{labels.isItSquare}</h3>
      <p className="text-[0.9rem] text-quiet mb-2">{labels.clothSeldomIsMeasureAll}</p>
      <div className="grid grid-cols-4 gap-3">
        {field(labels.top, 'top')}
        {field(labels.bottom, 'bottom')}
        {field(labels.left, 'left')}
        {field(labels.right, 'right')}
      </div>
      {answer.isError && <p className="notice stop mt-3">{answer.error.message}</p>}
      {answer.data && (
        <p className="mt-2">
          {labels.shiftEachSideByThat(
            units.lengthShown(answer.data.shareMm),
            units.lengthUnit,
            answer.data.tiltDegrees.toFixed(1),
            answer.data.acceptedByEye ? labels.theEyeAcceptsThat : labels.thatShowsTrimOrStretch,
          )}
        </p>
      )}
    </div>
  );
}
