import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Catalogue, got } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { useUnits } from '../../app/units';
import { useSettled } from '../../app/useSettled';
import { Failed, Loading } from '../../ui/States';
import { remembered, start } from '../jobs/remembered';
import * as labels from './labels';
import { Add, type Card, Hours, JobLine, Part, Remove } from './SetupParts';
import { newSetup, type Setup, setupOf, wishOf } from './setup';
import { clock } from './times';
import type { Day } from './useDay';

const SETTLES_MS = 800;

interface Props {
  /** The day to change; null for a new one. */
  day: Day | null;
  /** The version of the day that is kept now. */
  version: number;
  onDone: () => void;
  onCancel?: () => void;
}

/** What a day is made of: jobs with their due times, hands, presses. */
export function DaySetup(props: Props) {
  const catalogue = useCatalogue();
  const jobs = useQuery({
    queryKey: ['jobs', 'all'],
    queryFn: () => got(api.GET('/api/jobs', { params: { query: { take: 60, sort: 'due' } } })),
  });
  const failed = catalogue.error ?? jobs.error;
  if (failed) return <Failed error={failed} retry={() => jobs.refetch()} />;
  if (!catalogue.data || !jobs.data) return <Loading what={labels.theDay} />;
  return <Form {...props} catalogue={catalogue.data} jobs={jobs.data.jobs} />;
}

function Form({ day, version, onDone, onCancel, catalogue, jobs }: Props & { catalogue: Catalogue; jobs: Card[] }) {
  const { system } = useUnits();
  const queries = useQueryClient();
  const [setup, setSetup] = useState<Setup>(() =>
    day
      ? setupOf(day)
      : newSetup(
          new Date(),
          remembered().press ?? start(catalogue).press,
          jobs.filter((j) => j.due).map((j) => ({ id: j.id, due: j.due as string })),
        ),
  );
  const set = (change: Partial<Setup>) => setSetup({ ...setup, ...change });
  const save = useMutation({
    mutationFn: () =>
      got(api.PUT('/api/day', { params: { query: { units: system, version } }, body: wishOf(setup, day) })),
    onSuccess: (planned) => {
      queries.setQueryData(['day', system], planned);
      onDone();
    },
  });
  const picked = Object.keys(setup.jobs).length;
  // What it would come to, before it is kept: the jobs are planned by then, and keeping the day takes no time.
  const wish = wishOf(setup, day);
  const wished = useSettled(JSON.stringify(wish), SETTLES_MS);
  const preview = useQuery({
    queryKey: ['day-preview', wished],
    queryFn: ({ signal }) => got(api.POST('/api/day/plan', { body: JSON.parse(wished), signal })),
    enabled: !day && picked > 0,
    retry: false,
  });
  return (
    <main className="w-full max-w-[1040px] mx-auto px-4 sm:px-6 pt-8 pb-24">
      <h1 className="text-[1.65rem] font-bold">{day ? labels.changeIt : labels.planADay}</h1>
      <p className="max-w-[66ch] mt-1 mb-6">{labels.planADayWhy}</p>
      {jobs.length === 0 ? (
        <p className="text-quiet">
          {labels.noJobs} <Link to="/">{labels.jobs}</Link>
        </p>
      ) : (
        <form
          className="grid gap-8"
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate();
          }}
        >
          <Part name={labels.whichJobs}>
            <ul className="scored border-y border-rule">
              {jobs.map((job) => (
                <JobLine key={job.id} job={job} setup={setup} set={set} />
              ))}
            </ul>
          </Part>
          <div className="grid gap-8 md:grid-cols-2">
            <Part name={labels.hands} why={labels.handsWhy}>
              {setup.people.map((p, i) => {
                const change = (with_: Partial<typeof p>) =>
                  set({ people: setup.people.map((q, k) => (k === i ? { ...q, ...with_ } : q)) });
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other name
                  <div key={i} className="flex flex-wrap gap-2 items-center mb-2">
                    <input
                      className="input grow basis-32"
                      aria-label={`${labels.name} ${i + 1}`}
                      placeholder={i === 0 ? labels.you : labels.name}
                      value={p.name}
                      maxLength={60}
                      onChange={(e) => change({ name: e.target.value })}
                    />
                    <Hours name={`${labels.comes} ${i + 1}`} value={p.from} onChange={(from) => change({ from })} />
                    <span>–</span>
                    <Hours name={`${labels.leaves} ${i + 1}`} value={p.to} onChange={(to) => change({ to })} />
                    {setup.people.length > 1 && (
                      <Remove
                        what={p.name || labels.handsNumber(i + 1)}
                        onClick={() => set({ people: setup.people.filter((_, k) => k !== i) })}
                      />
                    )}
                  </div>
                );
              })}
              <Add
                name={labels.addHands}
                onClick={() => set({ people: [...setup.people, { name: '', from: '', to: '' }] })}
              />
              <p className="mt-5 mb-2 font-semibold">{labels.breaks}</p>
              {setup.breaks.map((b, i) => {
                const change = (with_: Partial<typeof b>) =>
                  set({ breaks: setup.breaks.map((q, k) => (k === i ? { ...q, ...with_ } : q)) });
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other name
                  <div key={i} className="flex gap-2 items-center mb-2">
                    <Hours name={`${labels.from} ${i + 1}`} value={b.from} onChange={(from) => change({ from })} />
                    <span>–</span>
                    <Hours name={`${labels.to} ${i + 1}`} value={b.to} onChange={(to) => change({ to })} />
                    <Remove
                      what={labels.breaks}
                      onClick={() => set({ breaks: setup.breaks.filter((_, k) => k !== i) })}
                    />
                  </div>
                );
              })}
              <Add
                name={labels.addBreak}
                onClick={() => set({ breaks: [...setup.breaks, { from: '12:00', to: '12:30' }] })}
              />
            </Part>
            <div className="grid gap-8 content-start">
              <Part name={labels.presses}>
                {setup.presses.map((p, i) => (
                  <div key={p.id} className="flex gap-2 items-center mb-2">
                    <select
                      className="select grow"
                      aria-label={`${labels.press} ${i + 1}`}
                      value={p.heatSource}
                      onChange={(e) =>
                        set({
                          presses: setup.presses.map((q, k) => (k === i ? { ...q, heatSource: e.target.value } : q)),
                        })
                      }
                    >
                      {catalogue.heatSources.map((h) => (
                        <option key={h.id} value={h.id}>
                          {h.name}
                        </option>
                      ))}
                    </select>
                    {setup.presses.length > 1 && (
                      <Remove
                        what={labels.press}
                        onClick={() => set({ presses: setup.presses.filter((_, k) => k !== i) })}
                      />
                    )}
                  </div>
                ))}
                <Add
                  name={labels.addPress}
                  onClick={() =>
                    set({
                      presses: [
                        ...setup.presses,
                        {
                          id: String(1 + Math.max(...setup.presses.map((p) => Number(p.id) || 0))),
                          heatSource: setup.presses[0]?.heatSource ?? catalogue.usual.heatSource,
                          name: '',
                        },
                      ],
                    })
                  }
                />
              </Part>
              <label className="grid gap-1 w-40">
                <span className="font-semibold">{labels.cutters}</span>
                <input
                  type="number"
                  min={0}
                  max={4}
                  className="input"
                  value={setup.cutters}
                  onChange={(e) => set({ cutters: Number(e.target.value) })}
                />
              </label>
            </div>
          </div>
          <div className="day-foot sticky bottom-0 z-10 bg-paper border-t border-ink flex flex-wrap items-end gap-4 py-3">
            <label className="grid gap-1">
              <span className="font-semibold">{labels.day}</span>
              <input
                type="date"
                className="input w-44"
                required
                value={setup.date}
                onChange={(e) => set({ date: e.target.value })}
              />
            </label>
            <label className="grid gap-1">
              <span className="font-semibold">{labels.beginAt}</span>
              <input
                type="time"
                className="input w-36"
                required
                value={setup.begin}
                onChange={(e) => set({ begin: e.target.value })}
              />
            </label>
            <button type="submit" className="btn btn-primary" disabled={picked === 0 || save.isPending}>
              {save.isPending ? labels.planning : labels.plan}
            </button>
            {onCancel && (
              <button type="button" className="btn btn-ghost" onClick={onCancel}>
                {labels.cancel}
              </button>
            )}
            {preview.data && (
              <p role="status" className="pb-2">
                {labels.wouldBe(
                  clock(preview.data.finish, preview.data.from),
                  preview.data.jobs.filter((j) => j.lateSeconds > 0).length,
                )}
              </p>
            )}
          </div>
          {save.isError && <Failed error={save.error} />}
        </form>
      )}
    </main>
  );
}
