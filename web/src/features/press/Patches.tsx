import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { changed, type Job, type PatchResult } from '../../api/job';
import { span, time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Clock } from '../../ui/Clock';
import * as labels from './labels';

const CAME: readonly { id: PatchResult['outcome']; word: string }[] = [
  { id: 'holds', word: labels.itHolds },
  { id: 'lifts', word: labels.itLifts },
  { id: 'marked', word: labels.itIsMarked },
];

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
  const advice = useQuery({
    queryKey: ['patches', job, units.system],
    queryFn: () => got(api.POST('/api/plans/patches', { params: { query: { units: units.system } }, body: job })),
    placeholderData: keepPreviousData,
  });
  const says = advice.data;
  if (!says || (says.sure && patches.length === 0)) return null;
  const keep = (results: PatchResult[]) =>
    onEdit((j) => changed(j, { patches: results.length > 0 ? results : undefined }));
  return (
    <section aria-label={labels.testPatches} data-testid="patches" data-sure={says.sure}>
      <h2>
        {labels.testPatches2}
        <span className="font-normal text-quiet text-[0.87rem]">{says.text}</span>
      </h2>
      {patches.length > 0 && (
        <ol className="mt-2 border-t border-rule">
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
          count={patches.length}
          onCame={(outcome) => keep([...patches, resultOf(says.next, outcome)])}
        />
      )}
      {patches.length > 0 && <Told says={says} />}
    </section>
  );
}

const resultOf = (next: Schemas['PatchToPress'] | null, outcome: PatchResult['outcome']): PatchResult => ({
  celsius: next?.celsius ?? 0,
  seconds: next?.seconds ?? 0,
  outcome,
});

function Next({
  id,
  next,
  count,
  onCame,
}: {
  id: string;
  next: Schemas['PatchToPress'];
  count: number;
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
      <Clock name={`patch.${id}.${count}`} seconds={next.seconds} start="Start the clock" over="Open it now" />
      <p className="max-w-[38em] grow basis-[20rem]">{next.text}</p>
      <span className="flex gap-2">
        {CAME.map((c) => (
          <button key={c.id} type="button" className="btn btn-outline" onClick={() => onCame(c.id)}>
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
