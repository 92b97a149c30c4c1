import { useRef, useState } from 'react';
import { changed, type JobLayer, layerId, withLayer } from '../../api/job';
import { piecesOf } from '../../api/pieces';
import { usePlacement } from '../../api/queries';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { Loading } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { savedFirst } from '../jobs/savedLink';
import { Arithmetic } from './Arithmetic';
import { FitButtons } from './FitButtons';
import { Garment } from './Garment';
import { KeepOuts } from './KeepOuts';
import { LayerNumbers } from './LayerNumbers';
import * as labels from './labels';
import { Measures } from './Measures';
import { type FacePlacement, faceOf, placedAt, resized, scaled, shifted } from './moves';
import { OnPiece } from './OnPiece';

/** Where it goes, and how large it may be: the item to measure with the design on it. */
export function PlaceStation() {
  const { draft, catalogue, faults } = useJob();
  const { job, edit } = draft;
  const units = useUnits();
  const placement = usePlacement(job);
  const main = (job.blank.face as string | undefined) ?? 'front';
  const [face, setFace] = useState(main);
  const [chosen, setChosen] = useState<string>('all');
  const [piece, setPiece] = useState<number | null>(null);
  const pieces = piecesOf(job);
  // A piece taken off the list is no longer shown.
  const shownPiece = piece !== null && piece < pieces.length ? piece : null;
  const onPiece = usePlacement(job, shownPiece);
  const [tape, setTape] = useState<string | null>(null);
  // While a measure is faulty the last drawing stays, with the fault at its field.
  const last = useRef(placement.data);
  if (placement.data) last.current = placement.data;
  const drawn = placement.data ?? last.current;
  if (!drawn) {
    if (placement.isError) return <p className="text-quiet">{labels.theItemCannotBeDrawn}</p>;
    return <Loading what={labels.theItem} />;
  }
  const here: FacePlacement = face === 'back' ? drawn.back : drawn.front;
  const seen = shownPiece === null || !onPiece.data ? here : face === 'back' ? onPiece.data.back : onPiece.data.front;
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
  const hasBack = form?.hasBack ?? true;
  return (
    <div className="grid gap-8">
      <div className="grid xl:grid-cols-[minmax(0,1fr)_19rem] gap-x-8 gap-y-5 items-start">
        <div>
          <div className="flex flex-wrap gap-x-6 gap-y-2 items-center mb-2">
            <fieldset className="flex gap-1" hidden={!hasBack}>
              <legend className="sr-only">{labels.whichFace}</legend>
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
                  {f === 'front' ? labels.front : labels.back}
                </button>
              ))}
            </fieldset>
            {mine.length > 1 && (
              <label className="flex items-center gap-2">
                <span className="text-quiet text-[0.9rem]">{labels.move}</span>
                <select
                  className="select select-sm bg-sheet"
                  value={chosen}
                  onChange={(e) => setChosen(e.target.value)}
                >
                  <option value="all">{labels.allTogether}</option>
                  {mine.map(({ index: i }) => (
                    <option key={layerId(job, i)} value={layerId(job, i)}>
                      {layerId(job, i)}
                    </option>
                  ))}
                </select>
              </label>
            )}
            {pieces.length > 0 && <OnPiece pieces={pieces} chosen={shownPiece} onChoose={setPiece} />}
            <span className="text-quiet text-[0.9rem]">{labels.dragItOrUseThe}</span>
          </div>
          <Garment placement={seen} selected={within} tape={tape} onMove={move} />
        </div>
        <div className="grid gap-6">
          <section aria-label={labels.places}>
            <h2 className="mb-1">{labels.whereItGoes}</h2>
            {mine.length === 0 && (
              <p className="text-quiet">
                {labels.nothingLiesOnThisFace}
                <button type="button" className="underline underline-offset-2" onClick={() => setLayer(0, { face })}>
                  {labels.putHere(layerId(job, 0))}
                </button>
              </p>
            )}
            {mine.length > 0 && unsized.length === mine.length && <p className="mb-2">{labels.howLargeIsTheArtwork}</p>}
            <ul className="scored border-y border-rule">
              {here.proposals.map((p) => (
                <li key={p.id} className="py-2.5">
                  <div className="flex items-center gap-3">
                    <strong className="font-semibold grow">{p.name}</strong>
                    <button
                      type="button"
                      className="btn btn-sm btn-outline"
                      disabled={mine.length === 0 || unsized.length === mine.length}
                      aria-label={labels.putItThere(p.name)}
                      onClick={() => edit((j) => placedAt(j, face, p.xMm, p.yMm))}
                    >
                      {labels.putItThere2}
                    </button>
                  </div>
                  {p.dropMm !== null && (
                    <p className="text-[0.95rem]">{labels.belowTheCollar(units.length(p.dropMm))}</p>
                  )}
                  {p.fingers && <p className="text-[0.87rem] text-quiet">{labels.othersLay(p.fingers)}</p>}
                  <details className="text-[0.9rem] mt-0.5">
                    <summary className="cursor-pointer w-fit underline decoration-dotted underline-offset-2 text-quiet">
                      {labels.whyAndHowToFind}
                    </summary>
                    <p className="mt-1">{p.reason}</p>
                    <p className="mt-1">{p.find}</p>
                    <p className="mt-1 text-quiet">{labels.source(p.from)}</p>
                  </details>
                </li>
              ))}
            </ul>
          </section>
          {mine.length > 0 && (
            <section aria-label={labels.sizeAndPlace} className="grid grid-cols-2 gap-x-4 gap-y-3">
              <h2 className="col-span-full">
                {one ? `“${chosen}”` : mine.length > 1 ? labels.allTogether2 : labels.sizeAndPlace}
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
                      name={labels.fromTheLeft}
                      value={length(art.xMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n !== undefined && edit((j) => placedAt(j, face, units.mmFrom(n), art.yMm))}
                      fault={undefined}
                    />
                    <NumberField
                      name={labels.fromTheTop2}
                      value={length(art.yMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n !== undefined && edit((j) => placedAt(j, face, art.xMm, units.mmFrom(n)))}
                      fault={undefined}
                    />
                    <NumberField
                      name={labels.widthAllTogether}
                      value={length(art.widthMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n && n > 0 && edit((j) => scaled(j, face, units.mmFrom(n) / art.widthMm))}
                      fault={undefined}
                    />
                    <NumberField
                      name={labels.heightAllTogether}
                      value={length(art.heightMm)}
                      unit={units.lengthUnit}
                      onChange={(n) => n && n > 0 && edit((j) => scaled(j, face, units.mmFrom(n) / art.heightMm))}
                      fault={undefined}
                    />
                  </>
                )
              )}
              <p className="col-span-full text-[0.84rem] text-quiet -mt-1">{labels.fromTheLeftAndThe}</p>
              {seen.distances && (
                <p className="col-span-full text-[0.95rem]" data-testid="off-centre">
                  {Math.abs(seen.distances.offCentre) < 0.5
                    ? labels.onTheMiddleLine
                    : labels.ofTheMiddle(
                        units.length(Math.abs(seen.distances.offCentre)),
                        seen.distances.offCentre > 0 ? 'right' : 'left',
                      )}
                  {seen.distances.nearest &&
                    labels.nearest(seen.distances.nearest, units.length(seen.distances.nearestMm ?? 0))}
                </p>
              )}
              {art && art.widthMm > 0 && (
                <FitButtons
                  onePress={here.onePress ?? null}
                  largest={here.largest ?? null}
                  onFit={(fit) =>
                    edit((j) => placedAt(scaled(j, face, fit.widthMm / art.widthMm), face, fit.xMm, fit.yMm))
                  }
                />
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
                  {labels.moveToThe(layerId(job, (one ?? mine[0])?.index ?? 0), face === 'front' ? 'back' : 'front')}
                </button>
              )}
            </section>
          )}
          {art && (
            <section aria-label={labels.guides}>
              <h2 className="mb-1">{labels.toLayItBy}</h2>
              <p className="text-[0.9rem] text-quiet mb-2">{labels.atTrueScaleCollarOr}</p>
              <div className="flex flex-wrap gap-2">
                {(['pdf', 'svg'] as const).map((format) => (
                  <a
                    key={format}
                    className="btn btn-sm btn-outline"
                    href={`/api/jobs/${draft.id}/guide.${format}?face=${face}&units=${units.system}`}
                    download={`guide.${format}`}
                    onClick={savedFirst(draft)}
                  >
                    {labels.guide(format.toUpperCase())}
                  </a>
                ))}
                <a
                  className="btn btn-sm btn-outline"
                  href={`/api/jobs/${draft.id}/guide.svg?face=${face}&what=picture`}
                  download="picture.svg"
                  onClick={savedFirst(draft)}
                >
                  {labels.pictureSvg}
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
