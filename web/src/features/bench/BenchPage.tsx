import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, got, type Outcome, Refused, type Run, type Schemas, type TracePhase } from '../../api/client';
import { useUnits } from '../../app/units';
import { ServerClock } from '../../ui/countdown';
import { Sandwich } from '../../ui/Sandwich';
import { Failed, Loading } from '../../ui/States';
import { facesAt, sampleAt } from '../../ui/trace';
import { Inspection, NOTHING_SEEN, type Seen } from './Inspection';
import { useAlarm, useAwake } from './senses';

type Action = Schemas['BenchAction'];

interface Heard {
  run: Run;
  clock: ServerClock;
}

/** Beside the crafter at the press: one action at a time, large, and its time. */
export function BenchPage() {
  const { id = '' } = useParams();
  const heard = useQuery<Heard>({
    queryKey: ['run', id],
    queryFn: async () => {
      const run = await got(api.GET('/api/runs/{id}', { params: { path: { id } } }));
      return { run, clock: new ServerClock(run.serverUtc, performance.now()) };
    },
    refetchInterval: (q) => (q.state.data?.run.status !== 'running' ? false : q.state.data.run.dueUtc ? 400 : 1500),
    refetchIntervalInBackground: true,
    staleTime: 0,
  });
  const trace = useQuery({
    queryKey: ['run-trace', id],
    queryFn: () => got(api.GET('/api/runs/{id}/trace', { params: { path: { id } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <div data-theme="night" className="min-h-screen bg-paper text-ink flex flex-col px-7 md:px-12 py-6">
      {heard.isPending && <Loading what="the run" />}
      {heard.isError && !heard.data && <Failed error={heard.error} retry={() => heard.refetch()} />}
      {heard.data && <Bench heard={heard.data} lost={heard.isError} phases={trace.data?.phases ?? []} />}
    </div>
  );
}

function Bench({ heard, lost, phases }: { heard: Heard; lost: boolean; phases: readonly TracePhase[] }) {
  const { run, clock } = heard;
  const queries = useQueryClient();
  const [asking, setAsking] = useState<'early' | 'off' | null>(null);
  const [said, setSaid] = useState('');
  const [refusal, setRefusal] = useState('');
  const [looked, setLooked] = useState<{ step: number; seen: Seen }>({ step: -1, seen: NOTHING_SEEN });
  const now = useNow(run.status === 'running');
  const step = run.step;
  const left = run.dueUtc ? clock.secondsLeft(run.dueUtc, now) : null;
  const finished = run.status !== 'running';
  useAwake(!finished);
  const { sound, setSound, unlock } = useAlarm(step?.kind === 'hold' ? step.index : null, step?.index ?? null);

  const say = useMutation({
    mutationFn: async (command: { action: Action; outcomes?: Outcome[]; note?: string }) => {
      const body = {
        commandId: crypto.randomUUID(),
        sequence: run.sequence,
        step: step?.index ?? 0,
        action: command.action,
        outcomes: command.outcomes ?? null,
        note: command.note ?? null,
      };
      const next = await got(api.POST('/api/runs/{id}/actions', { params: { path: { id: run.id } }, body }));
      return { run: next, clock: new ServerClock(next.serverUtc, performance.now()) };
    },
    onSuccess: (next) => {
      queries.setQueryData(['run', run.id], next);
      queries.invalidateQueries({ queryKey: ['log'] });
      queries.invalidateQueries({ queryKey: ['runs'] });
      setAsking(null);
      setRefusal('');
    },
    onError: (e) => {
      setRefusal(e instanceof Refused && e.code === 'out-of-step' ? '' : e.message);
      queries.invalidateQueries({ queryKey: ['run', run.id] });
    },
  });
  const mutate = say.mutate;
  const pending = say.isPending;

  // What was tapped belongs to the piece in hand and to no other.
  const index = step?.index ?? -1;
  const seen = looked.step === index ? looked.seen : NOTHING_SEEN;
  const onSeen = useCallback(
    (change: (seen: Seen) => Seen) =>
      setLooked((l) => ({ step: index, seen: change(l.step === index ? l.seen : NOTHING_SEEN) })),
    [index],
  );

  const done = useCallback(() => {
    unlock();
    if (pending || !step) return;
    if (step.kind === 'hold') setAsking('early');
    else if (step.kind === 'inspect')
      mutate({ action: 'record', outcomes: seen.outcomes.length > 0 ? seen.outcomes : ['stuck'], note: seen.note });
    else mutate({ action: 'done' });
  }, [step, pending, mutate, unlock, seen]);

  useEffect(() => {
    if (step?.kind !== 'hold') setAsking((a) => (a === 'early' ? null : a));
  }, [step?.kind]);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (
        e.repeat ||
        e.target instanceof HTMLTextAreaElement ||
        e.target instanceof HTMLInputElement ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey
      )
        return;
      const key = e.key.toLowerCase();
      if (![' ', 'backspace', 'p', 's', 'escape'].includes(key)) return;
      e.preventDefault();
      if (key === ' ') done();
      else if (key === 'backspace') mutate({ action: 'back' });
      else if (key === 'p') {
        if (step?.kind === 'hold') mutate({ action: 'opened-early' });
      } else if (key === 's') setAsking('off');
      else setAsking(null);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [done, mutate, step?.kind]);

  if (finished || !step) return <Over run={run} />;
  const total = step.seconds || 1;
  return (
    <main className="grow flex flex-col" data-testid="bench" data-step={step.index} data-kind={step.kind}>
      <Head run={run} sound={sound} onSound={() => setSound(!sound)} />
      {lost && (
        <p role="alert" className="notice stop mt-3">
          <strong>No word from the service.</strong> The countdown goes on by the last it said; what you tap may not be
          kept.
        </p>
      )}
      <div className="grid lg:grid-cols-[minmax(0,1fr)_450px] gap-x-10 gap-y-6 mt-6 items-start">
        <div>
          <h1 className="text-[2.2rem] md:text-[2.9rem] leading-[1.15] font-bold" aria-live="assertive">
            {step.text}
          </h1>
          {left !== null && (
            <p
              className="numeral text-[11rem] md:text-[21rem] leading-[0.9] font-bold mt-4"
              role="timer"
              aria-label={`${Math.ceil(left)} seconds left`}
              data-testid="countdown"
            >
              <span className={step.kind === 'hold' ? 'text-(--ember)' : 'text-(--teal)'}>{Math.ceil(left)}</span>
              <span className="text-[5rem] text-quiet"> s</span>
            </p>
          )}
          {step.kind === 'inspect' && <Inspection seen={seen} onSeen={onSeen} />}
        </div>
        <LiveSandwich run={run} phases={phases} elapsed={clock.secondsSince(run.enteredUtc, now)} />
      </div>
      <div className="mt-auto pt-6">
        {left !== null && (
          <div className="h-3.5 bg-rule" aria-hidden="true">
            <div
              className={`h-full ${step.kind === 'hold' ? 'bg-(--ember)' : 'bg-(--teal)'}`}
              style={{ width: `${Math.min(100, (1 - left / total) * 100)}%` }}
            />
          </div>
        )}
        <p className="text-[1.4rem] text-quiet mt-4 min-h-[2.1em]">
          {run.next ? `Next: ${run.next.text}` : 'After this the run is done.'}
        </p>
        {refusal && (
          <p role="alert" className="notice stop mt-2 text-[1.1rem]">
            {refusal}
          </p>
        )}
        {asking === 'off' ? (
          <form
            className="flex flex-wrap gap-4 items-end mt-3"
            onSubmit={(e) => {
              e.preventDefault();
              mutate({ action: 'something-off', note: said }, { onSuccess: () => setSaid('') });
            }}
          >
            <label className="grow">
              <span className="block mb-1">What is off? It is kept with the run.</span>
              <textarea
                ref={focusOnce}
                rows={2}
                maxLength={500}
                className="textarea w-full bg-sheet text-[1.1rem]"
                value={said}
                onChange={(e) => setSaid(e.target.value)}
              />
            </label>
            <BigKey strong disabled={said.trim() === ''} submit>
              Keep it
            </BigKey>
            <BigKey onClick={() => setAsking(null)}>Never mind</BigKey>
          </form>
        ) : asking === 'early' ? (
          <div role="alertdialog" aria-label="Opened early?" className="flex flex-wrap items-center gap-4 mt-3">
            <strong className="text-[1.5rem]">Opened early?</strong>
            <BigKey strong onClick={() => mutate({ action: 'opened-early' })}>
              P — yes, it is open
            </BigKey>
            <BigKey onClick={() => setAsking(null)}>Esc — no, still closed</BigKey>
          </div>
        ) : (
          <div className="flex flex-wrap gap-4 mt-3">
            <BigKey strong={step.kind !== 'hold'} disabled={pending} onClick={done}>
              Space — {SPACE[step.kind](seen)}
            </BigKey>
            {step.kind === 'hold' && (
              <BigKey onClick={() => mutate({ action: 'opened-early' })}>P — plate opened</BigKey>
            )}
            <BigKey onClick={() => mutate({ action: 'back' })}>Backspace — back</BigKey>
            <BigKey onClick={() => setAsking('off')}>S — something is off</BigKey>
          </div>
        )}
      </div>
    </main>
  );
}

/** What the large key does, in words. */
const SPACE: Record<Schemas['StepKind'], (seen: Seen) => string> = {
  do: () => 'done',
  hold: () => 'opened early?',
  wait: () => 'go on now',
  inspect: (seen) => (seen.outcomes.length > 0 ? 'write it down' : 'all good'),
  know: () => 'done',
};

/** Steady, so that it runs once when the field appears. */
const focusOnce = (field: HTMLTextAreaElement | null) => field?.focus();

function useNow(running: boolean): number {
  const [now, setNow] = useState(() => performance.now());
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => setNow(performance.now()), 100);
    return () => window.clearInterval(timer);
  }, [running]);
  return now;
}

function Head({ run, sound, onSound }: { run: Run; sound: boolean; onSound: () => void }) {
  const units = useUnits();
  const piece = run.step?.piece ?? 0;
  return (
    <header className="flex flex-wrap items-center gap-x-6 gap-y-2 text-[1.25rem] text-quiet">
      <span className="flex items-center gap-3">
        {run.colour && (
          <svg aria-hidden="true" width="22" height="22">
            <rect width="22" height="22" fill={run.colour} stroke="currentColor" />
          </svg>
        )}
        <strong className="text-ink">{run.title || 'Untitled'}</strong>
        {run.pieces > 1 && <span>{piece === 0 ? `${run.pieces} pieces` : `${piece} of ${run.pieces}`}</span>}
      </span>
      <span className="tabular-nums md:ml-auto">
        {run.press.dialMark
          ? `${run.press.dialMark} (about ${units.temperature(run.press.celsius)})`
          : `${units.temperature(run.press.celsius)} · ${units.otherTemperature(run.press.celsius)}`}{' '}
        · {run.press.pressure}
      </span>
      <button type="button" className="btn btn-ghost text-[1rem]" aria-pressed={sound} onClick={onSound}>
        {sound ? 'Sound on' : 'Sound off'}
      </button>
      <Link to={`/jobs/${run.jobId}/press`} className="btn btn-ghost text-[1rem]">
        Leave
      </Link>
    </header>
  );
}

/** The stack as it is now: within a press or a wait as the plan foresees it, otherwise as it lies ready. */
function LiveSandwich({ run, phases, elapsed }: { run: Run; phases: readonly TracePhase[]; elapsed: number }) {
  const units = useUnits();
  const step = run.step;
  const phase = useMemo(() => {
    if (!step || step.pressOrder === null) return undefined;
    const closed = phases.findIndex((p) => p.pressOrder === step.pressOrder);
    if (step.kind === 'wait') return phases[closed + 1];
    if (step.stage === 'peel') return phases.slice(closed).find((p) => p.kind === 'peel');
    return phases[closed];
  }, [step, phases]);
  if (!step || !phase) return null;
  const at =
    step.kind === 'hold' || step.kind === 'wait'
      ? Math.min(elapsed, phase.seconds)
      : step.stage === 'peel'
        ? phase.seconds
        : 0;
  const closed = step.kind === 'hold';
  const sample = sampleAt(phase, at);
  const laid = phase.sheets.some((s) => s.id === 'vinyl');
  return (
    <div className="max-md:hidden">
      <Sandwich
        sheets={phase.sheets}
        faces={facesAt(phase, at)}
        plate={closed ? (phase.plate[sample] ?? null) : null}
      />
      <dl className="grid grid-cols-2 gap-6 mt-5 tabular-nums">
        <div className="border-t border-rule pt-2">
          <dt className="text-quiet text-[1.1rem]">{laid ? 'glue line' : 'bare face'}</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(phase.glue[sample] ?? 0)}</dd>
        </div>
        {laid && (
          <div className="border-t border-rule pt-2">
            <dt className="text-quiet text-[1.1rem]">how well stuck</dt>
            <dd className="text-[1.9rem] font-semibold">{Math.round((phase.bond[sample] ?? 0) * 100)} %</dd>
          </div>
        )}
      </dl>
      <p className="text-quiet text-[0.95rem] mt-3">As computed, not measured.</p>
    </div>
  );
}

function BigKey({
  children,
  strong,
  onClick,
  disabled,
  submit,
}: {
  children: React.ReactNode;
  strong?: boolean;
  onClick?: () => void;
  disabled?: boolean;
  submit?: boolean;
}) {
  return (
    <button
      type={submit ? 'submit' : 'button'}
      disabled={disabled}
      onClick={onClick}
      className={`px-7 min-h-[4.4rem] text-[1.35rem] border-2 disabled:opacity-50 ${strong ? 'bg-ink text-paper border-ink font-bold' : 'border-quiet hover:border-ink'}`}
    >
      {children}
    </button>
  );
}

function Over({ run }: { run: Run }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  const bad = run.outcomes.filter((o) => !o.outcomes.includes('stuck')).length;
  return (
    <main className="grow flex flex-col justify-center gap-6 max-w-[46rem]" data-testid="run-over">
      <h1 ref={heading} tabIndex={-1} className="text-[3rem] font-bold outline-none">
        {run.status === 'ended' ? 'Run ended.' : run.pieces > 1 ? `All ${run.pieces} done.` : 'Done.'}
      </h1>
      <p className="text-[1.4rem]">
        {bad === 0 ? 'Everything is stuck.' : `${run.outcomes.length - bad} stuck, ${bad} with something to see to.`} It
        stands in the logbook with the settings used.
      </p>
      <p className="text-[1.2rem] text-quiet">Switch the press off and let it cool with the plate open.</p>
      <div className="flex flex-wrap gap-4">
        <Link to="/logbook" className="px-7 py-5 text-[1.35rem] font-bold bg-ink text-paper">
          See the logbook
        </Link>
        <Link to={`/jobs/${run.jobId}/press`} className="px-7 py-5 text-[1.35rem] border-2 border-quiet">
          Back to the job
        </Link>
      </div>
    </main>
  );
}
