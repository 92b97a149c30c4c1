import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import * as labels from './labels';
import { clock, inMinutes } from './times';
import type { Day } from './useDay';

type If = Schemas['WhatIf'];

const HOUR = 3600;
const plain = { beginSeconds: 0, people: 0, presses: 0, without: null };

const choices = (day: Day): If[] => [
  { ...plain, name: labels.oneHourLater, beginSeconds: HOUR },
  { ...plain, name: labels.oneHourEarlier, beginSeconds: -HOUR },
  { ...plain, name: labels.oneMoreHelper, people: 1 },
  { ...plain, name: labels.oneMorePress, presses: 1 },
  ...day.jobs.map((j, i) => ({ ...plain, name: labels.without(j.title), without: i })),
];

/** Doing it otherwise, side by side: only what differs is in bold. */
export function WhatIf({ day }: { day: Day }) {
  const all = choices(day);
  const [picked, setPicked] = useState<string[]>([labels.oneHourLater, labels.oneMoreHelper]);
  const reckon = useMutation({
    mutationFn: (ifs: If[]) => got(api.POST('/api/day/what-if', { body: ifs })),
  });
  const now = {
    name: labels.asItIs,
    from: day.from,
    finish: day.finish,
    lateSeconds: day.lateSeconds,
    jobs: day.jobs.map((j) => j.ready),
    heatChanges: day.heatChanges,
  };
  const columns = reckon.data ? [now, ...reckon.data] : [];
  const rows: { name: string; of: (c: typeof now) => string }[] = [
    { name: labels.begins, of: (c) => clock(c.from, day.from) },
    { name: labels.done, of: (c) => clock(c.finish, day.from) },
    { name: labels.lateInAll, of: (c) => (c.lateSeconds > 0 ? inMinutes(c.lateSeconds) : labels.never) },
    ...day.jobs.map((j, i) => ({ name: j.title, of: (c: typeof now) => clock(c.jobs[i] ?? c.finish, day.from) })),
    { name: labels.changesOfHeat, of: (c) => String(c.heatChanges) },
  ];
  return (
    <section aria-label={labels.whatIf} className="print:hidden">
      <h2 className="mb-2">{labels.whatIf}</h2>
      <div className="flex flex-wrap gap-x-5 gap-y-1.5 items-center">
        {all.map((c) => (
          <label key={c.name} className="flex items-center gap-2 cursor-pointer">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={picked.includes(c.name)}
              onChange={(e) => setPicked(e.target.checked ? [...picked, c.name] : picked.filter((p) => p !== c.name))}
            />
            {c.name}
          </label>
        ))}
        <button
          type="button"
          className="btn btn-sm btn-outline"
          disabled={picked.length === 0 || reckon.isPending}
          onClick={() => reckon.mutate(all.filter((c) => picked.includes(c.name)).slice(0, 4))}
        >
          {reckon.isPending ? labels.reckoning : labels.reckon}
        </button>
      </div>
      {reckon.isError && <p className="fault mt-2">{reckon.error.message}</p>}
      {columns.length > 0 && (
        <section
          className="overflow-x-auto mt-3"
          aria-label={labels.reckon}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by the arrow keys
          tabIndex={0}
        >
          <table className="text-[0.95rem] tabular-nums [&_td]:pr-6 [&_th]:pr-6">
            <thead>
              <tr className="border-b border-ink text-left">
                <td className="py-1.5" />
                {columns.map((c) => (
                  <th key={c.name} className="font-semibold align-bottom">
                    {c.name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.name} className="border-b border-rule">
                  <th className="font-normal text-left text-quiet py-1">{row.name}</th>
                  {columns.map((c) => (
                    <td key={c.name} className={row.of(c) === row.of(now) ? 'text-quiet' : 'font-semibold'}>
                      {row.of(c)}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </section>
  );
}
