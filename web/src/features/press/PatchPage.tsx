import { type ReactNode, useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Plan, Schemas } from '../../api/client';
import { changed, type PatchResult } from '../../api/job';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Degrees } from '../../ui/Degrees';
import { bondingPress } from '../../ui/purposes';
import { useAwake } from '../../ui/senses';
import { BigKey } from '../bench/BigKey';
import { useJob } from '../jobs/JobPage';
import * as labels from './labels';
import { NeedBars } from './NeedBars';
import { PatchClock, underPlate } from './PatchClock';
import { CAME, resultOf, usePatchAdvice } from './Patches';

/** How long the plan presses; null where it goes on from the back, so that the front's time is not to be compared. */
const frontAlone = (presses: Plan['presses']) =>
  presses.some((p) => p.purpose === 'back') ? null : (bondingPress(presses)?.seconds ?? null);

type ToPress = Schemas['PatchToPress'];
type At = 'set' | 'lay' | 'press' | 'pull' | 'told';

/** A test patch, one action at a time, as large as the bench: it is pressed before the first piece, on a scrap or a hem. */
export function PatchPage() {
  const { id, draft, plan } = useJob();
  const navigate = useNavigate();
  const says = usePatchAdvice(draft.job).data;
  const patches = draft.job.patches ?? [];
  const name = `${id}.${patches.length}`;
  const [at, setAt] = useState<At>(() => (underPlate(name) ? 'press' : 'set'));
  const [patch, setPatch] = useState<ToPress | null>(null);
  const box = useRef<HTMLDialogElement>(null);
  useAwake(true);
  useEffect(() => {
    const dialog = box.current;
    dialog?.showModal();
    return () => dialog?.close();
  }, []);
  const back = () => navigate(`/jobs/${id}/bench`);
  const now = patch ?? says?.next ?? null;
  const came = (outcome: PatchResult['outcome']) => {
    if (!says || !now) return;
    draft.edit((j) => changed(j, { patches: [...(j.patches ?? []), resultOf(says, now, outcome)] }));
    setPatch(null);
    setAt('told');
  };
  const again = (next: ToPress | null) => {
    setPatch(next);
    setAt('set');
  };
  const told = at === 'told' || (says && !now);
  return (
    <dialog
      ref={box}
      aria-label={labels.patchBench}
      data-theme="night"
      data-testid="patch-bench"
      data-at={told ? 'told' : at}
      className="m-0 w-screen h-screen max-w-none max-h-none bg-paper text-ink px-4 sm:px-7 md:px-12 py-5 overflow-y-auto"
      onCancel={(e) => {
        e.preventDefault();
        back();
      }}
    >
      <div className="flex items-baseline gap-6">
        <p className="text-quiet text-[1.1rem]">
          {labels.patchOf(patches.length + (told ? 0 : 1) || 1)} · {draft.job.title}
        </p>
        <Link className="link-quiet ml-auto" to={`/jobs/${id}/bench`}>
          {labels.backToTheJob}
        </Link>
      </div>
      {told && says ? (
        <Told
          says={says}
          plan={frontAlone(plan.data?.presses ?? [])}
          onAgain={again}
          onEnough={back}
          any={patches.length > 0}
        />
      ) : (
        now && <Doing at={at} patch={now} onNext={setAt} onCame={came} name={name} />
      )}
    </dialog>
  );
}

function Doing({
  at,
  patch,
  name,
  onNext,
  onCame,
}: {
  at: At;
  patch: ToPress;
  name: string;
  onNext: (at: At) => void;
  onCame: (outcome: PatchResult['outcome']) => void;
}) {
  const units = useUnits();
  if (at === 'press')
    return (
      <Step verb={labels.closeIt} text={time(patch.seconds)}>
        <PatchClock name={name} seconds={patch.seconds} onOpen={() => onNext('pull')} />
      </Step>
    );
  if (at === 'pull')
    return (
      <Step verb={labels.pullAtIt} text={labels.howDidItCome}>
        <div className="grid sm:grid-cols-2 gap-4 max-w-[60rem]">
          {CAME.map((c) => (
            <button
              key={c.id}
              type="button"
              className="text-left border-2 border-quiet hover:border-ink px-6 py-5"
              onClick={() => onCame(c.id)}
            >
              <strong className="block text-[1.5rem]">{c.word}</strong>
              <span className="text-quiet">{c.what}</span>
            </button>
          ))}
        </div>
      </Step>
    );
  return at === 'lay' ? (
    <Step verb={labels.cutAScrap} text={patch.text}>
      <BigKey strong onClick={() => onNext('press')}>
        {labels.itLies}
      </BigKey>
    </Step>
  ) : (
    <Step verb={labels.setThePress} text="">
      <p className="numeral text-[6rem] md:text-[10rem] leading-[0.9] font-bold mb-8">
        <Degrees text={patch.dialMark ?? units.temperature(patch.celsius)} />
      </p>
      <BigKey strong onClick={() => onNext('lay')}>
        {labels.itIsHot}
      </BigKey>
    </Step>
  );
}

function Step({ verb, text, children }: { verb: string; text: string; children: ReactNode }) {
  const head = useRef<HTMLHeadingElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each step is read out as it comes
  useEffect(() => head.current?.focus(), [verb]);
  return (
    <section className="mt-[8vh]" aria-label={verb}>
      <h1 ref={head} tabIndex={-1} className="text-[2.6rem] md:text-[3.6rem] font-bold leading-tight outline-none">
        {verb}
      </h1>
      <p className="text-[1.35rem] max-w-[44em] mt-3 mb-8">{text}</p>
      {children}
    </section>
  );
}

function Told({
  says,
  plan,
  any,
  onAgain,
  onEnough,
}: {
  says: Schemas['PatchAdvice'];
  plan: number | null;
  any: boolean;
  onAgain: (patch: ToPress | null) => void;
  onEnough: () => void;
}) {
  const other = says.other;
  return (
    <Step verb={any ? says.text : labels.noneNeeded} text={any ? '' : says.text}>
      <NeedBars before={says.before} now={says.needs} plan={plan} any={any} />
      {other && <p className="text-[1.15rem] max-w-[44em] mb-6">{other.text}</p>}
      <div className="flex flex-wrap gap-4">
        <BigKey strong onClick={onEnough}>
          {labels.thatIsEnough}
        </BigKey>
        {says.next && <BigKey onClick={() => onAgain(null)}>{labels.oneMore}</BigKey>}
        {other?.try && <BigKey onClick={() => onAgain(other.try)}>{labels.tryLeaning(other.pressure)}</BigKey>}
      </div>
    </Step>
  );
}
