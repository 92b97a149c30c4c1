import type { JobLabel } from '../api/job';
import * as labels from './labels';

const CHOICES = [
  { id: 'this-press', name: labels.forMyPress, hint: labels.asILookedItUp },
  { id: 'plate-press', name: labels.forAPlatePress, hint: labels.asOnTheVinylS },
] as const;

/** Which press a figure is for. While nobody says, the plan judges by how near it is to what this press needs, and shows how it took it. */
export function FigureFor({
  label,
  taken,
  onPick,
}: {
  label: JobLabel;
  /** How the plan took it; null where there is no figure. */
  taken: string | null;
  onPick: (meant: string | undefined) => void;
}) {
  if (label.celsius === undefined && label.seconds === undefined) return null;
  const shown = label.for ?? taken;
  return (
    <fieldset className="field" data-testid="figure-for">
      <legend className="name">{labels.thisFigureIs}</legend>
      <div className="join flex">
        {CHOICES.map((c) => (
          <button
            key={c.id}
            type="button"
            aria-pressed={shown === c.id}
            className={`btn join-item grow h-10 font-normal ${shown === c.id ? 'btn-primary' : 'btn-outline'}`}
            onClick={() => onPick(label.for === c.id ? undefined : c.id)}
          >
            {c.name}
          </button>
        ))}
      </div>
      <span className="block text-[0.84rem] text-quiet mt-1">
        {CHOICES.find((c) => c.id === shown)?.hint}
        {label.for === undefined && shown ? labels.notGivenJudgedByHow : ''}
      </span>
    </fieldset>
  );
}
