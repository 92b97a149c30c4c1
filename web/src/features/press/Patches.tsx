import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { changed, type Job, type PatchResult } from '../../api/job';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';

const CAME: readonly { id: PatchResult['outcome']; word: string }[] = [
  { id: 'holds', word: 'It holds' },
  { id: 'lifts', word: 'It lifts' },
  { id: 'marked', word: 'It is marked' },
];

interface Props {
  job: Job;
  onEdit: (change: (job: Job) => Job) => void;
}

/** The fewest test patches that make sure of a setting; what comes of each moves the plan at once. */
export function Patches({ job, onEdit }: Props) {
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
    <section aria-label="Test patches" data-testid="patches" data-sure={says.sure}>
      <h2>
        Test patches <span className="font-normal text-quiet text-[0.87rem]">{says.text}</span>
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
                Take back
              </button>
            </li>
          ))}
        </ol>
      )}
      {says.next && <Next next={says.next} onCame={(outcome) => keep([...patches, resultOf(says.next, outcome)])} />}
      {patches.length > 0 && !says.contradiction && <Told says={says} />}
    </section>
  );
}

const resultOf = (next: Schemas['PatchToPress'] | null, outcome: PatchResult['outcome']): PatchResult => ({
  celsius: next?.celsius ?? 0,
  seconds: next?.seconds ?? 0,
  outcome,
});

function Next({ next, onCame }: { next: Schemas['PatchToPress']; onCame: (outcome: PatchResult['outcome']) => void }) {
  const units = useUnits();
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-8 gap-y-3">
      <p className="numeral text-[1.9rem] font-bold leading-none tabular-nums">
        {next.dialMark ?? units.temperature(next.celsius)}
        <span className="text-quiet font-normal"> · </span>
        {time(next.seconds)}
      </p>
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

/** What is left possible, in the crafter's words. */
function Told({ says }: { says: Schemas['PatchAdvice'] }) {
  const units = useUnits();
  const [cool, hot] = says.offsetK;
  const [little, much] = says.demand;
  const degrees = (k: number) => `${k > 0 ? '+' : ''}${units.difference(k)}`;
  return (
    <p className="text-[0.9rem] text-quiet mt-2 max-w-[60em]">
      The plan follows them: the plate may still stand {degrees(cool ?? 0)} to {degrees(hot ?? 0)} off its dial, and
      this face may want {little} to {much} times the usual bond. {Math.round(says.leftShare * 100)} % of what was
      possible is left.
    </p>
  );
}
