import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, Refused, type Schemas } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { day } from '../../app/dates';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { Failed, Loading } from '../../ui/States';
import { KeptPatches } from './KeptPatches';
import { LessonLine } from './LessonLine';
import { LogFrame } from './LogFrame';
import * as labels from './labels';
import { logChanged, useLearned } from './queries';
import { Repairs } from './Repairs';

const MEANS = [
  { id: 'probe', name: labels.aProbeUnderThePlate },
  { id: 'strip', name: labels.aHeatStrip },
];

/** What this workshop's own pieces and measured plates have taught, each thing with its reasons and its switch. */
export function TaughtPage() {
  const learned = useLearned();
  if (learned.isPending)
    return (
      <LogFrame>
        <Loading what={labels.whatWasLearned} />
      </LogFrame>
    );
  if (learned.isError)
    return (
      <LogFrame>
        <Failed error={learned.error} retry={() => learned.refetch()} />
      </LogFrame>
    );
  const { lessons, readings, patches, repairs } = learned.data;
  const plates = lessons.filter((l) => l.kind === 'plate');
  const demands = lessons.filter((l) => l.kind === 'demand');
  return (
    <LogFrame>
      <p className="max-w-[72ch] mb-6">{labels.everyPlanBeginsWithThe}</p>
      {lessons.length === 0 && (
        <p className="border-y border-rule py-8 text-quiet max-w-[72ch]">{labels.nothingYetItTakesPieces}</p>
      )}
      {plates.length > 0 && (
        <section aria-label={labels.presses} className="mb-8">
          <h2>{labels.yourPressesHowHotThe}</h2>
          <div className="scored border-y border-rule mt-2">
            {plates.map((l) => (
              <LessonLine key={l.key} lesson={l} />
            ))}
          </div>
        </section>
      )}
      {demands.length > 0 && (
        <section aria-label={labels.vinyls} className="mb-8">
          <h2>{labels.yourVinylsHowMuchBond}</h2>
          <div className="scored border-y border-rule mt-2">
            {demands.map((l) => (
              <LessonLine key={l.key} lesson={l} />
            ))}
          </div>
        </section>
      )}
      <KeptPatches patches={patches} />
      <Measured readings={readings} />
      <Repairs repairs={repairs} />
    </LogFrame>
  );
}

function Measured({ readings }: { readings: readonly Schemas['PlateReadingAnswer'][] }) {
  const units = useUnits();
  const catalogue = useCatalogue();
  const queries = useQueryClient();
  const [source, setSource] = useState('');
  const [dial, setDial] = useState<number | undefined>();
  const [read, setRead] = useState<number | undefined>();
  const [means, setMeans] = useState('probe');
  const sources = catalogue.data?.heatSources ?? [];
  const chosen = source || sources[0]?.id || '';
  const onSuccess = () => logChanged(queries);
  const add = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/learned/readings', {
          body: {
            heatSource: chosen,
            dialCelsius: units.celsiusFrom(dial ?? 0),
            readCelsius: units.celsiusFrom(read ?? 0),
            means,
          },
        }),
      ),
    onSuccess: () => {
      setDial(undefined);
      setRead(undefined);
      return onSuccess();
    },
  });
  const remove = useMutation({
    mutationFn: (id: number) => got(api.DELETE('/api/learned/readings/{id}', { params: { path: { id } } })),
    onSuccess,
  });
  const faults = new Map(
    (add.error instanceof Refused ? add.error.faults : []).map((f) => [f.pointer.replace(/^#?\//, ''), f.detail]),
  );
  return (
    <section aria-label={labels.measuredPlates}>
      <h2>{labels.measureAPlate}</h2>
      <p className="text-[0.9rem] text-quiet max-w-[72ch] mt-0.5 mb-3">{labels.warmThePressThroughClose}</p>
      <form
        className="flex flex-wrap items-start gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <div className="w-60">
          <ChoiceField
            name={labels.press}
            value={chosen}
            options={sources.map((s) => ({ id: s.id, name: s.name }))}
            onPick={setSource}
            fault={faults.get('heatSource')}
          />
        </div>
        <div className="w-36">
          <NumberField
            name={labels.theDialSays}
            value={dial}
            unit={units.degree}
            onChange={setDial}
            fault={faults.get('dialCelsius')}
          />
        </div>
        <div className="w-36">
          <NumberField
            name={labels.measured2}
            value={read}
            unit={units.degree}
            onChange={setRead}
            fault={faults.get('readCelsius')}
          />
        </div>
        <div className="w-60">
          <ChoiceField name={labels.withWord} value={means} options={MEANS} onPick={setMeans} />
        </div>
        <button
          type="submit"
          className="btn btn-outline h-10 mt-[1.35rem]"
          disabled={dial === undefined || read === undefined || add.isPending}
        >
          {labels.noteIt}
        </button>
      </form>
      {add.isError && faults.size === 0 && <Failed error={add.error} />}
      {readings.length > 0 && (
        <table className="mt-4 tabular-nums [&_td]:pr-2 [&_th]:pr-2 sm:[&_td]:pr-6 sm:[&_th]:pr-6">
          <thead className="text-left text-[0.87rem] text-quiet">
            <tr>
              <th className="font-medium">{labels.when}</th>
              <th className="font-medium">{labels.press}</th>
              <th className="font-medium text-right">{labels.dial}</th>
              <th className="font-medium text-right">{labels.measured2}</th>
              <th className="font-medium text-right">{labels.offBy}</th>
              <th className="font-medium max-sm:hidden">{labels.withWord}</th>
              <th>
                <span className="sr-only">{labels.whatToDo}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {readings.map((r) => (
              <tr key={r.id} className="border-t border-rule">
                <td className="py-1.5">{day(r.atUtc)}</td>
                <td>{r.name}</td>
                <td className="text-right">{units.temperature(r.dialCelsius)}</td>
                <td className="text-right">{units.temperature(r.readCelsius)}</td>
                <td className="text-right">
                  {r.readCelsius < r.dialCelsius ? '−' : '+'}
                  {units.difference(Math.abs(r.readCelsius - r.dialCelsius))}
                </td>
                <td className="max-sm:hidden">{r.means === 'probe' ? 'probe' : labels.heatStrip}</td>
                <td>
                  <button
                    type="button"
                    className="link-quiet text-[0.9rem]"
                    aria-label={labels.takeItBack2(r.name)}
                    onClick={() => remove.mutate(Number(r.id))}
                  >
                    {labels.takeItBack}
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
