import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Catalogue, got } from '../../api/client';
import { newJob } from '../../api/job';
import { useCatalogue, usePlan, useTrace } from '../../api/queries';
import { NoticeCard } from '../../ui/Notices';
import { Sandwich } from '../../ui/Sandwich';
import { Setpoint } from '../../ui/Setpoint';
import { Failed, Loading } from '../../ui/States';

interface Picked {
  press: string;
  vinyl: string;
  item: string;
}

const REMEMBERED = 'juxtherm.quick';

/** Every pairing of an item with something that it can be made of, as one choice. */
function items(catalogue: Catalogue) {
  return catalogue.forms.flatMap((form) =>
    form.materials.map((id) => {
      const material = catalogue.materials.find((m) => m.id === id);
      return {
        id: `${form.id}/${id}`,
        form: form.id,
        material: id,
        usual: form.usualMaterial === id,
        name: `${material?.name.toLowerCase()} ${form.name.toLowerCase()}`,
      };
    }),
  );
}

function remembered(): Partial<Picked> {
  try {
    return JSON.parse(localStorage.getItem(REMEMBERED) ?? '{}');
  } catch {
    return {};
  }
}

function start(catalogue: Catalogue): Picked {
  const before = remembered();
  const known = (id: string | undefined, from: readonly { id: string }[], otherwise: string) =>
    from.some((x) => x.id === id) ? (id as string) : otherwise;
  return {
    press: known(before.press, catalogue.heatSources, 'swing-platen'),
    vinyl: known(before.vinyl, catalogue.vinyls, 'smooth'),
    item: known(before.item, items(catalogue), 'tee/cotton'),
  };
}

/** How hot, how long? Three choices in a sentence, and the answer beside it. */
export function QuickAnswer() {
  const catalogue = useCatalogue();
  if (catalogue.isPending) return <Loading what="vinyls and presses" />;
  if (catalogue.isError) return <Failed error={catalogue.error} retry={() => catalogue.refetch()} />;
  return <Sentence catalogue={catalogue.data} />;
}

function Sentence({ catalogue }: { catalogue: Catalogue }) {
  const navigate = useNavigate();
  const [picked, setPicked] = useState(() => start(catalogue));
  const all = items(catalogue);
  const item = all.find((i) => i.id === picked.item) ?? all[0];
  const job = newJob(picked.vinyl, item?.form ?? 'tee', item?.material ?? 'cotton', picked.press);
  const plan = usePlan(job);
  const trace = useTrace(job);
  const keep = useMutation({
    mutationFn: () => got(api.POST('/api/jobs', { body: { ...job, title: `${titled(item?.name)}, ${picked.vinyl}` } })),
    onSuccess: (made) => navigate(`/jobs/${made.id}/item`),
  });

  const pick = (change: Partial<Picked>) => {
    const next = { ...picked, ...change };
    // A curved press takes curved items only: where the new choice cannot go with the old one, the other gives way.
    const shape = (id: string) => catalogue.forms.find((f) => `${id}`.startsWith(`${f.id}/`))?.shape ?? 'flat';
    const presses = (id: string) => catalogue.heatSources.find((h) => h.id === id)?.presses ?? [];
    if (!presses(next.press).includes(shape(next.item))) {
      if (change.press)
        next.item = all.find((i) => i.usual && presses(next.press).includes(shape(i.id)))?.id ?? next.item;
      else next.press = catalogue.heatSources.find((h) => h.presses.includes(shape(next.item)))?.id ?? next.press;
    }
    localStorage.setItem(REMEMBERED, JSON.stringify(next));
    setPicked(next);
  };

  const press = plan.data?.presses.find((p) => p.purpose === 'press');
  const phase = trace.data?.phases.find((p) => p.kind === 'press');
  const loud = plan.data?.notices.filter((n) => n.level !== 'note') ?? [];
  const stopped = plan.data?.verdict === 'stop';
  return (
    <section
      aria-label="How hot, how long?"
      className="grid lg:grid-cols-[minmax(0,1fr)_420px] gap-x-14 gap-y-6 pt-9 pb-10 items-start"
    >
      <div>
        <h1 className="text-[2rem] leading-[1.5] font-medium max-w-[22em]">
          I press{' '}
          <Words
            label="Vinyl"
            value={picked.vinyl}
            onPick={(vinyl) => pick({ vinyl })}
            options={catalogue.vinyls.map((v) => ({ id: v.id, name: `${v.name.toLowerCase()} vinyl` }))}
          />{' '}
          on a <Words label="Item" value={picked.item} onPick={(id) => pick({ item: id })} options={all} /> with a{' '}
          <Words
            label="Press"
            value={picked.press}
            onPick={(id) => pick({ press: id })}
            options={catalogue.heatSources.map((h) => ({ id: h.id, name: h.name.toLowerCase() }))}
          />
          .
        </h1>
        <div className="mt-6 min-h-[9.5rem]" aria-live="polite">
          {plan.isError && <Failed error={plan.error} retry={() => plan.refetch()} />}
          {press && !stopped && <Setpoint press={press} size="huge" />}
          {press && !stopped && <p className="mt-3">{peelWords(press)}</p>}
          {loud.length > 0 && (
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
            disabled={keep.isPending || !plan.data}
            onClick={() => keep.mutate()}
          >
            Make it a job
          </button>
          <span className="text-quiet text-[0.9rem]">
            Computed for this vinyl, cloth and press; typical figures, not measured on yours.
          </span>
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
          <figcaption className="mt-2 text-[0.87rem] text-quiet">
            The moment before the plate opens. The ember line is the glue line.
          </figcaption>
        </figure>
      )}
    </section>
  );
}

function titled(name: string | undefined): string {
  return name ? name.charAt(0).toUpperCase() + name.slice(1) : 'New job';
}

function peelWords(press: { peel: { method: string; waitSeconds: number[]; place: string } }): string {
  const [from = 0, to = 0] = press.peel.waitSeconds;
  if (press.peel.method === 'hot') return `Peel hot, within ${to} s of opening.`;
  const where = press.peel.place === 'cold-bench' ? ' on a cold bench' : '';
  return press.peel.method === 'warm'
    ? `Peel warm: ${from} to ${to} s after opening.`
    : `Peel cold: after about ${from} s${where}.`;
}

function Words({
  label,
  value,
  onPick,
  options,
}: {
  label: string;
  value: string;
  onPick: (id: string) => void;
  options: readonly { id: string; name: string }[];
}) {
  return (
    <select aria-label={label} className="blank-choice" value={value} onChange={(e) => onPick(e.target.value)}>
      {options.map((o) => (
        <option key={o.id} value={o.id}>
          {o.name}
        </option>
      ))}
    </select>
  );
}
