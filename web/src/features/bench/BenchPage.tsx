import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, got, type Run, type TracePhase } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { useAlarm, useAwake, useFresh, useVoice } from '../../ui/senses';
import { RunMoney } from '../money/RunMoney';
import { AskOpened } from './AskOpened';
import { useLetterKeys } from './keys';
import * as labels from './labels';
import { PracticeMark } from './PracticeMark';
import { Preparation } from './Preparation';
import { foreseen } from './unheard';
import { type Heard, type Station, sizeWord, useRun, useSay, whose } from './useRun';
import { Whose } from './Whose';
import { Working } from './Working';

/** Beside the crafter at the press: one action at a time, large, and its time. */
export function BenchPage() {
  const { id = '', station = '1' } = useParams();
  const heard = useRun(id);
  const trace = useQuery({
    queryKey: ['run-trace', id, station],
    queryFn: () =>
      got(api.GET('/api/runs/{id}/trace', { params: { path: { id }, query: { station: Number(station) } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const at = heard.data?.run.stations[Number(station) - 1];
  return (
    <div data-theme="night" className="min-h-screen bg-paper text-ink flex flex-col px-4 sm:px-7 md:px-12 py-5">
      {heard.isPending && <Loading what={labels.theRun} />}
      {heard.isError && !heard.data && <Failed error={heard.error} retry={() => heard.refetch()} />}
      {heard.data && !at && <p className="text-[1.6rem] m-auto">{labels.thisRunHasNoPress(station)}</p>}
      {heard.data && at && (
        <Bench
          heard={heard.data}
          station={at}
          lost={heard.isError || heard.data.kept}
          phases={trace.data?.phases ?? []}
        />
      )}
    </div>
  );
}

interface Props {
  heard: Heard;
  station: Station;
  lost: boolean;
  phases: readonly TracePhase[];
}

function Bench({ heard, station, lost, phases }: Props) {
  const { run, clock } = heard;
  const running = run.status === 'running';
  const now = useNow(running);
  useAwake(running);
  const { say, press, refusal, setRefusal, waiting, lost: unheard } = useSay(run, station.number, station.focus, true);
  // While the service cannot be heard, what was said here leads on as far as it told beforehand.
  const ahead = useMemo(
    () =>
      unheard && station.focus
        ? foreseen(station.focus, waiting, (ms) => clock.at(performance.now()) - (Date.now() - ms))
        : null,
    [unheard, station.focus, waiting, clock],
  );
  const focus = ahead ?? station.focus;
  // It rings when its time is over, also where a press that speaks for itself is still closed.
  const left = focus?.dueUtc ? clock.secondsLeft(focus.dueUtc, now) : 0;
  const holding = focus?.step.kind === 'hold' && !focus.asking && left > 0 ? `${focus.piece}:${focus.move}` : null;
  const { sound, setSound, unlock, chime } = useAlarm(holding);
  const [letters, setLetters] = useLetterKeys();
  const voice = useVoice(focus && !focus.asking ? focus.step.text : '');
  const fresh = useFresh(focus?.piece ?? 0, chime);
  // One word at a time; but a plate that closed while nobody heard can still be said to have opened.
  const isPending = waiting.length > 0 && !(unheard && ahead && ahead.openedAfter === null);
  const onSay = useCallback(
    (command: Parameters<typeof say>[0]) => {
      unlock();
      if (isPending) return;
      if (ahead) say({ ...command, piece: ahead.piece, move: ahead.move });
      else say(command);
    },
    [say, isPending, unlock, ahead],
  );
  if (!running) return <Over run={run} />;
  const piece = focus ? run.pieces[focus.piece - 1] : undefined;
  return (
    <main
      className="grow flex flex-col"
      data-testid="bench"
      data-piece={focus?.piece ?? 0}
      data-step={focus?.step.index ?? -1}
      data-kind={focus?.step.kind ?? 'none'}
      data-stage={focus?.step.stage ?? 'none'}
      data-move={focus?.move ?? -1}
      data-seconds={focus?.step.seconds ?? 0}
      data-fresh={fresh}
      data-unheard={waiting.length}
    >
      <Head
        run={run}
        station={station}
        sound={sound}
        onSound={() => setSound(!sound)}
        voice={voice}
        letters={letters}
        onLetters={() => setLetters(!letters)}
      />
      <p className="sr-only" aria-live="polite">
        {piece && labels.now(whose(piece), piece.size ? `, ${sizeWord(piece.size)}` : '')}
      </p>
      {(lost || unheard) && (
        <p role="alert" className="notice stop mt-3" data-testid="offline">
          <strong>{labels.theServiceCannotBeReached}</strong>{' '}
          {waiting.length > 0 ? labels.whatYouSaidHereIs : labels.theCountdownRunsOnFrom}
        </p>
      )}
      {!station.prepared ? (
        <Preparation run={run.id} station={station} onSay={onSay} />
      ) : !focus || !piece ? (
        <Nothing run={run} station={station} />
      ) : focus.asking ? (
        <>
          <Whose piece={piece} of={run.pieces.length} />
          <AskOpened hand={focus} sinceClosed={clock.secondsSince(focus.enteredUtc, now)} onSay={onSay} />
        </>
      ) : (
        <Working
          key={`${focus.piece}`}
          run={run}
          station={station}
          focus={focus}
          piece={piece}
          clock={clock}
          now={now}
          phases={phases}
          fresh={fresh}
          openedAfter={ahead?.openedAfter ?? null}
          pending={isPending || press.isPending}
          refused={refusal?.code ?? ''}
          onSay={onSay}
          onPress={(ask) => {
            unlock();
            press.mutate(ask);
          }}
          onCalm={() => setRefusal(null)}
        />
      )}
      {refusal && !EXPECTED.has(refusal.code) && (
        <p role="alert" className="notice stop mt-2 text-[1.1rem]">
          {refusal.text}
        </p>
      )}
    </main>
  );
}

/** What is asked back in the place where it happened. */
const EXPECTED = new Set(['not-cool-yet', 'not-hot-enough']);

function useNow(running: boolean): number {
  const [now, setNow] = useState(() => performance.now());
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => setNow(performance.now()), 100);
    // A tab that was hidden is not a tenth of a second late, but as late as it was hidden.
    const seen = () => setNow(performance.now());
    document.addEventListener('visibilitychange', seen);
    return () => {
      window.clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [running]);
  return now;
}

interface HeadProps {
  run: Run;
  station: Station;
  sound: boolean;
  onSound: () => void;
  voice: ReturnType<typeof useVoice>;
  letters: boolean;
  onLetters: () => void;
}

function Head({ run, station, sound, onSound, voice, letters, onLetters }: HeadProps) {
  const units = useUnits();
  const press = station.press;
  return (
    <header className="flex flex-wrap lg:flex-nowrap items-center gap-x-3 gap-y-1 text-[1.2rem] text-quiet whitespace-nowrap">
      {run.practice && <PracticeMark />}
      <strong className="text-ink truncate min-w-0 max-w-full">{run.title || labels.untitled}</strong>
      {run.stations.length > 1 && <span>{station.name}</span>}
      <span className="tabular-nums md:ml-auto pl-3">
        {press.dialMark
          ? labels.about(press.dialMark, units.temperature(press.celsius))
          : `${units.temperature(press.celsius)} · ${units.otherTemperature(press.celsius)}`}{' '}
        · {press.pressure}
      </span>
      <button type="button" className="btn btn-ghost text-[1rem]" aria-pressed={sound} onClick={onSound}>
        {sound ? labels.soundOn : labels.soundOff}
      </button>
      {voice.can && (
        <button type="button" className="btn btn-ghost text-[1rem]" aria-pressed={voice.on} onClick={voice.toggle}>
          {voice.on ? labels.voiceOn : labels.voiceOff}
        </button>
      )}
      <button
        type="button"
        className="btn btn-ghost text-[1rem] max-md:hidden"
        aria-pressed={letters}
        onClick={onLetters}
      >
        {letters ? labels.letterKeysOn : labels.letterKeysOff}
      </button>
      <Link to={`/crew/${run.id}`} className="btn btn-ghost text-[1rem]">
        {labels.allPieces}
      </Link>
      <Link to={`/jobs/${run.jobId}/bench`} className="btn btn-ghost text-[1rem]">
        {labels.exit}
      </Link>
    </header>
  );
}

/** Nothing to press just now, and why. */
function Nothing({ run, station }: { run: Run; station: Station }) {
  const toCut = run.pieces.filter((p) => p.status === 'to-cut');
  const elsewhere = run.pieces.some((p) => p.status === 'in-hand' || p.status === 'asking');
  return (
    <div className="m-auto max-w-[34em]" data-testid="nothing">
      <h1 className="text-[2.6rem] font-bold leading-[1.15]">
        {station.hasLeft ? labels.thisPressHasLeftThe : labels.nothingForThisPressJust}
      </h1>
      <p className="text-[1.4rem] mt-3">
        {toCut.length > 0
          ? labels.forVinylThatIsCut(
              toCut.map((p) => p.name || labels.piece(p.number)).join(', '),
              toCut.length === 1 ? 'waits' : 'wait',
            )
          : elsewhere
            ? labels.theLastPiecesAreAt
            : labels.everythingIsDone}
      </p>
      <Link to={`/crew/${run.id}`} className="inline-block mt-6 px-7 py-5 text-[1.35rem] border-2 border-quiet">
        {labels.allPieces}
      </Link>
    </div>
  );
}

function Over({ run }: { run: Run }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  const wanted = run.pieces.filter((p) => p.status !== 'ruined');
  const good = wanted.filter((p) => p.outcomes.includes('stuck')).length;
  const lost = run.pieces.length - wanted.length;
  const bad = wanted.filter((p) => p.status === 'done').length - good;
  return (
    <main className="grow flex flex-col justify-center gap-6 max-w-[46rem]" data-testid="run-over">
      {run.practice && <PracticeMark />}
      <h1 ref={heading} tabIndex={-1} className="text-[3rem] font-bold outline-none">
        {run.status === 'ended' ? labels.runEnded : wanted.length > 1 ? labels.allDone(wanted.length) : labels.done}
      </h1>
      <p className="text-[1.4rem]">
        {bad === 0 && run.status === 'finished' ? labels.everythingIsStuck : labels.stuckWithSomethingToSee(good, bad)}
        {lost > 0 && labels.lostOnTheWay(lost)}{' '}
        {run.practice ? labels.thisWasPracticeNothingWas : labels.itStandsInTheLogbook}
      </p>
      {!run.practice && <RunMoney runId={run.id} />}
      <p className="text-[1.2rem] text-quiet">{labels.switchThePressOffAnd}</p>
      <div className="flex flex-wrap gap-4">
        {!run.practice && (
          <Link to="/logbook" className="px-7 py-5 text-[1.35rem] font-bold bg-ink text-paper">
            {labels.seeTheLogbook}
          </Link>
        )}
        <Link to={`/jobs/${run.jobId}/press`} className="px-7 py-5 text-[1.35rem] border-2 border-quiet">
          {labels.backToTheJob}
        </Link>
      </div>
    </main>
  );
}
