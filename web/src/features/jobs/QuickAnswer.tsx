import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, type Catalogue, type FieldFault, got, type Peel, Refused } from '../../api/client';
import { carrying, changed, type JobLabel, newJob } from '../../api/job';
import { useCatalogue, usePlan, useTrace } from '../../api/queries';
import { article, span, time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { FigureFor } from '../../ui/FigureFor';
import { NoticeCard } from '../../ui/Notices';
import { bondingPress, peelTimes } from '../../ui/purposes';
import { Sandwich } from '../../ui/Sandwich';
import { Setpoint } from '../../ui/Setpoint';
import { Failed, Loading } from '../../ui/States';
import { Words } from '../../ui/Words';
import { agreed, type Picked } from './agreed';
import * as labels from './labels';
import { ItemWords, MaterialWords, PressWords } from './PickedWords';

const REMEMBERED = 'juxtherm.quick';

function remembered(): Partial<Picked> {
  try {
    return JSON.parse(localStorage.getItem(REMEMBERED) ?? '{}');
  } catch {
    return {};
  }
}

/** What was chosen last, as far as it is still to be had. */
export function start(catalogue: Catalogue): Picked {
  const before = remembered();
  const known = (id: string | undefined, from: readonly { id: string }[], otherwise: string) =>
    from.some((x) => x.id === id) ? (id as string) : otherwise;
  return agreed(
    catalogue,
    {
      press: known(before.press, catalogue.heatSources, catalogue.usual.heatSource),
      vinyl: known(before.vinyl, catalogue.vinyls, catalogue.usual.vinyl),
      form: known(before.form, catalogue.forms, catalogue.usual.form),
      material: known(before.material, catalogue.materials, catalogue.usual.material),
    },
    {},
  );
}

/** How hot, how long? Three choices in a sentence, and the answer beside it. */
export function QuickAnswer() {
  const catalogue = useCatalogue();
  if (catalogue.isPending) return <Loading what={labels.vinylsAndPresses} />;
  if (catalogue.isError) return <Failed error={catalogue.error} retry={() => catalogue.refetch()} />;
  return <Sentence catalogue={catalogue.data} />;
}

function Sentence({ catalogue }: { catalogue: Catalogue }) {
  const navigate = useNavigate();
  const [picked, setPicked] = useState(() => start(catalogue));
  const form = catalogue.forms.find((f) => f.id === picked.form);
  const material = catalogue.materials.find((m) => m.id === picked.material);
  const source = catalogue.heatSources.find((h) => h.id === picked.press);
  const [label, setLabel] = useState<JobLabel | null>(null);
  const [plate, setPlate] = useState<Plate | null>(null);
  const plain = newJob(picked.vinyl, picked.form, picked.material, picked.press);
  const job = carrying(
    {
      ...plain,
      tools: { ...plain.tools, ...plate },
      layers: [label && Object.keys(label).length > 0 ? { ...plain.layers[0], label } : plain.layers[0]],
    },
    catalogue,
  );
  const plan = usePlan(job);
  const trace = useTrace(job);
  const keep = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/jobs', {
          body: {
            ...job,
            title: titled(
              `${material?.name ?? ''} ${form?.name.toLowerCase() ?? ''}, ${catalogue.vinyls.find((v) => v.id === picked.vinyl)?.name.toLowerCase() ?? ''}`,
            ),
          },
        }),
      ),
    onSuccess: (made) => navigate(`/jobs/${made.id}/item`),
  });

  const pick = (change: Partial<Picked>) => {
    const next = agreed(catalogue, picked, change);
    // Another vinyl has another wrapper, another press another plate.
    if (next.vinyl !== picked.vinyl) setLabel(null);
    if (next.press !== picked.press) setPlate(null);
    localStorage.setItem(REMEMBERED, JSON.stringify(next));
    setPicked(next);
  };

  const press = bondingPress(plan.data?.presses);
  // What a field of its own says is not said twice.
  const elsewhere = (plan.error instanceof Refused ? plan.error.faults : []).filter(
    (f) => !/^#\/(layers\/0\/label\/(celsius|seconds)|tools\/plate(Width|Height)Mm)$/.test(f.pointer),
  );
  const phase = trace.data?.phases.findLast((p) => p.kind === 'press');
  const loud = plan.data?.notices.filter((n) => n.level !== 'note') ?? [];
  const stopped = plan.data?.verdict === 'stop';
  return (
    <section
      aria-label={labels.howHotHowLong}
      className="grid lg:grid-cols-[minmax(0,1fr)_420px] gap-x-14 gap-y-6 pt-9 pb-10 items-start"
    >
      <div>
        <h1 className="text-[2rem] leading-[1.5] font-medium max-w-[22em]">
          {labels.iPress}
          <Words
            label={labels.vinyl2}
            value={picked.vinyl}
            onPick={(vinyl) => pick({ vinyl })}
            options={catalogue.vinyls.map((v) => ({
              id: v.id,
              name: v.own ? v.name : `${v.name.toLowerCase()} vinyl`,
            }))}
          />
          {labels.on(article(material?.name ?? ''))}
          <MaterialWords {...{ catalogue, picked, pick }} /> <ItemWords {...{ catalogue, picked, pick }} />
          {labels.withWord(article(source?.name ?? ''))}
          <PressWords {...{ catalogue, picked, pick }} />.
        </h1>
        <Details
          label={label}
          taken={plan.data?.chart.for ?? null}
          onLabel={setLabel}
          plate={plate}
          onPlate={setPlate}
          catalogue={catalogue}
          picked={picked}
          faults={plan.error instanceof Refused ? plan.error.faults : []}
        />
        <div className="mt-6 min-h-[9.5rem]" aria-live="polite">
          {plan.isError && !(plan.error instanceof Refused) && (
            <Failed error={plan.error} retry={() => plan.refetch()} />
          )}
          {elsewhere.length > 0 && <p className="notice stop">{elsewhere.map((f) => f.detail).join(' ')}</p>}
          {plan.isError && press && (
            <p className="text-[0.9rem] mb-2" role="status">
              {labels.paleTheAnswerFromBefore}
            </p>
          )}
          <div className={`answer ${plan.pale ? 'pale' : ''}`} aria-busy={plan.pale} data-testid="answer">
            {press && !stopped && <Setpoint press={press} size="huge" />}
            {press && !stopped && <p className="mt-3">{peelWords(press)}</p>}
          </div>
          {loud.length > 0 && !plan.isError && (
            <div className="mt-4 grid gap-3 max-w-[38rem]">
              {loud.map((n) => (
                <NoticeCard key={n.code} notice={n} />
              ))}
            </div>
          )}
        </div>
        <div className="mt-5 flex items-center gap-5">
          <button
            type="button"
            className="btn btn-primary px-6"
            disabled={keep.isPending || !plan.data || plan.isError}
            onClick={() => keep.mutate()}
          >
            {labels.makeItAJob}
          </button>
          <span className="text-quiet text-[0.9rem]">{labels.computedForThisVinylCloth}</span>
        </div>
        {keep.isError && <Failed error={keep.error} />}
      </div>
      {phase && (
        <figure className="max-lg:hidden">
          <Sandwich
            sheets={phase.sheets}
            faces={phase.faces[phase.faces.length - 1] ?? []}
            plate={phase.plate[phase.plate.length - 1] ?? null}
          />
          <figcaption className="mt-2 text-[0.87rem] text-quiet">{labels.theMomentBeforeThePlate}</figcaption>
        </figure>
      )}
    </section>
  );
}

interface Plate {
  plateWidthMm?: number;
  plateHeightMm?: number;
}

/** What a first answer does not ask for, but takes into account when it is said. */
function Details({
  label,
  taken,
  onLabel,
  plate,
  onPlate,
  catalogue,
  picked,
  faults,
}: {
  label: JobLabel | null;
  /** Which press the plan took it to be for. */
  taken: string | null;
  onLabel: (label: JobLabel | null) => void;
  plate: Plate | null;
  onPlate: (plate: Plate | null) => void;
  catalogue: Catalogue;
  picked: Picked;
  faults: readonly FieldFault[];
}) {
  const units = useUnits();
  const vinyl = catalogue.vinyls.find((v) => v.id === picked.vinyl);
  const press = catalogue.heatSources.find((h) => h.id === picked.press);
  const fault = (pointer: string) => faults.find((f) => f.pointer === `#${pointer}`)?.detail;
  const setLabel = (change: Partial<JobLabel>) => onLabel(changed(label ?? {}, change));
  const setPlate = (change: Partial<Plate>) => onPlate(changed(plate ?? {}, change));
  const toggle = (open: boolean, name: string, onToggle: () => void) => (
    <button
      type="button"
      aria-expanded={open}
      className="text-[1.07rem] underline underline-offset-4 decoration-1 min-h-9"
      onClick={onToggle}
    >
      {open ? labels.leaveItOut(name) : name}
    </button>
  );
  return (
    <div className="mt-4 max-w-[38rem]">
      <div className="flex flex-wrap gap-x-7">
        {toggle(label !== null, labels.myWrapperSays, () => onLabel(label ? null : {}))}
        {toggle(plate !== null, labels.myPressIs, () => onPlate(plate ? null : {}))}
      </div>
      {label && (
        <fieldset className="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2">
          <legend className="sr-only">{labels.whatTheWrapperSays}</legend>
          <NumberField
            name={labels.temperature}
            value={label.celsius === undefined ? undefined : Math.round(units.degrees(label.celsius))}
            unit={units.degree}
            placeholder={vinyl ? String(Math.round(units.degrees(vinyl.chartCelsius.low ?? 0))) : ''}
            onChange={(n) => setLabel({ celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
            fault={fault('/layers/0/label/celsius')}
          />
          <NumberField
            name={labels.time}
            value={label.seconds}
            unit="s"
            placeholder={String(vinyl?.chartSeconds.low ?? '')}
            onChange={(seconds) => setLabel({ seconds })}
            fault={fault('/layers/0/label/seconds')}
          />
          <ChoiceField
            name={labels.pressure}
            value={label.pressure ?? ''}
            options={[{ id: '', name: 'not said' }, ...['light', 'medium', 'firm'].map((id) => ({ id, name: id }))]}
            onPick={(v) => setLabel({ pressure: v || undefined })}
          />
          <ChoiceField
            name={labels.peel2}
            value={label.peel ?? ''}
            options={[{ id: '', name: 'not said' }, ...['hot', 'warm', 'cold'].map((id) => ({ id, name: id }))]}
            onPick={(v) => setLabel({ peel: v || undefined })}
          />
          <div className="col-span-2 sm:col-span-4">
            <FigureFor label={label} taken={taken} onPick={(meant) => setLabel({ for: meant })} />
          </div>
        </fieldset>
      )}
      {plate && (
        <fieldset className="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2 items-end">
          <legend className="sr-only">{labels.whatThePressIs}</legend>
          <NumberField
            name={labels.plateWidth}
            value={plate.plateWidthMm === undefined ? undefined : units.lengthShown(plate.plateWidthMm)}
            unit={units.lengthUnit}
            placeholder={press ? String(units.lengthShown(press.plateWidthMm)) : ''}
            onChange={(n) => setPlate({ plateWidthMm: n === undefined ? undefined : units.mmFrom(n) })}
            fault={fault('/tools/plateWidthMm')}
          />
          <NumberField
            name={labels.plateHeight}
            value={plate.plateHeightMm === undefined ? undefined : units.lengthShown(plate.plateHeightMm)}
            unit={units.lengthUnit}
            placeholder={press ? String(units.lengthShown(press.plateHeightMm)) : ''}
            onChange={(n) => setPlate({ plateHeightMm: n === undefined ? undefined : units.mmFrom(n) })}
            fault={fault('/tools/plateHeightMm')}
          />
          <p className="col-span-2 text-[0.9rem] text-quiet">
            {labels.dialItsErrorAndHow}
            <Link to="/shelf" className="underline underline-offset-2">
              {labels.shelf}
            </Link>
            {labels.thenYourPressStandsIn}
          </p>
        </fieldset>
      )}
    </div>
  );
}

function titled(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1);
}

function peelWords({ peel }: { peel: Peel }): string {
  const { from, to } = peelTimes(peel);
  if (from === 0 && to !== null) return labels.peelHotWithinSOf(to);
  const where = peel.place === 'cold-bench' ? labels.onAColdBench2 : '';
  return to !== null
    ? labels.peelWarmAfterOpening(span(from, to), where)
    : labels.peelColdAfterAbout(time(from), where);
}
