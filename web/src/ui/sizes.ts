import * as labels from './labels';

/** Sizes as they stand on a label. */
export const SIZE_NAMES: Record<string, string> = {
  infant: 'infant',
  toddler: 'toddler',
  child: 'child',
  'adult-s': labels.adultS,
  'adult-m': labels.adultM,
  'adult-l': labels.adultL,
  'adult-xl': labels.adultXl,
  'adult-2xl': labels.adult2xl,
  'adult-3xl': labels.adult3xl,
};
