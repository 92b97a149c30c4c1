import { describe, expect, test } from 'vitest';
import { merged } from './merge';

const job = (more: object = {}) => ({
  title: 'Tarn tee',
  quantity: 6,
  layers: [
    { id: 'sky', vinyl: 'smooth', widthMm: 200 },
    { id: 'name', vinyl: 'smooth' },
  ],
  ...more,
});

describe('an answer that comes late', () => {
  test('is taken as it is where nothing was changed meanwhile', () => {
    const answer = job({ layers: [] });
    expect(merged(job(), answer, job())).toBe(answer);
  });

  test('changes only what it changed', () => {
    const answer = job({
      layers: [
        { id: 'sky', vinyl: 'smooth', widthMm: 200, shape: 'M0 0' },
        { id: 'name', vinyl: 'smooth' },
        { id: 'crest', vinyl: 'smooth' },
      ],
    });
    const mine = job({ quantity: 9, title: 'Tarn tee, nine' });
    expect(merged(job(), answer, mine)).toEqual({ ...answer, quantity: 9, title: 'Tarn tee, nine' });
  });

  test('leaves what was typed into the same layer, and adds its own', () => {
    const answer = job({
      layers: [
        { id: 'sky', vinyl: 'smooth', widthMm: 210, shape: 'M0 0' },
        { id: 'name', vinyl: 'smooth' },
      ],
    });
    const mine = job({
      layers: [
        { id: 'sky', vinyl: 'glitter', widthMm: 180 },
        { id: 'name', vinyl: 'smooth' },
      ],
    });
    expect(merged(job(), answer, mine).layers[0]).toEqual({
      id: 'sky',
      vinyl: 'glitter',
      widthMm: 180,
      shape: 'M0 0',
    });
  });

  test('brings nothing back that was taken away, and takes nothing away that was added', () => {
    const answer = job({ layers: [{ id: 'sky', vinyl: 'smooth', widthMm: 200, shape: 'M0 0' }] });
    const mine = job({
      layers: [
        { id: 'sky', vinyl: 'smooth', widthMm: 200 },
        { id: 'crest', vinyl: 'flock' },
      ],
    });
    expect(merged(job(), answer, mine).layers.map((l) => l.id)).toEqual(['sky', 'crest']);
    // A member that is taken out is out.
    expect(merged({ a: 1, b: 2 } as object, { a: 1 }, { a: 1, b: 2, c: 3 })).toEqual({ a: 1, c: 3 });
  });
});
