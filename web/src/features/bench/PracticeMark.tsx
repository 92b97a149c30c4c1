import * as labels from './labels';

/** Nothing that is done here is written down, learned from or used up. */
export function PracticeMark() {
  return (
    <span
      className="inline-block w-fit border-2 border-dashed border-current px-3 py-0.5 text-[1rem] font-bold text-ink"
      data-testid="practice"
    >
      {labels.practiceNothingIsLogged}
    </span>
  );
}
