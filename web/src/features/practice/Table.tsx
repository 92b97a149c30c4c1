import * as labels from './labels';
import type { Case, Move, Seen } from './usePractice';

const PLACES = [
  ['cutting', labels.cuttingPlace],
  ['press', labels.pressPlace],
  ['after', labels.afterPlace],
] as const;

/** What lies on the table, as it stands; a hand can put it another way. */
export function Table({ met, seen, onMove }: { met: Case; seen: Seen; onMove: (move: Move) => void }) {
  if (met.props.length === 0) return null;
  return (
    <section aria-label={labels.onTheTable} className="grid gap-4">
      {PLACES.map(([place, name]) => {
        const here = met.props.filter((p) => p.place === place);
        return here.length === 0 ? null : (
          <div key={place}>
            <h3 className="text-quiet text-[0.95rem] mb-1">{name}</h3>
            <ul className="scored border-y border-rule">
              {here.map((prop) => {
                const now = prop.states.find((s) => s.id === seen.props[prop.id]);
                const other = prop.states.find((s) => s.id !== seen.props[prop.id]);
                return (
                  <li key={prop.id} className="flex flex-wrap items-baseline gap-x-4 py-2">
                    <span className="grow">
                      <strong className="font-semibold">{prop.name}:</strong> {now?.name}
                    </span>
                    {other && (
                      <button
                        type="button"
                        className="link-quiet"
                        disabled={seen.over}
                        aria-label={labels.change(prop.name, other.name)}
                        onClick={() => onMove({ kind: 'touch', prop: prop.id, state: other.id })}
                      >
                        {other.name}
                      </button>
                    )}
                  </li>
                );
              })}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
