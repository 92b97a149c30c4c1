import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../../api/client';
import type { Units } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { type Lesson, logChanged } from './queries';

const SPAN = 240;

/** Something learned: what, how sure, why, and the switch that takes it out of the plans. */
export function LessonLine({ lesson, onTurned }: { lesson: Lesson; onTurned?: () => Promise<unknown> }) {
  const units = useUnits();
  const queries = useQueryClient();
  const turn = useMutation({
    mutationFn: (on: boolean) => got(api.PUT('/api/learned/switch', { body: { key: lesson.key, on } })),
    onSuccess: async () => {
      await onTurned?.();
      await logChanged(queries);
    },
  });
  return (
    <section
      aria-label={lesson.about}
      className="grid gap-x-8 gap-y-2 md:grid-cols-[minmax(0,1fr)_17rem_10rem] items-start py-5"
    >
      <div className="max-w-[62ch]">
        <h3 className="font-semibold text-[1.05rem]">{lesson.about}</h3>
        <p className="mt-0.5">{lesson.text}</p>
        <p className="mt-1 text-[0.9rem] text-quiet">{lesson.why}</p>
      </div>
      <div>
        <p className="numeral text-[1.7rem] font-bold leading-tight tabular-nums">
          {shown(lesson, lesson.value, units)}
        </p>
        <Belief lesson={lesson} />
        <p className="text-[0.87rem] text-quiet tabular-nums">
          {labels.nineTimesInTenTo(shown(lesson, lesson.low, units), shown(lesson, lesson.high, units))}
        </p>
      </div>
      <div>
        {lesson.counts ? (
          <label className="flex items-center gap-2.5 cursor-pointer font-medium">
            <input
              type="checkbox"
              className="toggle toggle-sm"
              aria-label={labels.plansUseIt(lesson.about)}
              checked={lesson.on}
              onChange={(e) => turn.mutate(e.target.checked)}
            />
            {labels.plansUseIt2}
          </label>
        ) : (
          <p className="text-quiet">{labels.tooLittleYetToChange}</p>
        )}
        {lesson.counts && (
          <p className="text-[0.87rem] text-quiet mt-1 tabular-nums">
            {lesson.on ? labels.cautiously(shown(lesson, lesson.applied, units)) : labels.switchedOffAsTheCatalogue}
          </p>
        )}
        {turn.isError && <Failed error={turn.error} />}
      </div>
    </section>
  );
}

export function shown(lesson: Lesson, value: number, units: Units): string {
  if (lesson.kind === 'demand') return `× ${value.toFixed(2)}`;
  return `${value > 0 ? '+' : value < 0 ? '−' : ''}${units.difference(Math.abs(value))}`;
}

/** What was open before as a pale band, what is believed now as a dark one, the catalogue's figure as a stroke. */
function Belief({ lesson }: { lesson: Lesson }) {
  const plate = lesson.kind === 'plate';
  const at = (v: number) => (plate ? v : Math.log(v));
  const prior = plate ? lesson.prior : Math.log(lesson.prior);
  const reach = Math.max(prior, Math.abs(at(lesson.low)), Math.abs(at(lesson.high))) * 1.1 || 1;
  const x = (v: number) => SPAN / 2 + (v / reach) * (SPAN / 2);
  return (
    <svg viewBox={`0 0 ${SPAN} 26`} className="w-full max-w-60 h-auto my-1" aria-hidden="true">
      <rect x={x(-prior)} y="7" width={x(prior) - x(-prior)} height="12" fill="var(--color-base-300)" />
      <rect
        x={x(at(lesson.low))}
        y="10"
        width={Math.max(2, x(at(lesson.high)) - x(at(lesson.low)))}
        height="6"
        fill="var(--color-base-content)"
      />
      <path d={`M${SPAN / 2} 2V24`} stroke="var(--color-base-content)" strokeDasharray="2 2" />
      <circle
        cx={x(at(lesson.value))}
        cy="13"
        r="5"
        fill="var(--color-base-100)"
        stroke="var(--color-base-content)"
        strokeWidth="2"
      />
    </svg>
  );
}
