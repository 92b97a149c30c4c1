import type { Plan } from '../../api/client';
import type { Answered } from '../../api/queries';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { bondingPresses } from '../../ui/purposes';
import { VerdictMark } from '../../ui/VerdictMark';
import * as labels from './labels';

/** Where the ticket has no room beside the station, the answer stays in one line above it; the whole plan comes below. */
export function AnswerLine({ plan, onBench }: { plan: Answered<Plan>; onBench: () => void }) {
  const units = useUnits();
  const data = plan.data;
  const [press, ...others] = bondingPresses(data?.presses);
  if (!data || !press) return null;
  const set = `${press.dialMark ?? units.temperature(press.celsius)} · ${time(press.seconds)}`;
  return (
    <div
      className={`lg:hidden print:hidden sticky top-0 z-20 bg-sheet border-b border-rule px-4 sm:px-6 h-13 flex items-center gap-4 ${plan.pale ? 'pale' : ''}`}
      data-testid="answer-line"
    >
      <a href="#ticket" className="flex items-center gap-3 min-w-0 grow no-underline">
        <VerdictMark verdict={data.verdict} />
        <span className="numeral font-bold text-[1.35rem] tabular-nums whitespace-nowrap truncate">
          {data.verdict === 'stop' ? labels.notLikeThis : set}
          {data.verdict !== 'stop' && others.length > 0 && labels.thenNext(time(others[0]?.seconds ?? 0))}
        </span>
        <span className="max-sm:hidden text-quiet text-[0.95rem] whitespace-nowrap">{labels.wholePlanBelow}</span>
      </a>
      {data.verdict !== 'stop' && (
        <button type="button" className="btn btn-sm btn-primary" onClick={onBench}>
          {labels.toTheBench}
        </button>
      )}
    </div>
  );
}
