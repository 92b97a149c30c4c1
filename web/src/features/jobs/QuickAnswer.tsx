import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Catalogue, got, Refused } from '../../api/client';
import { carrying, type JobLabel, newJob } from '../../api/job';
import { useCatalogue, usePlan, useTrace } from '../../api/queries';
import { article } from '../../app/unitMath';
import { NoticeCard } from '../../ui/Notices';
import { bondingPress } from '../../ui/purposes';
import { Sandwich } from '../../ui/Sandwich';
import { Setpoint } from '../../ui/Setpoint';
import { Failed, Loading } from '../../ui/States';
import { Words } from '../../ui/Words';
import { agreed, type Picked } from './agreed';
import * as labels from './labels';
import { ItemWords, itemName, PressWords } from './PickedWords';
import { Details, type Plate, sentence, titled } from './QuickDetails';
import { keepLabel, keptLabel, remember, start } from './remembered';

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
  const vinyl = catalogue.vinyls.find((v) => v.id === picked.vinyl);
  const source = catalogue.heatSources.find((h) => h.id === picked.press);
  const [label, setOnlyLabel] = useState<JobLabel | null>(() => keptLabel(picked));
  const setLabel = (next: JobLabel | null) => {
    keepLabel(picked, next);
    setOnlyLabel(next);
  };
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
              [form && material && itemName(form, material), vinyl?.name.toLowerCase()].filter(Boolean).join(', '),
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
    remember(next);
    setPicked(next);
  };

  const press = bondingPress(plan.data?.presses);
  // What a field of its own says is not said twice.
  const elsewhere = (plan.error instanceof Refused ? plan.error.faults : []).filter(
    (f) => !/^#\/(layers\/0\/label\/(celsius|seconds)|tools\/plate(Width|Height)Mm)$/.test(f.pointer),
  );
  const phase = trace.data?.phases.findLast((p) => p.kind === 'press');
  const loud = plan.data?.notices.filter((n) => n.level !== 'note') ?? [];
  // Why the answer is not what was typed.
  const instead = plan.data?.notices.find((n) => n.level === 'note' && n.code === 'blank-too-hot');
  const stopped = plan.data?.verdict === 'stop';
  return (
    <section
      aria-label={labels.howHotHowLong}
      className="grid lg:grid-cols-[minmax(0,1fr)_420px] gap-x-14 gap-y-6 pt-9 pb-10 items-start"
    >
      <div>
        <h1 className="text-[2rem] leading-[1.5] font-medium max-w-[22em]">
          {labels.iPress}
          {article(material?.name ?? '')} <ItemWords {...{ catalogue, picked, pick }} />
          {labels.withVinyl}
          <Words
            label={labels.vinyl2}
            value={picked.vinyl}
            onPick={(vinyl) => pick({ vinyl })}
            options={catalogue.vinyls.map((v) => ({
              id: v.id,
              name: v.own ? v.name : `${v.name.toLowerCase()} vinyl`,
            }))}
          />
          {labels.onPress(article(source?.name ?? ''))}
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
            {plan.data?.line && !stopped && (
              <p className="mt-3 text-[1.15rem] font-semibold">{sentence(plan.data.line)}</p>
            )}
            {label?.celsius !== undefined && instead && <p className="mt-1">{instead.text}</p>}
            {plan.data?.certainty && !stopped && <p className="mt-1 text-quiet">{plan.data.certainty.perHundred}</p>}
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
