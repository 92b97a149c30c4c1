import type { ReactNode } from 'react';
import * as labels from './labels';
import type { Setup } from './setup';

/** A kept job as it is picked. */
export type Card = { id: string; title: string; due?: string | null; quantity: number };

export function Part({ name, why, children }: { name: string; why?: string; children: ReactNode }) {
  return (
    <fieldset>
      <legend className="font-semibold mb-2">{name}</legend>
      {why && <p className="text-[0.87rem] text-quiet mb-2">{why}</p>}
      {children}
    </fieldset>
  );
}

export function JobLine({ job, setup, set }: { job: Card; setup: Setup; set: (change: Partial<Setup>) => void }) {
  const due = setup.jobs[job.id];
  const change = (with_: Partial<{ date: string; time: string }>) =>
    set({ jobs: { ...setup.jobs, [job.id]: { date: due?.date ?? '', time: due?.time ?? '', ...with_ } } });
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
      <label className="flex items-center gap-3 grow cursor-pointer min-h-9">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={!!due}
          onChange={(e) => {
            if (e.target.checked) change({ date: job.due ?? '' });
            else {
              const { [job.id]: _, ...rest } = setup.jobs;
              set({ jobs: rest });
            }
          }}
        />
        <span>
          {job.title} <span className="text-quiet">× {job.quantity}</span>
        </span>
      </label>
      {due && (
        <span className="flex items-center gap-2">
          <span className="text-quiet">{labels.due}</span>
          <input
            type="date"
            className="input w-40"
            aria-label={`${labels.dueAt(job.title)}, ${labels.day}`}
            value={due.date}
            onChange={(e) => change({ date: e.target.value })}
          />
          <Hours
            name={labels.dueAt(job.title)}
            value={due.time}
            onChange={(time) => change({ time, date: due.date || setup.date })}
          />
        </span>
      )}
    </li>
  );
}

export function Hours({ name, value, onChange }: { name: string; value: string; onChange: (value: string) => void }) {
  return (
    <input
      type="time"
      className="input w-32"
      aria-label={name}
      value={value}
      onChange={(e) => onChange(e.target.value)}
    />
  );
}

export function Add({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button type="button" className="link-quiet" onClick={onClick}>
      {name}
    </button>
  );
}

export function Remove({ what, onClick }: { what: string; onClick: () => void }) {
  return (
    <button type="button" className="btn btn-sm btn-ghost" aria-label={labels.remove(what)} onClick={onClick}>
      ×
    </button>
  );
}
