import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../../api/client';
import * as labels from './labels';
import { type Day, useHappens } from './useDay';
import { rowName } from './words';

/** What may change in the course of a day: each a line to pick. The rest is planned anew at once. */
export function Happened({ day }: { day: Day }) {
  const happens = useHappens();
  const [said, setSaid] = useState(false);
  const jobs = useQuery({
    queryKey: ['jobs', 'all'],
    queryFn: () => got(api.GET('/api/jobs', { params: { query: { take: 60 } } })),
  });
  const wish = day.wish as {
    jobs: { id?: string | null; dropped?: boolean }[];
    presses: { id: string; brokenSince?: string | null }[];
  };
  const say = (event: Parameters<typeof happens.mutate>[0]) =>
    happens.mutate(event, { onSuccess: () => setSaid(true) });
  const titles = day.jobs.map((j, i) => ({ id: String(i), name: j.title })).filter((_, i) => !wish.jobs[i]?.dropped);
  return (
    <section aria-label={labels.somethingChanged} className="print:hidden">
      <h2 className="mb-2">{labels.somethingChanged}</h2>
      <div className="flex flex-wrap gap-x-4 gap-y-2 items-center">
        <button
          type="button"
          className="btn btn-sm btn-outline"
          disabled={happens.isPending}
          onClick={() => say({ kind: 'came', name: '' })}
        >
          {labels.helperCame}
        </button>
        {day.hands.length > 1 &&
          day.hands.map((row, i) => (
            <button
              key={row.id}
              type="button"
              className="btn btn-sm btn-outline"
              disabled={happens.isPending}
              onClick={() => say({ kind: 'left', who: i })}
            >
              {labels.helperLeft(rowName(row, false))}
            </button>
          ))}
        {day.presses.map((press) => {
          const broken = wish.presses.find((p) => p.id === press.id)?.brokenSince;
          return (
            <button
              key={press.id}
              type="button"
              className="btn btn-sm btn-outline"
              disabled={happens.isPending}
              onClick={() => say({ kind: broken ? 'press-back' : 'press-broke', press: press.id })}
            >
              {broken ? labels.pressBack(press.name) : labels.pressBroke(press.name)}
            </button>
          );
        })}
        <Pick
          name={labels.again}
          options={titles}
          onPick={(id) => say({ kind: 'again', job: Number(id), pieces: 1 })}
        />
        <Pick name={labels.drop} options={titles} onPick={(id) => say({ kind: 'drop', job: Number(id) })} />
        <Pick
          name={labels.rush}
          options={(jobs.data?.jobs ?? []).map((j) => ({ id: j.id, name: j.title }))}
          onPick={(id) => say({ kind: 'rush', jobId: id })}
        />
      </div>
      <p className="mt-2 min-h-6" role="status">
        {happens.isError ? (
          <span className="fault">{happens.error.message}</span>
        ) : (
          said && labels.moved(day.moved ?? 0)
        )}
      </p>
    </section>
  );
}

function Pick({
  name,
  options,
  onPick,
}: {
  name: string;
  options: { id: string; name: string }[];
  onPick: (id: string) => void;
}) {
  return (
    <select
      className="select select-sm w-auto max-w-60"
      aria-label={name}
      value=""
      onChange={(e) => e.target.value && onPick(e.target.value)}
    >
      <option value="">{name} …</option>
      {options.map((o) => (
        <option key={o.id} value={o.id}>
          {o.name}
        </option>
      ))}
    </select>
  );
}
