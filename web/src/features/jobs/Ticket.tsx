import type { MouseEvent } from 'react';
import { Link } from 'react-router';
import { type Peel, type Plan, Refused } from '../../api/client';
import { changed, type Job } from '../../api/job';
import type { Answered } from '../../api/queries';
import { span, time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Figures } from '../../ui/Figures';
import { Notices, type OnAccept } from '../../ui/Notices';
import { bondingPresses, goesOf, PURPOSE, peelTimes, wholePresses } from '../../ui/purposes';
import { Setpoint } from '../../ui/Setpoint';
import { Loading } from '../../ui/States';
import { Alternatives } from './Alternatives';
import * as labels from './labels';
import { OnTheTable } from './OnTheTable';
import { sentence } from './QuickDetails';

interface Props {
  id: string;
  job: Job;
  plan: Answered<Plan>;
  onBench: () => void;
  /** Sees to it that what is on the screen is saved before the ticket is fetched. */
  onPrint: (e: MouseEvent<HTMLAnchorElement>) => void;
  onTake: (change: (job: Job) => Job) => void;
}

/** What is taken to the press: the setting, the presses in order, what to watch out for, the time. */
export function Ticket({ id, job, plan, onBench, onPrint, onTake }: Props) {
  const data = plan.data;
  const [press, ...others] = bondingPresses(data?.presses);
  const units = useUnits();
  const accept: OnAccept = (code, word) => onTake((j) => withAccepted(j, code, word));
  const stopped = data?.verdict === 'stop';
  const parts = Math.max(1, ...(data?.presses ?? []).map((p) => p.parts ?? 1));
  return (
    <aside
      id="ticket"
      aria-label={labels.ticket}
      className="bg-sheet print:border-0 print:w-full border-l border-rule max-lg:border-l-0 max-lg:border-t px-4 sm:px-7"
    >
      <div className="py-5 lg:sticky lg:top-0 lg:max-h-screen lg:overflow-y-auto print:max-h-none print:static">
        <h2 className="hidden print:block text-2xl mb-3">{job.title || labels.untitled}</h2>
        {plan.isPending && !plan.isError && <Loading what={labels.theSetting} />}
        {plan.isError && <NoAnswer id={id} error={plan.error} last={data !== undefined} />}
        {data && press && (
          <div
            className={`answer grid gap-5 items-start md:max-lg:grid-cols-2 md:max-lg:gap-x-10 ${plan.pale ? 'pale' : ''}`}
            aria-busy={plan.pale}
            data-testid="answer"
          >
            {!stopped && (
              <div>
                <Setpoint press={press} others={others} />
                {data.line && <p className="mt-2 text-[1.05rem] font-semibold">{sentence(data.line)}</p>}
                {data.certainty && <p className="mt-1.5 text-[0.95rem]">{data.certainty.perHundred}</p>}
                {data.batch && <p className="mt-1 text-[0.95rem] text-quiet">{data.batch.text}</p>}
                <details className="mt-2 print:hidden">
                  <summary className="cursor-pointer w-fit text-[0.9rem] text-quiet underline decoration-dotted underline-offset-2">
                    {labels.whereTheseNumbersComeFrom}
                  </summary>
                  <div className="mt-1.5">
                    <Figures figures={press.figures} />
                  </div>
                </details>
              </div>
            )}
            {stopped && <p className="numeral text-[1.9rem] font-bold leading-tight">{data.headline}</p>}
            {stopped && <Notices notices={data.notices} onAccept={accept} onTake={onTake} />}
            {stopped && <Alternatives job={job} onTake={onTake} />}
            {!stopped && (
              <table className="w-full tabular-nums">
                <caption className={parts > 1 ? 'text-left text-[0.95rem] pb-1.5' : 'sr-only'}>
                  {parts > 1 ? labels.inPartsEachDoneTo(parts) : labels.pressesInOrder}
                </caption>
                <tbody className="scored">
                  {wholePresses(data.presses).map((w) => (
                    <Rows
                      key={w.press.order}
                      name={
                        job.layers.length > 1 && w.layers.length > 0
                          ? `${PURPOSE[w.press.purpose]}: ${w.layers.length === job.layers.length ? labels.allLayers : w.layers.join(', ')}`
                          : PURPOSE[w.press.purpose]
                      }
                      figure={goesOf(w) > 1 ? `${goesOf(w)} × ${time(w.press.seconds)}` : time(w.press.seconds)}
                      strong={w.press.purpose === 'press'}
                      peel={w.press.peel}
                    />
                  ))}
                </tbody>
              </table>
            )}
            {!stopped && <OnTheTable job={job} plan={data} />}
            {!stopped && <Notices notices={data.notices} onAccept={accept} onTake={onTake} />}
            {!stopped && (
              <table className="w-full tabular-nums text-[0.95rem]">
                <caption className="sr-only">{labels.time}</caption>
                <tbody>
                  <tr className="border-t border-rule">
                    <th className="text-left font-normal py-1.5">{labels.byHand}</th>
                    <td className="text-right">{time(data.times.handsOnSeconds)}</td>
                  </tr>
                  <tr className="border-y border-rule">
                    <th className="text-left font-normal py-1.5">
                      {labels.startToFinish((job.quantity ?? 1) > 1 ? labels.pieces2(job.quantity ?? 1) : '')}
                    </th>
                    <td className="text-right">{time(data.times.elapsedSeconds)}</td>
                  </tr>
                </tbody>
              </table>
            )}
            {!stopped && (
              <div className="flex gap-3 print:hidden">
                <button type="button" className="btn btn-primary grow h-13 text-[1.07rem]" onClick={onBench}>
                  {labels.takeItToTheBench}
                </button>
                <a
                  className="btn btn-outline h-13"
                  href={`/api/jobs/${id}/ticket.pdf?units=${units.system}`}
                  download
                  onClick={onPrint}
                >
                  {labels.ticketPdf}
                </a>
              </div>
            )}
            <a
              className="link-quiet text-[0.9rem] w-fit print:hidden"
              href={`/api/jobs/${id}/file`}
              download
              onClick={onPrint}
            >
              {labels.jobFileArtworkAndAll}
            </a>
          </div>
        )}
      </div>
    </aside>
  );
}

/** Why there is no answer to what stands there now: the fields are named, and say themselves what they take. */
function NoAnswer({ id, error, last }: { id: string; error: Error | null; last: boolean }) {
  const faults = error instanceof Refused ? error.faults : [];
  const named = [...new Set(faults.flatMap((f) => (f.field ? [f.field] : [])))];
  const others = faults.filter((f) => !f.field).map((f) => f.detail);
  const offline = !(error instanceof Refused);
  return (
    <div role="alert" className="notice stop mb-4">
      <p>
        <strong>{offline ? labels.noAnswer : labels.notComputed}</strong> {offline && labels.theServiceDoesNotAnswer}
        {named.length > 0 && (
          <>
            {labels.check}
            <Link to={`/jobs/${id}/item`} className="underline underline-offset-2">
              {named.join(', ')}
            </Link>
            .{' '}
          </>
        )}
        {others.join(' ')}
        {!offline && faults.length === 0 && error?.message}
      </p>
      {last && <p className="mt-1 text-[0.9rem]">{labels.belowPaleTheAnswerFrom}</p>}
    </div>
  );
}

/** The job with a notice accepted, or with that taken back. */
export function withAccepted(job: Job, code: string, word: string | null): Job {
  const others = (job.accepted ?? []).filter((a) => a.code !== code);
  const accepted = word === null ? others : [...others, { code, word }];
  return changed(job, { accepted: accepted.length > 0 ? accepted : undefined });
}

function Rows({ name, figure, strong, peel }: { name: string; figure: string; strong: boolean; peel: Peel }) {
  const { from, to } = peelTimes(peel);
  const when = to === null ? labels.after(time(from)) : from === 0 ? labels.withinS(to) : `${span(from, to)} after`;
  return (
    <>
      <tr className={`border-t border-rule ${strong ? 'font-bold' : ''}`}>
        <th className="text-left py-1.5 font-[inherit]">{name}</th>
        <td className="text-right whitespace-nowrap">{figure}</td>
      </tr>
      {peel.method !== 'none' && (
        <tr className="border-t border-rule">
          <th className="text-left font-normal py-1.5">
            {labels.peel(peel.method)}
            {peel.place === 'cold-bench' && labels.onAColdBench}
          </th>
          <td className="text-right whitespace-nowrap">{when}</td>
        </tr>
      )}
    </>
  );
}
