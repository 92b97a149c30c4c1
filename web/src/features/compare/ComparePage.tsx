import { useQueries } from '@tanstack/react-query';
import { useState } from 'react';
import type { Plan, Schemas } from '../../api/client';
import { carrying, type Job, sheetColours } from '../../api/job';
import { planQuery, traceQuery, windowQuery } from '../../api/queries';
import { useUnits } from '../../app/units';
import { HeatRibbon } from '../../ui/HeatRibbon';
import { NoticeCard } from '../../ui/Notices';
import { bondingPress } from '../../ui/purposes';
import { Room } from '../../ui/Room';
import { Sandwich } from '../../ui/Sandwich';
import { Setpoint } from '../../ui/Setpoint';
import { VerdictMark } from '../../ui/VerdictMark';
import { useJob } from '../jobs/JobPage';
import { withWay } from '../press/Ways';
import * as labels from './labels';
import { anotherPress, inVinyl, onMaterial, rows, underPress } from './variants';

const MOST = 3;

/** Two or three ways to do the same job, aligned row by row, only the differences inked; one of them is kept. */
export function ComparePage() {
  const { id, draft, catalogue } = useJob();
  const units = useUnits();
  const [others, setOthers] = useState<Job[]>(() => [
    underPress(draft.job, anotherPress(draft.job, catalogue, [draft.job.tools.heatSource])),
  ]);
  const [kept, setKept] = useState<string | null>(null);
  const variants = [draft.job, ...others.map((o) => carrying(o, catalogue))];
  const plans = useQueries({ queries: variants.map((job) => planQuery(job, units.system, id)) });
  const traces = useQueries({ queries: variants.map((job) => traceQuery(job, id)) });
  const fields = useQueries({ queries: variants.map((job) => windowQuery(job, id)) });
  const lines = rows(
    plans.map((p) => p.data),
    units,
  );
  const settings = plans.map((p) => {
    const press = bondingPress(p.data?.presses);
    return press ? `${press.celsius} ${press.seconds} ${p.data?.verdict}` : '';
  });
  const alike = new Set(settings.filter((s) => s !== '')).size < 2;
  const set = (index: number, change: (job: Job) => Job) => {
    setKept(null);
    setOthers(others.map((o, i) => (i === index - 1 ? change(o) : o)));
  };
  const keep = (job: Job) => {
    const before = draft.job;
    draft.edit(() => ({ ...job, title: before.title ?? '' }));
    setOthers([before, ...others.filter((o) => o !== job)].slice(0, MOST - 1));
    setKept(labels.keptWhatItWasBefore);
  };
  const add = () =>
    setOthers([
      ...others,
      underPress(
        draft.job,
        anotherPress(
          draft.job,
          catalogue,
          variants.map((v) => v.tools.heatSource),
        ),
      ),
    ]);
  return (
    <section aria-label={labels.sideBySide} className="overflow-x-auto">
      <p role="status" className="mb-3 text-[0.95rem]">
        {kept ?? labels.changeThePressTheVinyl}
      </p>
      <div
        className="grid gap-x-8 min-w-[760px]"
        style={{ gridTemplateColumns: `9.5rem repeat(${variants.length}, minmax(0, 1fr))` }}
      >
        <div className="text-quiet text-[0.87rem] pt-1">{labels.whatIsTried}</div>
        {variants.map((job, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
          <Head key={i} index={i} job={job} plan={plans[i]?.data} catalogue={catalogue} onSet={(c) => set(i, c)}>
            {i === 0 ? (
              others.length < MOST - 1 && (
                <button type="button" className="btn btn-sm btn-outline" onClick={add}>
                  {labels.setAnotherBesideIt}
                </button>
              )
            ) : (
              <>
                <button
                  type="button"
                  className="btn btn-sm btn-primary"
                  disabled={!plans[i]?.data}
                  onClick={() => keep(job)}
                >
                  {labels.keepThisOne}
                </button>
                <button
                  type="button"
                  className="btn btn-sm btn-ghost"
                  onClick={() => setOthers(others.filter((_, o) => o !== i - 1))}
                >
                  {labels.takeAway}
                </button>
              </>
            )}
          </Head>
        ))}
        <Label>{labels.setToAndPressFor}</Label>
        {variants.map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
          <Answer key={i} plan={plans[i]?.data} error={plans[i]?.error ?? null} same={alike} />
        ))}
        <Label>{labels.theSandwich}</Label>
        {variants.map((job, i) => {
          const phase = traces[i]?.data?.phases.findLast((p) => p.kind === 'press');
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
            <div key={i} className="border-t border-rule py-3">
              {phase && (
                <Sandwich
                  sheets={phase.sheets}
                  faces={phase.faces[phase.faces.length - 1] ?? []}
                  plate={phase.plate[phase.plate.length - 1] ?? null}
                  colours={sheetColours(job)}
                />
              )}
            </div>
          );
        })}
        <Label>{labels.overTime}</Label>
        {variants.map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
          <div key={i} className="border-t border-rule py-3">
            {traces[i]?.data && (
              <HeatRibbon phases={traces[i]?.data?.phases ?? []} selected={-1} onSelect={() => undefined} quiet />
            )}
          </div>
        ))}
        <Label>{labels.howMuchRoom}</Label>
        {variants.map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
          <div key={i} className="border-t border-rule py-3">
            {plans[i]?.data && <Room plan={plans[i].data} field={fields[i]?.data ?? null} chart={null} />}
          </div>
        ))}
        {lines.map((line) => (
          <Line key={line.name} {...line} />
        ))}
        <Label>{labels.watchOutFor}</Label>
        {variants.map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
          <Loud key={i} plan={plans[i]?.data} />
        ))}
      </div>
    </section>
  );
}

function Label({ children }: { children: string }) {
  return <div className="border-t border-rule py-3 text-quiet text-[0.87rem]">{children}</div>;
}

function Head({
  index,
  job,
  plan,
  catalogue,
  onSet,
  children,
}: {
  index: number;
  job: Job;
  plan: Plan | undefined;
  catalogue: Schemas['CatalogueAnswer'];
  onSet: (change: (job: Job) => Job) => void;
  children: React.ReactNode;
}) {
  const form = catalogue.forms.find((f) => f.id === job.blank.form);
  const fixed = index === 0;
  const pick = (
    name: string,
    value: string,
    options: readonly { id: string; name: string }[],
    change: (id: string) => (job: Job) => Job,
  ) =>
    fixed ? (
      <p className="min-h-8 flex items-center">{options.find((o) => o.id === value)?.name ?? value}</p>
    ) : (
      <select
        aria-label={labels.variant(name, index)}
        className="select select-sm w-full bg-sheet border-rule"
        value={value}
        onChange={(e) => onSet(change(e.target.value))}
      >
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.name}
          </option>
        ))}
      </select>
    );
  const ways = plan?.ways.filter((w) => w.pointer.startsWith('/choices/')) ?? [];
  return (
    <div className="pb-3 grid gap-1.5 content-start" data-variant={index}>
      <h2 className="text-[1.15rem]">{fixed ? labels.asItIs : labels.variant2(index)}</h2>
      {pick(labels.press, job.tools.heatSource, catalogue.heatSources, (id) => (j) => underPress(j, id))}
      {pick(
        labels.vinyl,
        job.layers[0].vinyl,
        catalogue.vinyls.map((v) => ({ id: v.id, name: `${v.name} vinyl` })),
        (id) => (j) => inVinyl(j, id),
      )}
      {pick(
        labels.material,
        job.blank.material,
        catalogue.materials.filter((m) => form?.materials.includes(m.id) ?? true),
        (id) => (j) => onMaterial(j, id),
      )}
      {!fixed && ways.length > 0 && (
        <select
          aria-label={labels.wayOfDoingItVariant(index)}
          className="select select-sm w-full bg-sheet border-rule"
          value=""
          onChange={(e) => {
            const [id, option = ''] = e.target.value.split('=');
            const way = ways.find((w) => w.id === id);
            if (way) onSet((j) => withWay(j, way, option));
          }}
        >
          <option value="">{labels.aWayOfDoingIt}</option>
          {ways.map((w) => (
            <optgroup key={w.id} label={w.question}>
              {w.options.map((o) => (
                <option key={o.id} value={`${w.id}=${o.id}`}>
                  {o.name}
                  {o.id === w.chosen ? ' (now)' : ''}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      )}
      <div className="flex flex-wrap gap-2 mt-1 min-h-8">{children}</div>
    </div>
  );
}

function Answer({ plan, error, same }: { plan: Plan | undefined; error: Error | null; same: boolean }) {
  const press = bondingPress(plan?.presses);
  return (
    <div className={`border-t border-rule py-3 ${same ? 'text-quiet' : ''}`}>
      {error && <p className="notice stop">{error.message}</p>}
      {plan && press && (
        <>
          {plan.verdict === 'stop' ? (
            <p className="numeral text-[1.5rem] font-bold leading-tight">{plan.headline}</p>
          ) : (
            <Setpoint press={press} />
          )}
          <p className="mt-2">
            <VerdictMark verdict={plan.verdict} />
          </p>
        </>
      )}
    </div>
  );
}

function Line({ name, values, differs }: { name: string; values: string[]; differs: boolean }) {
  const inked = (i: number) => i > 0 && values[i] !== values[0];
  return (
    <>
      <Label>{name}</Label>
      {values.map((value, i) => (
        <div
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
          key={i}
          data-row={name}
          className={`border-t border-rule py-3 ${inked(i) ? 'font-semibold' : differs && i === 0 ? '' : 'text-quiet'}`}
        >
          {value}
        </div>
      ))}
    </>
  );
}

function Loud({ plan }: { plan: Plan | undefined }) {
  const loud = plan?.notices.filter((n) => n.level !== 'note') ?? [];
  return (
    <div className="border-t border-rule py-3 grid gap-3 content-start">
      {plan && loud.length === 0 && <p className="text-quiet">{labels.noStopAndNoCaution}</p>}
      {loud.map((n) => (
        <NoticeCard key={n.code + n.text} notice={n} />
      ))}
    </div>
  );
}
