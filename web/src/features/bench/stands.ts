import * as labels from './labels';
import type { Piece } from './useRun';

/** What each state of a piece is called. */
export const STANDS: Record<Piece['status'], string> = {
  waiting: labels.inLine,
  'in-hand': labels.atThePress,
  asking: labels.asksWhenItsPlateWas,
  'to-cut': labels.waitsForItsVinyl,
  done: 'done',
  ruined: 'lost',
  left: labels.notMade,
};
