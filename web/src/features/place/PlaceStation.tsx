import { useRef, useState } from 'react';
import { changed, type JobLayer, layerId, withLayer } from '../../api/job';
import { usePlacement } from '../../api/queries';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { Loading } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { savedFirst } from '../jobs/savedLink';
import { Arithmetic } from './Arithmetic';
import { Garment } from './Garment';
import { KeepOuts } from './KeepOuts';
import { Measures } from './Measures';
import { type FacePlacement, faceOf, placedAt, resized, scaled, shifted } from './moves';

/** Where it goes, and how large it may be: the item to measure with the design on it. */
export function PlaceStation() {
  const { draft, catalogue, faults } = useJob();
  const { job, edit } = draft;
  const units = useUnits();
  const placement = usePlacement(job);
  const main = (job.blank.face as string | undefined) ?? 'front';
  const [face, setFace] = useState(main);
  const [chosen, setChosen] = useState<string>('all');
  const [tape, setTape] = useState<string | null>(null);
  // While a measure is faulty the last drawing stays, with the fault at its field.
  const last = useRef(placement.data);
  if (placement.data) last.current = placement.data;
  const drawn = placement.data ?? last.current;
  if (!drawn) {
    if (placement.isError) return <p className="text-quiet">The item cannot be drawn yet: see the Item station.</p>;
    return <Loading what="the item" />;
  }
  const here: FacePlacement = face === 'back' ? drawn.back : drawn.front;
  const mine = job.layers.map((layer, index) => ({ layer, index })).filter(({ layer }) => faceOf(job, layer) === face);
  const one = mine.find(({ index }) => layerId(job, index) === chosen);
  const index = one?.index ?? null;
  const within = one ? mine.indexOf(one) : null;
  const move = (dx: number, dy: number) => edit((j) => shifted(j, face, index, dx, dy));
  const unsized = mine.filter(({ layer }) => layer.widthMm === undefined || layer.heightMm === undefined);
  const art = here.artwork;
  const setLayer = (i: number, change: Partial<JobLayer>) =>
    edit((j) => {
      const layer = j.layers[i] ?? j.layers[0];
      const size = change.widthMm !== undefined || change.heightMm !== undefined;
      return withLayer(j, i, size ? resized(layer, change) : changed(layer, change));
    });
  const length = (mm: number | undefined) => (mm === undefined ? undefined : units.lengthShown(mm));
  const form = catalogue.forms.find((f) => f.id === job.blank.form);
  const hasBack = (form?.shape ?? 'flat') === 'flat' && form?.id !== 'stretched-canvas';
  return (
    <div className="grid gap-8">
      <div className="grid xl:grid-cols-[minmax(0,1fr)_19rem] gap-x-8 gap-y-5 items-start">
        <div>
          <div className="flex flex-wrap gap-x-6 gap-y-2 items-center mb-2">
            <fieldset className="flex gap-1" hidden={!hasBack}>
              <legend className="sr-only">Which face</legend>
              {(['front', 'back'] as const).map((f) => (
                <button
                  key={f}
                  type="button"
                  aria-pressed={face === f}
                  className={`btn btn-sm ${face === f ? 'btn-primary' : 'btn-outline'}`}
                  onClick={() => {
                    setFace(f);
                    setChosen('all');
                  }}
                >
                  {f === 'front' ? 'Front' : 'Back'}
                </button>
              ))}
            </fieldset>
            {mine.length > 1 && (
              <label className="flex items-center gap-2">
                <span className="text-quiet text-[0.9rem]">Move</span>
                <select
                  className="select select-sm bg-sheet"
                  value={chosen}
                  onChange={(e) => setChosen(e.target.value)}
                >
                  <option value="all">all together</option>
                  {mine.map(({ index: i }) => (
                    <option key={layerId(job, i)} value={layerId(job, i)}>
                      {layerId(job, i)}
                    </option>
                  ))}
                </select>
              </label>
            )}
            <span className="text-quiet text-[0.9rem]">drag it, or use the arrow keys</span>
          </div>
          <Garment placement={here} selected={within} tape={tape} onMove={move} />
        </div>
        <div className="grid gap-6">
          <section aria-label="Places">
            <h2 className="mb-1">Where it goes</h2>
            {mine.length === 0 && (
              <p className="text-quiet">
                Nothing lies on this face.{' '}
                <button type="button" className="underline underline-offset-2" onClick={() => setLayer(0, { face })}>
                  Put “{layerId(job, 0)}” here
                </button>
              </p>
            )}
            {mine.length > 0 && unsized.length === mine.length && (
              <p className="mb-2">How large is the artwork? Type it below; then it can be placed.</p>
            )}
            <ul className="scored border-y border-rule">
              {here.proposals.map((p) => (
                <li key={p.id} className="py-2.5">
                  <div className="flex items-center gap-3">
                    <strong className="font-semibold grow">{p.name}</strong>
                    <button
                      type="button"
                      className="btn btn-sm btn-outline"
                      disabled={mine.length === 0 || unsized.length === mine.length}
                      aria-label={`Put it there: ${p.name}`}
                      onClick={() => edit((j) => placedAt(j, face, p.xMm, p.yMm))}
                    >
                      Put it there
                    </button>
                  </div>
                  {p.dropMm !== null && <p className="text-[0.95rem]">{units.length(p.dropMm)} below the collar</p>}
                  {p.fingers && <p className="text-[0.87rem] text-quiet">Others lay {p.fingers}.</p>}
                  <details className="text-[0.9rem] mt-0.5">
                    <summary className="cursor-pointer w-fit underline decoration-dotted underline-offset-2 text-quiet">
                      Why, and how to find it
                    </summary>
                    <p className="mt-1">{p.reason}</p>
                    <p className="mt-1">{p.find}</p>
                    <p className="mt-1 text-quiet">Source: {p.from}</p>
                  </details>
                </li>
              ))}
            </ul>
          </section>
          {mine.length > 0 && (
            <section aria-label="Size and place" className="grid grid-cols-2 gap-x-4 gap-y-3">
              <h2 className="col-span-full">
                {one ? `“${chosen}”` : mine.length > 1 ? 'All together' : 'Size and place'}
              </h2>
              {(one ?? (mine.length === 1 ? mine[0] : undefined)) ? (
                <LayerNumbers
                  layer={(one ?? mine[0])?.layer as JobLayer}
                  onChange={(change) => setLayer((one ?? mine[0])?.index ?? 0, change)}
                  fault={(name) => faults.get(`/layers/${(one ?? mine[0])?.index ?? 0}/${name}`)}
                />
              ) : (
                art && (
                  <>
                    <NumberField
                      name="From the left"
                      value={length(art.xMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n !== undefined && edit((j) => placedAt(j, face, units.mmFrom(n), art.yMm))}
                      fault={undefined}
                    />
                    <NumberField
                      name="From the top"
                      value={length(art.yMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n !== undefined && edit((j) => placedAt(j, face, art.xMm, units.mmFrom(n)))}
                      fault={undefined}
                    />
                    <NumberField
                      name="Width, all together"
                      value={length(art.widthMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n && n > 0 && edit((j) => scaled(j, face, units.mmFrom(n) / art.widthMm))}
                      fault={undefined}
                    />
                    <NumberField
                      name="Height, all together"
                      value={length(art.heightMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n && n > 0 && edit((j) => scaled(j, face, units.mmFrom(n) / art.heightMm))}
                      fault={undefined}
                    />
                  </>
                )
              )}
              <p className="col-span-full text-[0.84rem] text-quiet -mt-1">
                From the left and the top of where it lies flat, dashed in the picture; the picture counts from the
                sides.
              </p>
              {here.distances && (
                <p className="col-span-full text-[0.95rem]" data-testid="off-centre">
                  {Math.abs(here.distances.offCentre) < 0.5
                    ? 'On the middle line.'
                    : `${units.length(Math.abs(here.distances.offCentre))} ${here.distances.offCentre > 0 ? 'right' : 'left'} of the middle.`}
                  {here.distances.nearest &&
                    ` Nearest: ${here.distances.nearest}, ${units.length(here.distances.nearestMm ?? 0)}.`}
                </p>
              )}
              {here.largest && (
                <div className="col-span-full text-[0.95rem]">
                  <p>
                    Largest in these proportions:{' '}
                    {units.size(Math.floor(here.largest.widthMm), Math.floor(here.largest.heightMm))}
                    {here.largest.limitedBy === 'item' ? ', then the item ends.' : ', then the cutter ends.'}
                  </p>
                  {art && art.widthMm > 0 && (
                    <button
                      type="button"
                      className="btn btn-sm btn-outline mt-1.5"
                      onClick={() =>
                        edit((j) =>
                          placedAt(
                            scaled(j, face, (here.largest?.widthMm ?? 0) / art.widthMm),
                            face,
                            here.largest?.xMm ?? 0,
                            here.largest?.yMm ?? 0,
                          ),
                        )
                      }
                    >
                      Make it this large
                    </button>
                  )}
                </div>
              )}
              {mine.length > 0 && hasBack && (
                <button
                  type="button"
                  className="col-span-full justify-self-start text-[0.9rem] underline underline-offset-2"
                  onClick={() => {
                    const other = face === 'front' ? 'back' : 'front';
                    setLayer((one ?? mine[0])?.index ?? 0, { face: other, xMm: undefined, yMm: undefined });
                  }}
                >
                  Move “{layerId(job, (one ?? mine[0])?.index ?? 0)}” to the {face === 'front' ? 'back' : 'front'}
                </button>
              )}
            </section>
          )}
          {art && (
            <section aria-label="Guides">
              <h2 className="mb-1">To lay it by</h2>
              <p className="text-[0.9rem] text-quiet mb-2">
                At true scale: collar or edge, middle line, corners of the artwork, and a bar to check the printer.
              </p>
              <div className="flex flex-wrap gap-2">
                {(['pdf', 'svg'] as const).map((format) => (
                  <a
                    key={format}
                    className="btn btn-sm btn-outline"
                    href={`/api/jobs/${draft.id}/guide.${format}?face=${face}&units=${units.system}`}
                    download={`guide.${format}`}
                    onClick={savedFirst(draft)}
                  >
                    Guide, {format.toUpperCase()}
                  </a>
                ))}
                <a
                  className="btn btn-sm btn-outline"
                  href={`/api/jobs/${draft.id}/guide.svg?face=${face}&what=picture`}
                  download="picture.svg"
                  onClick={savedFirst(draft)}
                >
                  Picture, SVG
                </a>
              </div>
            </section>
          )}
        </div>
      </div>
      <Measures placement={here} onEdit={edit} onTape={setTape} faults={faults} />
      <KeepOuts job={job} onEdit={edit} faults={faults} />
      <Arithmetic job={job} placement={here} onEdit={edit} />
    </div>
  );
}

/** Size and place of one layer. */
function LayerNumbers({
  layer,
  onChange,
  fault,
}: {
  layer: JobLayer;
  onChange: (change: Partial<JobLayer>) => void;
  fault: (name: string) => string | undefined;
}) {
  const units = useUnits();
  const field = (name: string, key: 'widthMm' | 'heightMm' | 'xMm' | 'yMm') => (
    <NumberField
      name={name}
      value={layer[key] === undefined ? undefined : units.lengthShown(layer[key])}
      unit={units.lengthUnit}
      onChange={(n) => onChange({ [key]: n === undefined ? undefined : units.mmFrom(n) })}
      fault={fault(key)}
    />
  );
  return (
    <>
      {field('Artwork width', 'widthMm')}
      {field('Artwork height', 'heightMm')}
      {field('From the left', 'xMm')}
      {field('From the top', 'yMm')}
    </>
  );
}
