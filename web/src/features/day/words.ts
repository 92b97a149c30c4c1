import type { Units } from '../../app/unitMath';
import * as labels from './labels';
import { ranges } from './times';
import type { Day, Stretch } from './useDay';

const verbs = {
  cutting: labels.cutting,
  weeding: labels.weeding,
  preparing: labels.preparing,
  pressing: labels.pressing,
  packing: labels.packing,
};

/** What goes on in a stretch, in a line. */
export function saying(stretch: Stretch, day: Day, units: Units, atPress?: string): string {
  const title = day.jobs[stretch.job]?.title ?? '';
  const press = day.presses.find((p) => p.id === stretch.press)?.name;
  if (!stretch.activity) return labels.heats(press ?? '', units.temperature(stretch.celsius ?? 0));
  const what = verbs[stretch.activity](title);
  const where = press && press !== atPress ? labels.atPress(what, press) : what;
  if (stretch.pieces.length === 0) return where;
  const numbers = ranges(stretch.pieces);
  return labels.piecesOf(where, stretch.pieces.length === 1 ? labels.piece(numbers) : labels.pieces(numbers));
}

/** What a row is called. */
export function rowName(row: { id: string; name: string }, only: boolean): string {
  return row.name || (only ? labels.you : labels.handsNumber(Number(row.id) + 1));
}
