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
import { agreed, type Picked } from './agreed';

const REMEMBERED = 'juxtherm.quick';

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
  return agreed(
    catalogue,
    {
      press: known(before.press, catalogue.heatSources, 'swing-platen'),
      vinyl: known(before.vinyl, catalogue.vinyls, 'smooth'),
      form: known(before.form, catalogue.forms, 'tee'),
      material: known(before.material, catalogue.materials, 'cotton'),
    },
    {},
  );
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
  const form = catalogue.forms.find((f) => f.id === picked.form);
  const material = catalogue.materials.find((m) => m.id === picked.material);
  const job = newJob(picked.vinyl, picked.form, picked.material, picked.press);
  const plan = usePlan(job);
  const trace = useTrace(job);
  const keep = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/jobs', {
          body: { ...job, title: titled(`${material?.name ?? ''} ${form?.name.toLowerCase() ?? ''}, ${picked.vinyl}`) },
        }),
      ),
    onSuccess: (made) => navigate(`/jobs/${made.id}/item`),
  });

  const pick = (change: Partial<Picked>) => {
    const next = agreed(catalogue, picked, change);
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
          on a{' '}
          <Words
            label="Material"
            value={picked.material}
            onPick={(id) => pick({ material: id })}
            options={catalogue.materials
              .filter((m) => form?.materials.includes(m.id))
              .map((m) => ({ id: m.id, name: m.name.toLowerCase() }))}
          />{' '}
          <Words
            label="Item"
            value={picked.form}
            onPick={(id) => pick({ form: id })}
            options={catalogue.forms.map((f) => ({ id: f.id, name: f.name.toLowerCase() }))}
          />{' '}
          with a{' '}
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

function titled(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1);
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
