/** Sizes as they stand on a label. */
export const SIZE_NAMES: Record<string, string> = {
  infant: 'infant',
  toddler: 'toddler',
  child: 'child',
  'adult-s': 'adult S',
  'adult-m': 'adult M',
  'adult-l': 'adult L',
  'adult-xl': 'adult XL',
  'adult-2xl': 'adult 2XL',
  'adult-3xl': 'adult 3XL',
};
