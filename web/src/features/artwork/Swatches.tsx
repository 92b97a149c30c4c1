import type { Catalogue } from '../../api/client';
import { type Job, type JobLayer, layerId, withLayer } from '../../api/job';
import { useUnits } from '../../app/units';
import { type ArtworkLook, layerChanged, layerLifted, spoken } from './desk';
import * as labels from './labels';

interface Props {
  job: Job;
  look: ArtworkLook | undefined;
  catalogue: Catalogue;
  chosen: readonly string[];
  onChoose: (id: string) => void;
  onEdit: (change: (job: Job) => Job) => void;
}

/** The layers as swatches, the uppermost first: colour, vinyl, and whether it will weed. */
export function Swatches({ job, look, catalogue, chosen, onChoose, onEdit }: Props) {
  const order = job.layers.map((layer, index) => ({ layer, index })).reverse();
  return (
    <ul className="scored border-y border-rule" aria-label={labels.layersTheUppermostFirst}>
      {order.map(({ layer, index }) => (
        <Swatch
          key={layerId(job, index)}
          id={layerId(job, index)}
          layer={layer}
          look={look?.layers.find((l) => l.id === layerId(job, index))}
          vinyls={catalogue.vinyls}
          chosen={chosen.includes(layerId(job, index))}
          first={index === job.layers.length - 1}
          last={index === 0}
          alone={job.layers.length === 1}
          onChoose={() => onChoose(layerId(job, index))}
          onChange={(change) => onEdit((j) => layerChanged(j, index, change))}
          onLift={(by) => onEdit((j) => layerLifted(j, index, by))}
          onDrop={() => onEdit((j) => withLayer(j, index, null))}
        />
      ))}
    </ul>
  );
}

interface SwatchProps {
  id: string;
  layer: JobLayer;
  look: ArtworkLook['layers'][number] | undefined;
  vinyls: Catalogue['vinyls'];
  chosen: boolean;
  first: boolean;
  last: boolean;
  alone: boolean;
  onChoose: () => void;
  onChange: (change: Partial<JobLayer>) => void;
  onLift: (by: 1 | -1) => void;
  onDrop: () => void;
}

function Swatch({
  id,
  layer,
  look,
  vinyls,
  chosen,
  first,
  last,
  alone,
  onChoose,
  onChange,
  onLift,
  onDrop,
}: SwatchProps) {
  const hidden = layer.hidden === true;
  return (
    <li className={`py-2.5 ${hidden ? 'opacity-60' : ''}`} data-swatch={id}>
      <div className="flex items-center gap-2.5">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          aria-label={labels.choose(id)}
          checked={chosen}
          disabled={hidden}
          onChange={onChoose}
        />
        <input
          type="color"
          aria-label={labels.colourOf(id)}
          className="w-9 h-9 p-0.5 border border-ink bg-transparent cursor-pointer shrink-0"
          value={layer.colour ?? '#777777'}
          onChange={(e) => onChange({ colour: e.target.value })}
        />
        <strong className="font-semibold grow truncate" title={id}>
          {id}
        </strong>
        <select
          aria-label={labels.vinylOf(id)}
          className="select select-sm bg-sheet w-36"
          value={layer.vinyl}
          onChange={(e) => onChange({ vinyl: e.target.value })}
        >
          {vinyls.map((v) => (
            <option key={v.id} value={v.id}>
              {v.name}
            </option>
          ))}
        </select>
      </div>
      <Weeds look={look} hidden={hidden} />
      <div className="flex flex-wrap gap-x-4 gap-y-1 text-[0.87rem] mt-1 pl-8">
        <button
          type="button"
          className="link-quiet"
          aria-pressed={hidden}
          onClick={() => onChange({ hidden: hidden ? undefined : true })}
          disabled={alone && !hidden}
        >
          {hidden ? labels.show : labels.hide}
        </button>
        <button type="button" className="link-quiet" disabled={first} onClick={() => onLift(1)}>
          {labels.up}
        </button>
        <button type="button" className="link-quiet" disabled={last} onClick={() => onLift(-1)}>
          {labels.down}
        </button>
        <button
          type="button"
          className="link-quiet"
          aria-pressed={layer.keepTogether !== false}
          title={labels.whetherItsPiecesKeepTheir}
          onClick={() => onChange({ keepTogether: layer.keepTogether === false ? undefined : false })}
        >
          {layer.keepTogether === false ? labels.piecesFreeToMove : labels.keptTogether}
        </button>
        <button type="button" className="link-quiet" disabled={alone} onClick={onDrop}>
          {labels.takeAway}
        </button>
      </div>
    </li>
  );
}

/** Whether a layer will weed, in a line. */
function Weeds({ look, hidden }: { look: SwatchProps['look']; hidden: boolean }) {
  const units = useUnits();
  if (hidden) return <p className="text-[0.9rem] text-quiet mt-1 pl-8">{labels.hiddenNeitherCutNorPressed}</p>;
  if (!look) return <p className="text-[0.9rem] text-quiet mt-1 pl-8">{labels.noDrawingYetOnlyIts}</p>;
  const tight = look.smallestFeatureMm < look.limitMm;
  return (
    <p className="text-[0.9rem] mt-1 pl-8 tabular-nums" title={labels.limit(look.limitFrom)}>
      <span className={tight ? 'font-semibold' : ''}>
        {look.smallestFeatureMm >= 20 ? labels.nothingFine : labels.narrowest(units.fine(look.smallestFeatureMm))}
        {tight && labels.weedsDownTo(units.fine(look.limitMm))}
      </span>
      <span className="text-quiet">
        {labels.about(
          look.pieces,
          look.pieces === 1 ? 'piece' : 'pieces',
          look.centres,
          look.centres === 1 ? 'center' : 'centers',
          units.area(look.areaMm2),
          spoken(look.weedSeconds),
        )}
      </span>
    </p>
  );
}
