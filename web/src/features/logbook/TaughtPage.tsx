import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, Refused, type Schemas } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { Failed, Loading } from '../../ui/States';
import { LessonLine } from './LessonLine';
import { LogFrame } from './LogFrame';
import { logChanged, useLearned } from './queries';

const MEANS = [
  { id: 'probe', name: 'a probe under the plate' },
  { id: 'strip', name: 'a heat strip' },
];

/** What this workshop's own pieces and measured plates have taught, each thing with its reasons and its switch. */
export function TaughtPage() {
  const learned = useLearned();
  if (learned.isPending)
    return (
      <LogFrame>
        <Loading what="what was learned" />
      </LogFrame>
    );
  if (learned.isError)
    return (
      <LogFrame>
        <Failed error={learned.error} retry={() => learned.refetch()} />
      </LogFrame>
    );
  const { lessons, readings } = learned.data;
  const plates = lessons.filter((l) => l.kind === 'plate');
  const demands = lessons.filter((l) => l.kind === 'demand');
  return (
    <LogFrame>
      <p className="max-w-[72ch] mb-6">
        Every plan begins with the catalogue’s figures and moves towards what came out here. Plate and vinyl are kept
        apart: a measured plate tells the one, what lifts or wrinkles the other. A single odd piece moves little.
      </p>
      {lessons.length === 0 && (
        <p className="border-y border-rule py-8 text-quiet max-w-[72ch]">
          Nothing yet. It takes pieces that were pressed here and looked at, or a plate that was measured. Worked
          examples teach nothing.
        </p>
      )}
      {plates.length > 0 && (
        <section aria-label="Presses" className="mb-8">
          <h2>Your presses: how hot the face is at the same dial</h2>
          <div className="scored border-y border-rule mt-2">
            {plates.map((l) => (
              <LessonLine key={l.key} lesson={l} />
            ))}
          </div>
        </section>
      )}
      {demands.length > 0 && (
        <section aria-label="Vinyls" className="mb-8">
          <h2>Your vinyls: how much bond they want on your blanks</h2>
          <div className="scored border-y border-rule mt-2">
            {demands.map((l) => (
              <LessonLine key={l.key} lesson={l} />
            ))}
          </div>
        </section>
      )}
      <Measured readings={readings} />
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
    <section aria-label="Measured plates">
      <h2>Measure a plate</h2>
      <p className="text-[0.9rem] text-quiet max-w-[72ch] mt-0.5 mb-3">
        Warm the press through, close it on the probe or strip with cloth and cover as usual, and wait until the figure
        stands. One reading says more than a dozen pieces. The plate is hot: gloves, and hands out before it closes.
      </p>
      <form
        className="flex flex-wrap items-start gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <div className="w-60">
          <ChoiceField
            name="Press"
            value={chosen}
            options={sources.map((s) => ({ id: s.id, name: s.name }))}
            onPick={setSource}
            fault={faults.get('heatSource')}
          />
        </div>
        <div className="w-36">
          <NumberField
            name="The dial says"
            value={dial}
            unit={units.degree}
            onChange={setDial}
            fault={faults.get('dialCelsius')}
          />
        </div>
        <div className="w-36">
          <NumberField
            name="Measured"
            value={read}
            unit={units.degree}
            onChange={setRead}
            fault={faults.get('readCelsius')}
          />
        </div>
        <div className="w-60">
          <ChoiceField name="With" value={means} options={MEANS} onPick={setMeans} />
        </div>
        <button
          type="submit"
          className="btn btn-outline h-10 mt-[1.35rem]"
          disabled={dial === undefined || read === undefined || add.isPending}
        >
          Note it
        </button>
      </form>
      {add.isError && faults.size === 0 && <Failed error={add.error} />}
      {readings.length > 0 && (
        <table className="mt-4 tabular-nums [&_td]:pr-2 [&_th]:pr-2 sm:[&_td]:pr-6 sm:[&_th]:pr-6">
          <thead className="text-left text-[0.87rem] text-quiet">
            <tr>
              <th className="font-medium">When</th>
              <th className="font-medium">Press</th>
              <th className="font-medium text-right">Dial</th>
              <th className="font-medium text-right">Measured</th>
              <th className="font-medium text-right">Off by</th>
              <th className="font-medium max-sm:hidden">With</th>
              <th>
                <span className="sr-only">What to do</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {readings.map((r) => (
              <tr key={r.id} className="border-t border-rule">
                <td className="py-1.5">
                  {new Date(r.atUtc).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })}
                </td>
                <td>{r.name}</td>
                <td className="text-right">{units.temperature(r.dialCelsius)}</td>
                <td className="text-right">{units.temperature(r.readCelsius)}</td>
                <td className="text-right">
                  {r.readCelsius < r.dialCelsius ? '−' : '+'}
                  {units.difference(Math.abs(r.readCelsius - r.dialCelsius))}
                </td>
                <td className="max-sm:hidden">{r.means === 'probe' ? 'probe' : 'heat strip'}</td>
                <td>
                  <button
                    type="button"
                    className="link-quiet text-[0.9rem]"
                    aria-label={`Take it back: ${r.name}`}
                    onClick={() => remove.mutate(Number(r.id))}
                  >
                    Take it back
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
