import { useState } from 'react';
import {
  changed,
  type JobBlank,
  type JobLabel,
  type JobLayer,
  type JobTools,
  layerId,
  withAnotherLayer,
  withLayer,
} from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { FigureFor } from '../../ui/FigureFor';
import { SIZE_NAMES } from '../../ui/sizes';
import { useJob } from '../jobs/JobPage';
import { around, boxOf, drawingOn, faceOf, resized, scaled } from '../place/moves';
import { BeforeYouStart } from './BeforeYouStart';
import { Group } from './Group';
import { LayerList } from './LayerList';
import * as labels from './labels';

const CARE = [
  { id: '', name: labels.notKnown },
  { id: '1', name: labels.oneDot },
  { id: '2', name: labels.twoDots },
  { id: '3', name: labels.threeDots },
  { id: '0', name: labels.crossedOut },
];

const NOT_SAID = { id: '', name: labels.notSaid };
const words = (...ids: string[]) => ids.map((id) => ({ id, name: id }));

/** What is pressed, with what, and what the wrapper says. */
export function ItemStation() {
  const { draft, plan, catalogue, faults } = useJob();
  const units = useUnits();
  const { job, edit } = draft;
  const { blank, tools } = job;
  const [chosen, setChosen] = useState(0);
  const [alone, setAlone] = useState<string | null>(null);
  const at = Math.min(chosen, job.layers.length - 1);
  const layer = job.layers[at] ?? job.layers[0];
  const source = catalogue.heatSources.find((h) => h.id === tools.heatSource);
  const form =
    catalogue.forms.find((f) => f.id === blank.form) ??
    catalogue.forms.find((f) => f.materials.includes(blank.material));
  const vinyl = catalogue.vinyls.find((v) => v.id === layer.vinyl);
  const material = catalogue.materials.find((m) => m.id === blank.material);
  const editBlank = (change: Partial<JobBlank>) => edit((j) => ({ ...j, blank: changed(j.blank, change) }));
  const editTools = (change: Partial<JobTools>) => edit((j) => ({ ...j, tools: changed(j.tools, change) }));
  const editLayer = (change: Partial<JobLayer>) =>
    edit((j) => withLayer(j, at, changed(j.layers[at] ?? j.layers[0], change)));
  // The colours of a drawing scale as one, unless one of them is meant.
  const face = faceOf(job, layer);
  const drawing = drawingOn(job, face);
  const together = drawing.includes(layer) && alone !== layerId(job, at);
  const whole = together ? around(drawing.map(boxOf).filter((b) => b !== null)) : null;
  const sized = whole ?? layer;
  const size = (change: { widthMm?: number; heightMm?: number }) => {
    const to = change.widthMm ?? change.heightMm;
    if (to === undefined || !(to > 0)) {
      if (!whole) editLayer(change);
    } else if (whole) edit((j) => scaled(j, face, change.widthMm ? to / whole.widthMm : to / whole.heightMm));
    else edit((j) => withLayer(j, at, resized(j.layers[at] ?? j.layers[0], change)));
  };
  const fault = (name: string) => faults.get(`/layers/${at}/${name}`);
  const editLabel = (change: Partial<JobLabel>) => {
    const label = changed(layer.label ?? {}, change);
    editLayer({ label: Object.keys(label).length > 0 ? label : undefined });
  };
  const length = (mm: number | undefined) => (mm === undefined ? undefined : units.lengthShown(mm));
  const mm = (shown: number | undefined) => (shown === undefined ? undefined : units.mmFrom(shown));
  const pickForm = (id: string) => {
    const next = catalogue.forms.find((f) => f.id === id);
    if (!next) return;
    // The usual size and material of the new item take over where the old ones cannot stay.
    editBlank({
      form: id,
      widthMm: undefined,
      heightMm: undefined,
      ...(next.materials.includes(blank.material) ? {} : { material: next.usualMaterial }),
    });
  };
  const washed = blank.traits?.includes('prewashed') ?? false;

  return (
    <div className="grid gap-9 max-w-[860px]">
      <Group title={labels.theItem}>
        <ChoiceField
          name={labels.kindOfItem}
          value={form?.id ?? ''}
          options={catalogue.forms}
          onPick={pickForm}
          fault={faults.get('/blank/form')}
        />
        <ChoiceField
          name={labels.madeOf}
          value={blank.material}
          options={catalogue.materials.filter((m) => form?.materials.includes(m.id) ?? true)}
          onPick={(id) => editBlank({ material: id })}
          fault={faults.get('/blank/material')}
          {...(material && material.kind === 'cloth'
            ? { hint: labels.takesUpTo(units.temperature(material.limitCelsius)) }
            : {})}
        />
        {form?.hasSizes && (
          <ChoiceField
            name={labels.size}
            value={blank.size ?? ''}
            options={[
              { id: '', name: 'as usual' },
              ...catalogue.sizes.map((id) => ({ id, name: SIZE_NAMES[id] ?? id })),
            ]}
            onPick={(size) => editBlank({ size: size || undefined })}
            fault={faults.get('/blank/size')}
          />
        )}
        <NumberField
          name={labels.pieces}
          value={job.quantity ?? 1}
          unit="pcs"
          onChange={(n) => edit((j) => changed(j, { quantity: n }))}
          fault={faults.get('/quantity')}
        />
        <ChoiceField
          name={labels.ironOnTheCareLabel}
          value={blank.careDots === undefined ? '' : String(blank.careDots)}
          options={CARE}
          onPick={(v) => editBlank({ careDots: v === '' ? undefined : Number(v) })}
          fault={faults.get('/blank/careDots')}
        />
        {material?.kind === 'cloth' && (
          <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={washed}
              onChange={(e) => {
                const others = (blank.traits ?? []).filter((t) => t !== 'prewashed');
                const traits = e.target.checked ? [...others, 'prewashed'] : others;
                editBlank({ traits: traits.length > 0 ? traits : undefined });
              }}
            />
            {labels.washedAlready}
          </label>
        )}
        <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={blank.traits?.includes('costly') ?? false}
            onChange={(e) => {
              const others = (blank.traits ?? []).filter((t) => t !== 'costly');
              const traits = e.target.checked ? [...others, 'costly'] : others;
              editBlank({ traits: traits.length > 0 ? traits : undefined });
            }}
          />
          {labels.hardToReplace}
        </label>
      </Group>

      <BeforeYouStart plan={plan.data} />

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

      <Group
        title={job.layers.length > 1 ? labels.whatTheWrapperOfSays(layerId(job, at)) : labels.whatTheWrapperSays}
        note={labels.anyPartOfItIt}
      >
        <NumberField
          name={labels.temperature}
          value={layer.label?.celsius === undefined ? undefined : Math.round(units.degrees(layer.label.celsius))}
          unit={units.degree}
          placeholder={
            vinyl
              ? labels.usuallyTo(
                  Math.round(units.degrees(vinyl.chartCelsius.low ?? 0)),
                  Math.round(units.degrees(vinyl.chartCelsius.high ?? 0)),
                )
              : ''
          }
          onChange={(n) => editLabel({ celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
          fault={fault('label/celsius')}
        />
        <NumberField
          name={labels.time}
          value={layer.label?.seconds}
          unit="s"
          placeholder={vinyl ? labels.usuallyTo(vinyl.chartSeconds.low, vinyl.chartSeconds.high) : ''}
          onChange={(n) => editLabel({ seconds: n })}
          fault={fault('label/seconds')}
        />
        <ChoiceField
          name={labels.pressure}
          value={layer.label?.pressure ?? ''}
          options={[
            { id: '', name: vinyl ? `not said (${vinyl.pressure})` : 'not said' },
            ...words('light', 'medium', 'firm'),
          ]}
          onPick={(v) => editLabel({ pressure: v || undefined })}
        />
        <ChoiceField
          name={labels.peel}
          value={layer.label?.peel ?? ''}
          options={[vinyl ? { id: '', name: `not said (${vinyl.peel})` } : NOT_SAID, ...words('hot', 'warm', 'cold')]}
          onPick={(v) => editLabel({ peel: v || undefined })}
        />
        {layer.label && (
          <div className="sm:col-span-2">
            <FigureFor
              label={layer.label}
              taken={at === 0 || job.layers.length === 1 ? (plan.data?.chart.for ?? null) : null}
              onPick={(meant) => editLabel({ for: meant })}
            />
          </div>
        )}
      </Group>

      <Group title={labels.thePress}>
        <ChoiceField
          name={labels.press}
          value={tools.heatSource}
          options={catalogue.heatSources}
          onPick={(id) => {
            const next = catalogue.heatSources.find((h) => h.id === id);
            // Another press brings its own plate, underlay and cover.
            editTools({
              heatSource: id,
              underlay: undefined,
              cover: undefined,
              plateWidthMm: undefined,
              plateHeightMm: undefined,
              ...(next?.steamPossible ? {} : { steam: undefined }),
            });
          }}
          fault={faults.get('/tools/heatSource')}
        />
        <ChoiceField
          name={labels.whatSUnderneath}
          value={tools.underlay ?? source?.underlay ?? ''}
          options={catalogue.underlays}
          onPick={(id) => editTools({ underlay: id })}
          fault={faults.get('/tools/underlay')}
        />
        <ChoiceField
          name={labels.cover}
          value={tools.cover ?? source?.cover ?? ''}
          options={catalogue.covers}
          onPick={(id) => editTools({ cover: id })}
          fault={faults.get('/tools/cover')}
        />
        <NumberField
          name={labels.plateWidth}
          value={length(tools.plateWidthMm ?? source?.plateWidthMm)}
          unit={units.lengthUnit}
          onChange={(n) => editTools({ plateWidthMm: mm(n) })}
          fault={faults.get('/tools/plateWidthMm')}
        />
        <NumberField
          name={labels.plateHeight}
          value={length(tools.plateHeightMm ?? source?.plateHeightMm)}
          unit={units.lengthUnit}
          onChange={(n) => editTools({ plateHeightMm: mm(n) })}
          fault={faults.get('/tools/plateHeightMm')}
        />
        {source?.steamPossible && (
          <label className="flex items-center gap-3 self-end h-10 cursor-pointer">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={tools.steam ?? false}
              onChange={(e) => editTools({ steam: e.target.checked || undefined })}
            />
            {labels.steamIsOn}
          </label>
        )}
      </Group>
    </div>
  );
}
