import { Link } from 'react-router';
import { useUnits } from '../../app/units';
import { nameOf } from './Controls';
import { GlueLines } from './GlueLines';
import * as labels from './labels';
import type { Case, Judged, Move } from './usePractice';
import { WaysTried } from './WaysTried';

/** How it came out, what was done wrong, and what careful work would have done. */
export function Result({ met, judged, moves }: { met: Case; judged: Judged; moves: Move[] }) {
  const { own, careful } = judged;
  const counts = [
    own.unsafe && labels.unsafe,
    own.clothLost && labels.clothLost,
    own.lifts > 0 && labels.lifts,
    own.vinylLost && labels.vinylLost,
    own.looksWrong && labels.looksWrong,
  ].filter((line): line is string => Boolean(line));
  return (
    <section aria-label={labels.whatHappened} className="grid gap-6 border-t-2 border-ink pt-5">
      <div role="status">
        <h2 className="text-[1.7rem]! font-bold leading-tight">{own.good ? labels.good : labels.bad}</h2>
        <p className="mt-1">
          {counts.join(' ')} {labels.took(own.minutes)}
        </p>
      </div>
      {(own.mistakes.length > 0 || own.spoiled.length > 0) && (
        <ul className="grid gap-2 max-w-[70ch]">
          {own.mistakes.map((m) => (
            <li key={m.number} className="notice caution">
              {m.happened} {m.does === 'luck' && own.good && <span className="text-quiet">{labels.luck}</span>}
            </li>
          ))}
          {own.spoiled.map((s) => (
            <li key={s} className="notice caution">
              {s}
            </li>
          ))}
        </ul>
      )}
      {judged.alike > 0 && (
        <p className="max-w-[70ch] font-semibold">{labels.ofAlike(judged.goodOfAlike, judged.alike)}</p>
      )}
      <GlueLines own={judged.ownTrace} careful={judged.carefulTrace} />
      <div className="max-w-[70ch]">
        <h3 className="font-semibold">{labels.careful}</h3>
        <p>{careful.good ? labels.carefulGood(careful.minutes) : labels.carefulBad}</p>
        <details className="mt-2">
          <summary className="cursor-pointer">{labels.itsSteps}</summary>
          <ol className="list-decimal pl-6 mt-2 grid gap-0.5">
            {judged.carefulMoves.map((move, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: steps stand in their order
              <Step key={i} met={met} move={move} />
            ))}
          </ol>
        </details>
      </div>
      <WaysTried id={met.id} moves={moves} />
      <Link className="btn btn-primary justify-self-start" to="/practice">
        {labels.next}
      </Link>
    </section>
  );
}

function Step({ met, move }: { met: Case; move: Move }) {
  const units = useUnits();
  const say = labels.steps[move.kind];
  if (!say) return null;
  const prop = met.props.find((p) => p.id === move.prop);
  const state = prop?.states.find((s) => s.id === move.state);
  const mark = met.press.marks.find((m) => m.celsius === move.celsius);
  const about: Record<string, string> = {
    dial: mark?.mark ?? units.temperature(move.celsius ?? 0),
    pressure: (labels.pressures[move.pressure ?? ''] ?? '').toLowerCase(),
    lay: (move.layers ?? []).map((l) => nameOf(met, l)).join(', '),
    touch: `${prop?.name}: ${state?.name}`,
    cover: nameIn(met.covers, move.supply),
    underlay: nameIn(met.underlays, move.supply),
    vinyl: nameIn(met.shelf, move.supply),
  };
  const said = say(about[move.kind] ?? Math.round(move.seconds ?? 0));
  return <li>{move.part && met.seen.parts.length > 1 ? labels.onPart(said, move.part) : said}</li>;
}

function nameIn(all: readonly { id: string; name: string }[], id: string | undefined): string {
  return (all.find((s) => s.id === id)?.name ?? '').toLowerCase();
}
