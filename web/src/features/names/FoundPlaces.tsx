import type { Schemas } from '../../api/client';
import { day } from '../../app/dates';
import * as labels from './labels';

const SHOWN = 3;

interface Props {
  places: Schemas['NamePlaceAnswer'][];
  left: ReadonlySet<string>;
  onLeft: (left: ReadonlySet<string>) => void;
}

/** Where names stand, each with what is written there; what is not ticked stays as it is. */
export function FoundPlaces({ places, left, onLeft }: Props) {
  const turn = (place: string) => {
    const now = new Set(left);
    if (!now.delete(place)) now.add(place);
    onLeft(now);
  };
  if (places.length === 0) return null;
  return (
    <ul className="scored border-y border-rule">
      {places.map((p) => {
        const what = p.title || (labels.kinds[p.kind] ?? p.kind);
        return (
          <li key={p.place} className="py-2.5">
            <label className="flex gap-3 items-start">
              <input
                type="checkbox"
                className="checkbox mt-0.5"
                aria-label={labels.takeOutOf(what)}
                checked={!left.has(p.place)}
                onChange={() => turn(p.place)}
              />
              <span className="grow min-w-0">
                <span className="flex flex-wrap items-baseline gap-x-3">
                  <strong className="font-semibold">{what}</strong>
                  <span className="text-quiet text-[0.9rem]">
                    {labels.kinds[p.kind] ?? p.kind}
                    {p.atUtc && ` · ${day(p.atUtc)}`}
                  </span>
                </span>
                <span className="block text-[0.92rem] break-words">
                  {p.texts
                    .slice(0, SHOWN)
                    .map((text) => `“${text}”`)
                    .join(' ')}{' '}
                  {p.texts.length > SHOWN && <span className="text-quiet">{labels.more(p.texts.length - SHOWN)}</span>}
                </span>
                {p.underWay && <span className="block text-[0.9rem] font-semibold">{labels.beingWorkedOn}</span>}
              </span>
              {p.photos.map((id) => (
                <img
                  key={id}
                  src={`/api/log/photos/${id}/small`}
                  alt={labels.photoOf(what)}
                  className="h-12 w-auto rounded-sm"
                />
              ))}
            </label>
          </li>
        );
      })}
    </ul>
  );
}
