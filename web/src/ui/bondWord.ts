import * as labels from './labels';

const TACKED = 0.15;
const HOLDS = 0.6;
const WELL = 1;

/** A bond in a word: the figure beside it is for those who ask. */
export function bondWord(share: number): string {
  if (share < TACKED) return labels.notYet;
  if (share < HOLDS) return labels.tacked;
  return share < WELL ? labels.holds : labels.holdsWell;
}
