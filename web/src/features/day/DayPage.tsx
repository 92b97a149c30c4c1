import { useState } from 'react';
import { Link } from 'react-router';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { DaySetup } from './DaySetup';
import { Happened } from './Happened';
import * as labels from './labels';
import { Picture } from './Picture';
import { clock, dayOf, inMinutes } from './times';
import { type Day, useDay, useImprove } from './useDay';
import { WhatIf } from './WhatIf';

/** The day: when all is done, who does what when, and what it hangs on. */
export function DayPage() {
  const day = useDay();
  const [changing, setChanging] = useState<'this' | 'new' | null>(null);
  if (day.isPending) return <Loading what={labels.theDay} />;
  if (day.isError) return <Failed error={day.error} retry={() => day.refetch()} />;
  if (!day.data || changing)
    return (
      <DaySetup
        day={changing === 'this' ? day.data : null}
        version={day.data?.version ?? 0}
        onDone={() => setChanging(null)}
        {...(day.data ? { onCancel: () => setChanging(null) } : {})}
      />
    );
  return <Planned day={day.data} onChange={setChanging} />;
}

function Planned({ day, onChange }: { day: Day; onChange: (what: 'this' | 'new') => void }) {
  const { system } = useUnits();
  const late = day.jobs.map((j) => j.lateSeconds).filter((s) => s > 0);
  const anyDue = day.jobs.some((j) => j.due);
  const zone = encodeURIComponent(Intl.DateTimeFormat().resolvedOptions().timeZone);
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-7 pb-24 grid grid-cols-[minmax(0,1fr)] gap-9">
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <div className="grow">
          <h1 className="text-[1.1rem] text-quiet font-normal">{dayOf(day.from)}</h1>
          <p className="numeral text-[2.6rem] font-bold leading-tight">{labels.doneAt(clock(day.finish, day.from))}</p>
          <p className="mt-1 max-w-[68ch]">
            <strong className="font-semibold">
              {late.length > 0
                ? labels.areLate(late.length, inMinutes(Math.max(...late)))
                : anyDue
                  ? labels.inTime
                  : labels.noneDue}
            </strong>{' '}
            {day.beginBy &&
              (day.lateSeconds > 0
                ? labels.wouldHaveTo(clock(day.beginBy, day.from))
                : labels.beginBy(clock(day.beginBy, day.from)))}
          </p>
        </div>
        <div className="flex flex-wrap gap-3 print:hidden">
          <Link className="btn btn-primary" to="/day/now">
            {labels.whatNow}
          </Link>
          <a
            className="btn btn-outline"
            href={`/api/day.pdf?units=${system}&zone=${zone}`}
            target="_blank"
            rel="noreferrer"
          >
            {labels.printIt}
          </a>
          <a className="btn btn-outline" href={`/api/day.ics?units=${system}`} download>
            {labels.toCalendar}
          </a>
          <Link className="btn btn-outline" to="/day/buy">
            {labels.toBuy}
          </Link>
          <button type="button" className="btn btn-outline" onClick={() => onChange('this')}>
            {labels.changeIt}
          </button>
          <button type="button" className="btn btn-ghost" onClick={() => onChange('new')}>
            {labels.anotherDay}
          </button>
        </div>
      </div>
      <Picture day={day} />
      <Jobs day={day} />
      <Why day={day} />
      <Happened day={day} />
      <WhatIf day={day} />
    </main>
  );
}

function Jobs({ day }: { day: Day }) {
  const wish = day.wish as { jobs: { id?: string | null }[] };
  return (
    <section aria-label={labels.jobs} className="overflow-x-auto">
      <table className="w-full text-[0.97rem] tabular-nums [&_td]:pr-4 [&_th]:pr-4">
        <thead>
          <tr className="border-b border-ink text-left text-quiet">
            {['', labels.job, labels.begins, labels.ready, labels.due, labels.waitsFor].map((h, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: fixed columns
              <th key={i} className={`font-normal py-1.5 ${i === 5 ? 'max-md:hidden' : ''}`}>
                {h || <span className="sr-only">#</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {day.jobs.map((j, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: jobs of a day keep their numbers
            <tr key={i} className="border-b border-rule align-top [&_td]:py-1.5">
              <td className="font-bold">{i + 1}</td>
              <td>
                {wish.jobs[i]?.id ? (
                  <Link className="underline underline-offset-3 decoration-rule" to={`/jobs/${wish.jobs[i]?.id}/press`}>
                    {j.title}
                  </Link>
                ) : (
                  j.title
                )}
              </td>
              <td className="whitespace-nowrap">{clock(j.begin, day.from)}</td>
              <td className="whitespace-nowrap">
                <strong className="font-semibold">{clock(j.ready, day.from)}</strong>
                {j.washFrom && (
                  <span className="block text-[0.84rem] text-quiet">
                    {labels.washFrom} {clock(j.washFrom, day.from)}
                  </span>
                )}
              </td>
              <td className="whitespace-nowrap">
                {j.due && clock(j.due, day.from)}
                {j.lateSeconds > 0 && <strong className="block">{labels.isLate(inMinutes(j.lateSeconds))}</strong>}
              </td>
              <td className="max-md:hidden text-quiet">{j.waits}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What it hangs on, and how much better it could be at all. */
function Why({ day }: { day: Day }) {
  const { begin, stop } = useImprove();
  return (
    <section aria-label={labels.why} className="max-w-[76ch]">
      <h2 className="mb-1">{labels.why}</h2>
      <ul className="grid gap-1">
        {day.why.map((line) => (
          <li key={line}>{line}</li>
        ))}
        {day.pace.length > 0 && <li>{labels.ownPace(day.pace)}</li>}
        <li className="flex flex-wrap items-center gap-x-4 gap-y-1">
          {day.improving ? (
            <>
              <span role="status">
                {day.improving.share > 0
                  ? labels.lookingFor(clock(day.improving.finish, day.from), clock(day.improving.bound, day.from))
                  : labels.lookingForBetter}
              </span>
              <progress
                className="progress w-32"
                value={day.improving.share}
                max={1}
                aria-label={labels.lookingForBetter}
              />
              <button type="button" className="btn btn-sm btn-outline" onClick={() => stop.mutate()}>
                {labels.stop}
              </button>
            </>
          ) : (
            <>
              <span className="text-quiet">
                {day.status === 'optimal' ? labels.cannotBeBetter : labels.soonest(clock(day.bound.finish, day.from))}
              </span>
              {day.status !== 'optimal' && (
                <button
                  type="button"
                  className="link-quiet print:hidden"
                  disabled={begin.isPending}
                  onClick={() => begin.mutate()}
                >
                  {labels.lookForBetter}
                </button>
              )}
            </>
          )}
        </li>
      </ul>
      {(begin.isError || stop.isError) && <p className="fault">{(begin.error ?? stop.error)?.message}</p>}
    </section>
  );
}
