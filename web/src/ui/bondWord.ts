import type { Schemas } from '../api/client';
import * as labels from './labels';

const WORDS: Record<Schemas['BondGrade'], string> = {
  'not-yet': labels.notYet,
  tacked: labels.tacked,
  holds: labels.holds,
  'holds-well': labels.holdsWell,
};

/** A bond in a word; nothing where a plan kept from before does not tell. */
export const bondWord = (grade: Schemas['BondGrade'] | undefined) => (grade ? WORDS[grade] : '');
