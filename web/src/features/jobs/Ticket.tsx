import type { UseQueryResult } from '@tanstack/react-query';
import type { Plan } from '../../api/client';
import type { Job } from '../../api/job';
import { time } from '../../app/unitMath';
import { Notices } from '../../ui/Notices';
import { Setpoint } from '../../ui/Setpoint';
import { Loading } from '../../ui/States';
import { Alternatives } from './Alternatives';

const PURPOSE = { preheat: 'preheat the bare blank', press: 'press', finish: 'finish under the cover' } as const;

interface Props {
  job: Job;
  plan: UseQueryResult<Plan>;
  faults: Map<string, string>;
  onBench: () => void;
  onTake: (change: (job: Job) => Job) => void;
  starting: boolean;
  failed: unknown;
}

/** What is taken to the press: the setting, the presses in order, what to watch out for, the time. */
export function Ticket({ job, plan, faults, onBench, onTake, starting, failed }: Props) {
  const data = plan.data;
  const press = data?.presses.find((p) => p.purpose === 'press');
  const stopped = data?.verdict === 'stop';
  return (
    <aside
      aria-label="Ticket"
      className="bg-sheet print:border-0 print:w-full border-l border-rule max-lg:order-first max-lg:border-l-0 max-lg:border-b px-7 py-5"
    >
      <h2 className="hidden print:block text-2xl mb-3">{job.title || 'Untitled'}</h2>
      {plan.isPending && !plan.isError && <Loading what="the setting" />}
      {plan.isError && (
        <div role="alert" className="notice stop">
          <p>
            <strong>No setting yet. </strong>
            {faults.size > 0 ? [...faults.values()][0] : plan.error.message}
          </p>
        </div>
      )}
      {data && press && !plan.isError && (
        <div className="grid gap-5 items-start md:max-lg:grid-cols-2 md:max-lg:gap-x-10">
          {!stopped && (
            <div>
              <p className="text-[0.87rem] text-quiet mb-1">set to, and press for</p>
              <Setpoint press={press} />
            </div>
          )}
          {stopped && <p className="numeral text-[1.9rem] font-bold leading-tight">{data.headline}</p>}
          {stopped && <Notices notices={data.notices} />}
          {stopped && <Alternatives job={job} onTake={onTake} />}
          {!stopped && (
            <table className="w-full tabular-nums">
              <caption className="sr-only">Presses in order</caption>
              <tbody className="scored">
                {data.presses.map((p) => (
                  <Rows
                    key={p.order}
                    name={PURPOSE[p.purpose]}
                    figure={time(p.seconds)}
                    strong={p.purpose === 'press'}
                    peel={p.peel}
                  />
                ))}
              </tbody>
            </table>
          )}
          {!stopped && <Notices notices={data.notices} />}
          {!stopped && (
            <table className="w-full tabular-nums text-[0.95rem]">
              <caption className="sr-only">Time</caption>
              <tbody>
                <tr className="border-t border-rule">
                  <th className="text-left font-normal py-1.5">by hand</th>
                  <td className="text-right">{time(data.times.handsOnSeconds)}</td>
                </tr>
                <tr className="border-y border-rule">
                  <th className="text-left font-normal py-1.5">
                    start to finish{(job.quantity ?? 1) > 1 ? `, ${job.quantity} pieces` : ''}
                  </th>
                  <td className="text-right">{time(data.times.elapsedSeconds)}</td>
                </tr>
              </tbody>
            </table>
          )}
          {failed instanceof Error && (
            <p role="alert" className="notice stop">
              {failed.message}
            </p>
          )}
          {!stopped && (
            <div className="flex gap-3 print:hidden">
              <button
                type="button"
                className="btn btn-primary grow h-13 text-[1.07rem]"
                disabled={starting}
                onClick={onBench}
              >
                Take it to the bench
              </button>
              <button type="button" className="btn btn-outline h-13" onClick={() => window.print()}>
                Print
              </button>
            </div>
          )}
        </div>
      )}
    </aside>
  );
}

function Rows({
  name,
  figure,
  strong,
  peel,
}: {
  name: string;
  figure: string;
  strong: boolean;
  peel: { method: string; waitSeconds: number[]; place: string };
}) {
  const [from = 0, to = 0] = peel.waitSeconds;
  const when =
    from === 0 ? `within ${to} s` : peel.method === 'warm' ? `${from} to ${to} s after` : `after ${time(from)}`;
  return (
    <>
      <tr className={`border-t border-rule ${strong ? 'font-bold' : ''}`}>
        <th className="text-left py-1.5 font-[inherit]">{name}</th>
        <td className="text-right whitespace-nowrap">{figure}</td>
      </tr>
      {peel.method !== 'none' && (
        <tr className="border-t border-rule">
          <th className="text-left font-normal py-1.5">
            peel {peel.method}
            {peel.place === 'cold-bench' && ', on a cold bench'}
          </th>
          <td className="text-right whitespace-nowrap">{when}</td>
        </tr>
      )}
    </>
  );
}
