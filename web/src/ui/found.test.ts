import { describe, expect, it } from 'vitest';
import { found } from './found';

const options = [
  { id: 'cotton/tee', name: 'cotton tee', usual: true },
  { id: 'polyester/tee', name: 'polyester tee' },
  { id: 'canvas/tote', name: 'canvas tote', usual: true },
  { id: 'wool-felt/pennant', name: 'wool felt pennant' },
  { id: 'poly-felt/pennant', name: 'polyester felt pennant', usual: true },
  { id: 'pique/shirt', name: 'piqué shirt' },
];
const ids = (typed: string | null, chosen = '') => found(options, typed, chosen).shown.map((o) => o.id);

describe('a list that is searched', () => {
  it('begins with what is usual, and with what is chosen', () => {
    expect(ids(null)).toEqual(['cotton/tee', 'canvas/tote', 'poly-felt/pennant']);
    expect(ids(null, 'polyester/tee')).toContain('polyester/tee');
    expect(found(options, null, '').more).toBe(3);
  });

  it.each([
    ['tee', ['cotton/tee', 'polyester/tee']],
    ['felt pol', ['poly-felt/pennant']],
    ['pique', ['pique/shirt']],
    ['ant', ['poly-felt/pennant', 'wool-felt/pennant']],
    ['to', ['canvas/tote', 'cotton/tee']],
    ['slate', []],
  ])('finds %s', (typed, expected) => expect(ids(typed)).toEqual(expected));

  it('shows all where nothing is called usual', () => {
    const plain = options.map(({ id, name }) => ({ id, name }));
    expect(found(plain, null, '').shown).toHaveLength(plain.length);
  });
});
