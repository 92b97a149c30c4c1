import { useState } from 'react';
import { layerId, withAnotherLayer, withLayer } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { useJob } from '../jobs/JobPage';
import { around, boxOf, drawingOn, faceOf, resized, scaled } from '../place/moves';
import { Group } from './Group';
import { LayerList } from './LayerList';
import * as labels from './labels';

import { useLayer } from './useLayer';
import { useLengths } from './useLengths';

interface Props {
  at: number;
  onChoose: (at: number) => void;
}

/** What it is pressed with, layer by layer. */
export function TheLayers({ at, onChoose: setChosen }: Props) {
  const { draft, catalogue, faults } = useJob();
  const units = useUnits();
  const { shown: length, mm } = useLengths();
  const { job, edit } = draft;
  const [alone, setAlone] = useState<string | null>(null);
  const { layer, vinyl, fault, editLayer } = useLayer(at);
  // The colours of a drawing scale as one, unless one of them is meant.
  const face = faceOf(job, layer);
  const drawing = drawingOn(job, face);
  const together = drawing.includes(layer) && alone !== layerId(job, at);
  const whole = together ? around(drawing.map(boxOf).filter((b) => b !== null)) : null;
  const sized = whole ?? layer;
  const size = (change: { widthMm?: number; heightMm?: number }) => {
    const to = change.widthMm ?? change.heightMm;
    if (to === undefined || !(to > 0)) {
      // A field that is emptied to type another figure must not lose the proportions of what was drawn.
      if (!whole && layer.shape === undefined) editLayer(change);
    } else if (whole) edit((j) => scaled(j, face, change.widthMm ? to / whole.widthMm : to / whole.heightMm));
    else edit((j) => withLayer(j, at, resized(j.layers[at] ?? j.layers[0], change)));
  };

  return (
    <Group
      title={job.layers.length > 1 ? labels.theLayers : labels.theVinyl}
      aside={
        <LayerList
          job={job}
          chosen={at}
          onChoose={setChosen}
          onAdd={() => {
            setChosen(job.layers.length);
            edit(withAnotherLayer);
          }}
        />
      }
    >
      <ChoiceField
        name={labels.kindOfVinyl}
        value={layer.vinyl}
        options={catalogue.vinyls}
        onPick={(id) => editLayer({ vinyl: id })}
        fault={fault('vinyl')}
        {...(vinyl ? { hint: vinyl.note } : {})}
      />
      <div className="field">
        <label className="name" htmlFor="vinyl-colour">
          {labels.colour}
        </label>
        <input
          id="vinyl-colour"
          type="color"
          className="input !p-1 cursor-pointer"
          value={layer.colour ?? '#1b2a49'}
          onChange={(e) => editLayer({ colour: e.target.value })}
        />
      </div>
      <ChoiceField
        name={labels.cutFile}
        value={layer.mirrored === undefined ? '' : String(layer.mirrored)}
        options={[
          { id: '', name: 'not cut yet' },
          { id: 'true', name: 'is mirrored' },
          { id: 'false', name: 'is not mirrored' },
        ]}
        onPick={(v) => editLayer({ mirrored: v === '' ? undefined : v === 'true' })}
      />
      {layer.shape !== undefined && (
        <ChoiceField
          name={labels.drawing}
          value={layer.reversed ? 'reversed' : ''}
          options={[
            { id: '', name: 'as it reads' },
            { id: 'reversed', name: 'reversed already' },
          ]}
          onPick={(v) => editLayer({ reversed: v === 'reversed' ? true : undefined })}
        />
      )}
      <NumberField
        name={whole ? labels.artworkWidthAllColors : labels.artworkWidth}
        value={length(sized.widthMm)}
        unit={units.lengthUnit}
        onChange={(n) => size({ widthMm: mm(n) as number })}
        fault={fault('widthMm')}
      />
      <NumberField
        name={whole ? labels.artworkHeightAllColors : labels.artworkHeight}
        value={length(sized.heightMm)}
        unit={units.lengthUnit}
        onChange={(n) => size({ heightMm: mm(n) as number })}
        fault={fault('heightMm')}
      />
      <NumberField
        name={labels.fromTheLeft}
        value={length(layer.xMm)}
        unit={units.lengthUnit}
        placeholder={labels.notPlacedYet}
        onChange={(n) => editLayer({ xMm: mm(n) })}
        fault={fault('xMm')}
      />
      <NumberField
        name={labels.fromTheTop}
        value={length(layer.yMm)}
        unit={units.lengthUnit}
        placeholder={labels.notPlacedYet}
        onChange={(n) => editLayer({ yMm: mm(n) })}
        fault={fault('yMm')}
      />
      <ChoiceField
        name={labels.edges}
        value={layer.intricate === undefined ? '' : String(layer.intricate)}
        options={[
          { id: '', name: layer.shape ? 'as the drawing shows' : 'nothing fine' },
          { id: 'true', name: 'fine: more time at the edge' },
          ...(layer.shape ? [{ id: 'false', name: 'nothing fine' }] : []),
        ]}
        onPick={(v) => editLayer({ intricate: v === '' ? undefined : v === 'true' })}
      />
      {drawing.includes(layer) && (
        <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={!together}
            onChange={(e) => setAlone(e.target.checked ? layerId(job, at) : null)}
          />
          {labels.sizeOnly(layerId(job, at))}
        </label>
      )}
      {job.layers.length > 1 && (
        <fieldset className="col-span-full">
          <legend className="text-[0.84rem] text-quiet mb-1">{labels.liesOn}</legend>
          <div className="flex flex-wrap gap-x-6 gap-y-1">
            {job.layers.map((other, i) => {
              const id = layerId(job, i);
              if (i === at) return null;
              const on = layer.over?.includes(id) ?? false;
              return (
                <label key={id} className="flex items-center gap-2 min-h-9 cursor-pointer">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={on}
                    onChange={(e) => {
                      const rest = (layer.over ?? []).filter((o) => o !== id);
                      const over = e.target.checked ? [...rest, id] : rest;
                      editLayer({ over: over.length > 0 ? over : undefined });
                    }}
                  />
                  <span
                    aria-hidden="true"
                    className="w-3.5 h-3.5 border border-ink"
                    style={{ background: other.colour }}
                  />
                  {id}
                </label>
              );
            })}
          </div>
          {(fault('over/0') || faults.get('/layers')) && (
            <span className="fault">{fault('over/0') ?? faults.get('/layers')}</span>
          )}
          <button
            type="button"
            className="btn btn-sm btn-ghost mt-2"
            onClick={() => {
              setChosen(0);
              edit((j) => withLayer(j, at, null));
            }}
          >
            {labels.takeThisLayerAway}
          </button>
        </fieldset>
      )}
    </Group>
  );
}
