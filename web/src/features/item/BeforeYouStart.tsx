import type { Plan } from '../../api/client';
import * as labels from './labels';

const TAKE_OFF = ['metal-under-heat', 'zip-crossing', 'do-not-press-label', 'unknown-blank', 'not-pressable'];

/** What to look for on the item, and what comes off it, before anything is cut. */
export function BeforeYouStart({ plan }: { plan: Plan | undefined }) {
  if (!plan) return null;
  const steps = plan.steps.filter((s) => s.stage === 'item').map((s) => s.text);
  const loud = plan.notices.filter((n) => TAKE_OFF.includes(n.code)).map((n) => n.text);
  return (
    <section aria-label={labels.beforeYouStart} className="grid md:grid-cols-[11rem_minmax(0,1fr)] gap-x-6 gap-y-3">
      <h2>{labels.beforeYouStart}</h2>
      <ul className="grid gap-1.5">
        {loud.map((text) => (
          <li key={text} className="font-semibold">
            {text}
          </li>
        ))}
        {steps.map((text) => (
          <li key={text}>{text}</li>
        ))}
        <li>{labels.lookForGlueLooseThreads}</li>
      </ul>
    </section>
  );
}
