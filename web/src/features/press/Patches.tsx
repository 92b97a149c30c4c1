import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got, type Schemas } from '../../api/client';
import { changed, type Job, type PatchResult } from '../../api/job';
import { day } from '../../app/dates';
import { span, time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import * as labels from './labels';

/** What may come of a patch, and how it is told. */
export const CAME: readonly { id: PatchResult['outcome']; word: string; what: string }[] = [
  { id: 'holds', word: labels.itHolds, what: labels.whatHolds },
  { id: 'lifts-a-little', word: labels.itLiftsALittle, what: labels.whatLiftsALittle },
  { id: 'lifts', word: labels.itLifts, what: labels.whatLifts },
  { id: 'marked', word: labels.itIsMarked, what: labels.whatIsMarked },
];

type Advice = Schemas['PatchAdvice'];

/** What patches have told about a job, and which comes next. */
export function usePatchAdvice(job: Job) {
  const units = useUnits();
  return useQuery({
    queryKey: ['patches', job, units.system],
    queryFn: () => got(api.POST('/api/plans/patches', { params: { query: { units: units.system } }, body: job })),
    placeholderData: keepPreviousData,
  });
}

/** A patch that was judged, as the job keeps it: with what it was pressed with and on, so that later jobs can use it. */
export const resultOf = (
  says: Advice,
  patch: Schemas['PatchToPress'],
  outcome: PatchResult['outcome'],
): PatchResult => ({
  celsius: patch.celsius,
  seconds: patch.seconds,
  outcome,
  ...(patch.pressure ? { pressure: patch.pressure } : {}),
  at: new Date().toISOString(),
  on: says.on,
});

interface Props {
  /** The job's id. */
  id: string;
  job: Job;
  onEdit: (change: (job: Job) => Job) => void;
}

/** The fewest test patches that make sure of a setting; what comes of each moves the plan at once. */
export function Patches({ id, job, onEdit }: Props) {
  const units = useUnits();
  const patches = job.patches ?? [];
  const says = usePatchAdvice(job).data;
  if (!says || (says.sure && patches.length === 0 && says.counted.length === 0)) return null;
  const earlier = says.counted.filter(
    (c) => c.at && !patches.some((p) => p.at && +new Date(p.at) === +new Date(c.at ?? 0)),
  );
  const keep = (results: PatchResult[]) =>
    onEdit((j) => changed(j, { patches: results.length > 0 ? results : undefined }));
  return (
    <section aria-label={labels.testPatches} data-testid="patches" data-sure={says.sure}>
      <h2>
        {labels.testPatches2}
        <span className="font-normal text-quiet text-[0.87rem]">{says.text}</span>
      </h2>
      {patches.length + earlier.length > 0 && (
        <ol className="mt-2 border-t border-rule">
          {earlier.map((p) => (
            <li key={p.at} className="flex items-baseline gap-5 border-b border-rule py-1.5 tabular-nums">
              <span className="w-[5rem]">{units.temperature(p.celsius)}</span>
              <span className="w-[4rem]">{time(p.seconds)}</span>
              <strong className="font-semibold">{CAME.find((c) => c.id === p.outcome)?.word}</strong>
              <Link className="link-quiet text-[0.9rem] ml-auto" to="/logbook/taught">
                {labels.fromAnEarlierJob(day(p.at ?? ''))}
              </Link>
            </li>
          ))}
          {patches.map((p, i) => (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: the same patch may have been pressed twice
              key={i}
              className="flex items-baseline gap-5 border-b border-rule py-1.5 tabular-nums"
            >
              <span className="w-[5rem]">{units.temperature(p.celsius)}</span>
              <span className="w-[4rem]">{time(p.seconds)}</span>
              <strong className="font-semibold">{CAME.find((c) => c.id === p.outcome)?.word}</strong>
              <button
                type="button"
                className="btn btn-sm btn-ghost ml-auto"
                onClick={() => keep(patches.filter((_, k) => k !== i))}
              >
                {labels.takeBack}
              </button>
            </li>
          ))}
        </ol>
      )}
      {says.next && (
        <Next
          id={id}
          next={says.next}
          onCame={(outcome) => says.next && keep([...patches, resultOf(says, says.next, outcome)])}
        />
      )}
      {says.helpText && <p className="text-[0.9rem] text-quiet mt-2 max-w-[60em]">{says.helpText}</p>}
      {says.other && <p className="text-[0.9rem] mt-2 max-w-[60em]">{says.other.text}</p>}
      {patches.length > 0 && <Told says={says} />}
    </section>
  );
}

function Next({
  id,
  next,
  onCame,
}: {
  id: string;
  next: Schemas['PatchToPress'];
  onCame: (outcome: PatchResult['outcome']) => void;
}) {
  const units = useUnits();
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-8 gap-y-3">
      <p className="numeral text-[1.9rem] font-bold leading-none tabular-nums">
        {next.dialMark ?? units.temperature(next.celsius)}
        <span className="text-quiet font-normal"> · </span>
        {time(next.seconds)}
      </p>
      <p className="max-w-[38em] grow basis-[20rem]">{next.text}</p>
      <Link className="btn btn-primary" to={`/jobs/${id}/patch`}>
        {labels.guideMe}
      </Link>
      <span className="flex gap-2 flex-wrap">
        {CAME.map((c) => (
          <button key={c.id} type="button" title={c.what} className="btn btn-outline" onClick={() => onCame(c.id)}>
            {c.word}
          </button>
        ))}
      </span>
    </div>
  );
}

/** What is to be expected now, beside what was before. */
function Told({ says }: { says: Schemas['PatchAdvice'] }) {
  const { before, needs } = says;
  return (
    <p className="text-[0.9rem] text-quiet mt-2 max-w-[60em]">
      {labels.atThisSettingItMost(span(needs.low, needs.high), span(before.low, before.high))}
    </p>
  );
}
