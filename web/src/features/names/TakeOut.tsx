import { useState } from 'react';
import type { Schemas } from '../../api/client';
import * as labels from './labels';

interface Props {
  places: Schemas['NamePlaceAnswer'][];
  backups: number;
  onTakeOut: (backups: boolean) => void;
  onNotNow: () => void;
}

/** Asks once more: what is taken out is gone. */
export function TakeOut({ places, backups, onTakeOut, onNotNow }: Props) {
  const [also, setAlso] = useState(true);
  return (
    <fieldset aria-label={labels.forGood} className="notice mt-5">
      <p>
        <strong>{labels.forGood}.</strong>{' '}
        {labels.whatHappens(
          places.length,
          places.reduce((sum, p) => sum + p.photos.length, 0),
        )}
      </p>
      {backups > 0 && (
        <label className="flex items-center gap-3 mt-3">
          <input type="checkbox" className="checkbox" checked={also} onChange={(e) => setAlso(e.target.checked)} />
          {labels.fromBackups(backups)}
        </label>
      )}
      <p className="flex flex-wrap gap-3 mt-4">
        <button type="button" className="btn btn-primary" onClick={() => onTakeOut(also && backups > 0)}>
          {labels.takeThemOut}
        </button>
        <button type="button" className="btn btn-outline" onClick={onNotNow}>
          {labels.notNow}
        </button>
      </p>
    </fieldset>
  );
}
