import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Catalogue, got, type Schemas } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { article } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { Words } from '../../ui/Words';
import { agreed, type Picked } from '../jobs/agreed';
import { ItemWords, PressWords } from '../jobs/PickedWords';
import { start } from '../jobs/remembered';
import * as labels from './labels';

type Glue = Schemas['GlueState'];

const UNKNOWN = 'unknown-vinyl';

const GLUES: readonly { id: Glue; word: string; more: string }[] = [
  { id: 'clean', word: labels.cleanAndSmooth, more: labels.itLooksAsItDid },
  { id: 'linty', word: labels.lintOrDirtInIt, more: labels.fluffyGreyGritty },
  { id: 'brittle', word: labels.dryItFlakes, more: labels.crumbsComeOff },
];

/** Something lifted, on a thing without a job: two questions, then what to try, what not, and when to give up. */
export function LiftedPage() {
  const catalogue = useCatalogue();
  if (catalogue.isPending) return <Loading what={labels.vinylsAndPresses} />;
  if (catalogue.isError) return <Failed error={catalogue.error} retry={() => catalogue.refetch()} />;
  return <Questions catalogue={catalogue.data} />;
}

function Questions({ catalogue }: { catalogue: Catalogue }) {
  const units = useUnits();
  const [picked, setPicked] = useState<Picked>(() => ({ ...start(catalogue), vinyl: UNKNOWN }));
  const [glue, setGlue] = useState<Glue | null>(null);
  const pick = (change: Partial<Picked>) => setPicked(agreed(catalogue, picked, change));
  const advice = useQuery({
    queryKey: ['lifted', picked, glue, units.system],
    enabled: glue !== null,
    queryFn: () =>
      got(
        api.POST('/api/lifted', {
          params: { query: { units: units.system } },
          body: {
            form: picked.form,
            material: picked.material,
            vinyl: picked.vinyl === UNKNOWN ? null : picked.vinyl,
            heatSource: picked.press,
            glue: glue ?? 'clean',
          },
        }),
      ),
    placeholderData: (before) => before,
  });
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-7 pb-16" data-testid="lifted">
      <p className="mb-3">
        <Link to="/" className="link-quiet">
          {labels.jobs}
        </Link>
      </p>
      <h1 className="text-[2rem] leading-[1.5] font-medium max-w-[24em]">
        {labels.anEdgeOf}
        <Words
          label={labels.vinyl}
          value={picked.vinyl}
          onPick={(vinyl) => pick({ vinyl })}
          options={[
            { id: UNKNOWN, name: labels.notSureWhich },
            ...catalogue.vinyls.map((v) => ({ id: v.id, name: v.own ? v.name : `${v.name.toLowerCase()} vinyl` })),
          ]}
        />
        {labels.hasLiftedOn(article(catalogue.materials.find((m) => m.id === picked.material)?.name ?? ''))}
        <ItemWords {...{ catalogue, picked, pick }} />
        {labels.andIHave(article(catalogue.heatSources.find((h) => h.id === picked.press)?.name ?? ''))}
        <PressWords {...{ catalogue, picked, pick }} />.
      </h1>
      <fieldset className="mt-7">
        <legend className="text-[1.25rem] font-semibold mb-3">{labels.liftItALittleAnd}</legend>
        <div className="grid sm:grid-cols-3 gap-3 max-w-[54rem]">
          {GLUES.map((g) => (
            <button
              key={g.id}
              type="button"
              aria-pressed={glue === g.id}
              onClick={() => setGlue(g.id)}
              className={`px-4 py-3 text-left border-2 ${glue === g.id ? 'bg-ink text-paper border-ink' : 'border-rule hover:border-ink'}`}
            >
              <strong className="block">{g.word}</strong>
              <span className={glue === g.id ? 'opacity-80' : 'text-quiet'}>{g.more}</span>
            </button>
          ))}
        </div>
      </fieldset>
      <div className="mt-8 min-h-[16rem]" aria-live="polite">
        {advice.isError && <Failed error={advice.error} retry={() => advice.refetch()} />}
        {glue && advice.isFetching && !advice.data && <Loading what={labels.theAnswer} />}
        {glue && advice.data && <Answer advice={advice.data} />}
      </div>
    </main>
  );
}

function Answer({ advice }: { advice: Schemas['FoundAdvice'] }) {
  const units = useUnits();
  return (
    <article data-kind={advice.kind}>
      <div className="flex flex-wrap items-end gap-x-10 gap-y-3 border-t-2 border-ink pt-5">
        {advice.celsius !== null && advice.seconds !== null && (
          <p className="numeral text-[3.6rem] leading-none font-bold tabular-nums">
            {advice.dialMark ?? units.temperature(advice.celsius)}
            <span className="text-quiet font-normal"> · </span>
            {advice.seconds} s
          </p>
        )}
        <h2 className="text-[1.35rem] font-bold max-w-[34em]">{advice.headline}</h2>
      </div>
      <p className="text-quiet mt-2 max-w-[60em]">{advice.why}</p>
      <div className="grid lg:grid-cols-3 gap-x-10 gap-y-7 mt-6 items-start">
        {advice.try.length > 0 && <List title={labels.tryThis} items={advice.try} ordered />}
        <List title={labels.notThis} items={advice.not} />
        {advice.replace.length > 0 && <List title={labels.orPutOnePieceIn} items={advice.replace} ordered />}
      </div>
      <p className="mt-6 max-w-[60em]">
        <strong>{labels.whenToGiveUp}</strong> {advice.giveUp}
      </p>
      <p className="text-quiet text-[0.9rem] mt-3 max-w-[60em]">{labels.thePlateIsHotEnough}</p>
    </article>
  );
}

function List({ title, items, ordered }: { title: string; items: readonly string[]; ordered?: boolean }) {
  const Tag = ordered ? 'ol' : 'ul';
  return (
    <section>
      <h3 className="font-bold mb-2">{title}</h3>
      <Tag className={`${ordered ? 'list-decimal' : 'list-disc'} pl-5 grid gap-1.5`}>
        {items.map((i) => (
          <li key={i}>{i}</li>
        ))}
      </Tag>
    </section>
  );
}
