import type { Schemas } from '../../api/client';
import * as labels from './labels';

/** Which side is looked at, where both carry vinyl. */
export function Side({
  faces,
  side,
  onSide,
}: {
  faces: readonly Schemas['Face'][];
  side: Schemas['Face'];
  onSide: (side: Schemas['Face']) => void;
}) {
  return (
    <fieldset className="flex flex-wrap items-center gap-3 mb-3" data-testid="side">
      <legend className="sr-only">{labels.whichSide}</legend>
      <span className="text-[1.25rem]">{labels.onThe}</span>
      {faces.map((f) => (
        <button
          key={f}
          type="button"
          aria-pressed={f === side}
          className={`px-5 min-h-[3.4rem] text-[1.2rem] border-2 ${f === side ? 'bg-ink text-paper border-ink font-bold' : 'border-quiet'}`}
          onClick={() => onSide(f)}
        >
          {f}
        </button>
      ))}
    </fieldset>
  );
}
