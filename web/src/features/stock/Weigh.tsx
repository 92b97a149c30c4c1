import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Catalogue, got, Refused } from '../../api/client';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import * as labels from './labels';

/** How much is left on a roll, from its weight. */
export function Weigh({ catalogue }: { catalogue: Catalogue }) {
  const units = useUnits();
  const [vinyl, setVinyl] = useState(catalogue.usual.vinyl);
  const [width, setWidth] = useState<number | undefined>(305);
  const [grams, setGrams] = useState<number | undefined>(undefined);
  const [core, setCore] = useState<number | undefined>(undefined);
  const answer = useQuery({
    queryKey: ['weigh', vinyl, width, grams, core],
    queryFn: () =>
      got(
        api.POST('/api/stock/weight', {
          body: { vinyl, widthMm: width ?? 0, grams: grams ?? 0, coreGrams: core ?? 0 },
        }),
      ),
    enabled: grams !== undefined && core !== undefined,
  });
  const refused = answer.error instanceof Refused ? answer.error : null;
  return (
    <section aria-label={labels.howMuchIsLeftOn} className="mt-12 print:hidden">
      <h2 className="text-[1.2rem] mb-3">{labels.howMuchIsLeftOn2}</h2>
      <div className="grid grid-cols-2 lg:grid-cols-5 gap-x-5 gap-y-4 items-start">
        <ChoiceField
          name={labels.kind}
          value={vinyl}
          options={catalogue.vinyls.filter((v) => !v.own)}
          onPick={setVinyl}
        />
        <NumberField
          name={labels.rollWidth}
          value={width === undefined ? undefined : units.lengthShown(width)}
          unit={units.lengthUnit}
          onChange={(n) => setWidth(n === undefined ? undefined : units.mmFrom(n))}
        />
        <NumberField name={labels.theRollWeighs} value={grams} unit="g" onChange={setGrams} />
        <NumberField name={labels.itsCoreWeighs} value={core} unit="g" onChange={setCore} />
        <div role="status" className="pt-6">
          {answer.data && (
            <p>
              <strong className="text-[1.3rem]">{labels.about(units.bought(answer.data.lengthMm))}</strong>
              <span className="block text-quiet text-[0.85rem]">
                {labels.atGM(answer.data.gramsPerM2, answer.data.from)}
              </span>
            </p>
          )}
          {refused && <p className="fault">{refused.message}</p>}
        </div>
      </div>
    </section>
  );
}
