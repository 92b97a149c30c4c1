import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import * as labels from './labels';
import { clock } from './times';
import { type Day, type Stretch, useDay, useHappens } from './useDay';
import { rowName, saying } from './words';

const LONGER_SECONDS = 300;
const TICK_MS = 1_000;
const AHEAD = 3;

/** What each pair of hands does now, as large as at the bench. The day goes by the plan unless somebody says otherwise. */
export function NowPage() {
  const day = useDay();
  if (day.isPending) return <Loading what={labels.theDay} />;
  if (day.isError) return <Failed error={day.error} retry={() => day.refetch()} />;
  if (!day.data)
    return (
      <main className="p-8">
        <Link className="btn btn-primary" to="/day">
          {labels.planADay}
        </Link>
      </main>
    );
  return <Now day={day.data} />;
}

/** The service's clock, ticking here. */
function useNow(day: Day): number {
  const [ahead] = useState(() => Date.now());
  const [tick, setTick] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setTick(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  const [base, setBase] = useState({ now: +new Date(day.now), at: ahead });
  useEffect(() => setBase({ now: +new Date(day.now), at: Date.now() }), [day.now]);
  return base.now + (tick - base.at);
}

function Now({ day }: { day: Day }) {
  const now = useNow(day);
  const happens = useHappens();
  const first = day.hands
    .flatMap((h) => h.stretches)
    .reduce((a, s) => Math.min(a, +new Date(s.start)), Number.POSITIVE_INFINITY);
  return (
    <main className="min-h-screen bg-paper text-ink flex flex-col" data-theme="night">
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-1 px-5 sm:px-8 pt-4">
        <Link to="/day" className="link-quiet">
          {labels.back}
        </Link>
        <h1 className="numeral text-[1.6rem]">{clock(new Date(now))}</h1>
        <p className="ml-auto text-[1.2rem]">
          {now >= +new Date(day.finish)
            ? labels.allDone
            : now < first
              ? labels.beginsAt(clock(new Date(first)))
              : labels.doneAt(clock(day.finish, day.from))}
        </p>
      </div>
      <div className="grow grid gap-px bg-rule mt-4 lg:grid-flow-col lg:auto-cols-fr">
        {day.hands.map((row, i) => (
          <Hands
            key={row.id}
            name={rowName(row, day.hands.length === 1)}
            stretches={row.stretches}
            day={day}
            now={now}
            busy={happens.isPending}
            onSay={(kind, stretch) =>
              happens.mutate({
                kind,
                tasks:
                  kind === 'longer' ? [underWay(stretch, day, now)] : stretch.tasks.filter((t) => isMine(t, day, i)),
                seconds: LONGER_SECONDS,
              })
            }
          />
        ))}
      </div>
      {happens.isError && (
        <p role="alert" className="fault px-8 py-3">
          {happens.error.message}
        </p>
      )}
    </main>
  );
}

const isMine = (task: string, day: Day, who: number) => day.tasks.some((t) => t.id === task && t.who === who);

/** The task of a stretch that is at its turn now. */
function underWay(stretch: Stretch, day: Day, now: number): string {
  const tasks = day.tasks.filter((t) => stretch.tasks.includes(t.id));
  return (tasks.find((t) => +new Date(t.end) > now) ?? tasks.at(-1))?.id ?? '';
}

interface HandsProps {
  name: string;
  stretches: readonly Stretch[];
  day: Day;
  now: number;
  busy: boolean;
  onSay: (kind: 'begun' | 'done' | 'longer' | 'not-yet', stretch: Stretch) => void;
}

function Hands({ name, stretches, day, now, busy, onSay }: HandsProps) {
  const units = useUnits();
  const at = stretches.find((s) => +new Date(s.start) <= now && now < +new Date(s.end));
  const ahead = stretches.filter((s) => +new Date(s.start) > now).slice(0, AHEAD);
  // What is done away from a press may begin at any time; a piece at the press is the bench's.
  const soon =
    now >= +new Date(day.from) && ahead[0]?.press === null && ahead[0].activity !== 'pressing' ? ahead[0] : undefined;
  const before = stretches.filter((s) => +new Date(s.end) <= now).at(-1);
  const wish = day.wish as { jobs: { id?: string | null }[] };
  const job = at ? wish.jobs[at.job]?.id : null;
  return (
    <section aria-label={name} className="bg-paper px-5 sm:px-8 py-6 flex flex-col gap-4">
      <h2 className="text-[1.3rem] text-quiet">{name}</h2>
      <p className="text-[2.4rem] sm:text-[3rem] font-bold leading-[1.08]" aria-live="polite">
        {at ? saying(at, day, units) : labels.nothingNow}
      </p>
      {at && (
        <p className="numeral text-[1.9rem]">
          {labels.left(time(Math.ceil((+new Date(at.end) - now) / 1000)))}
          <span className="text-quiet text-[1.2rem] ml-4">{labels.until(clock(at.end))}</span>
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        {!at && soon && (
          <button type="button" className="btn btn-lg btn-primary" disabled={busy} onClick={() => onSay('begun', soon)}>
            {labels.beginNow(saying(soon, day, units))}
          </button>
        )}
        {at && (
          <>
            <button type="button" className="btn btn-lg btn-primary" disabled={busy} onClick={() => onSay('done', at)}>
              {labels.doneNow}
            </button>
            <button
              type="button"
              className="btn btn-lg btn-outline"
              disabled={busy}
              onClick={() => onSay('longer', at)}
            >
              {labels.longer}
            </button>
            {at.activity === 'pressing' && job && (
              <Link className="btn btn-lg btn-outline" to={`/jobs/${job}/bench`}>
                {labels.openBench}
              </Link>
            )}
          </>
        )}
      </div>
      <div className="mt-auto grid gap-1.5 text-[1.15rem]">
        {ahead.length > 0 && <h3 className="text-quiet">{labels.next}</h3>}
        {ahead.map((s) => (
          <p key={s.tasks[0]}>{labels.atTime(clock(s.start), saying(s, day, units))}</p>
        ))}
        {before && (
          <p className="flex flex-wrap items-baseline gap-x-4 text-quiet mt-3 text-[1rem]">
            {labels.before(saying(before, day, units))}
            <button type="button" className="link-quiet" disabled={busy} onClick={() => onSay('not-yet', before)}>
              {labels.notYet}
            </button>
          </p>
        )}
      </div>
    </section>
  );
}
