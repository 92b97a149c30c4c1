import { describe, expect, test } from 'vitest';
import { newJob } from '../../api/job';
import { scaled, shifted } from '../place/moves';
import { type ArtworkLook, layerChanged, layerLifted, piecePaths, pieceTapped, spoken, weedingInWords } from './desk';
import { reach, regionFrom } from './parts';

const two = () => {
  const job = newJob('smooth', 'tee', 'cotton', 'swing-platen');
  const drawn = { shape: 'M0 0H1V1Z', widthMm: 10.123, heightMm: 5.061 };
  return {
    ...job,
    layers: [
      { ...drawn, vinyl: 'smooth', xMm: 10.111, yMm: 20.222 },
      { ...drawn, id: 'gold', vinyl: 'glow', xMm: 13.333, yMm: 21.717 },
    ],
  } as typeof job;
};

describe('layers', () => {
  test('are lifted past each other and keep their names', () => {
    const up = layerLifted(two(), 0, 1);
    expect(up.layers.map((l) => l.id)).toEqual(['gold', 'vinyl']);
    expect(layerLifted(up, 1, -1).layers.map((l) => l.id)).toEqual(['vinyl', 'gold']);
    const job = two();
    expect(layerLifted(job, 1, 1)).toBe(job);
    expect(layerLifted(job, 0, -1)).toBe(job);
  });

  test('are changed one at a time, and undefined takes a member away', () => {
    const hidden = layerChanged(two(), 1, { hidden: true });
    expect(hidden.layers[1]?.hidden).toBe(true);
    expect(hidden.layers[0]).toEqual(two().layers[0]);
    expect('hidden' in (layerChanged(hidden, 1, { hidden: undefined }).layers[1] ?? {})).toBe(false);
  });

  test('of one drawing stay in register when they are moved and scaled', () => {
    const apart = (job: ReturnType<typeof two>) => [
      (job.layers[1]?.xMm ?? 0) - (job.layers[0].xMm ?? 0),
      (job.layers[1]?.yMm ?? 0) - (job.layers[0].yMm ?? 0),
    ];
    const [x, y] = apart(two());
    const moved = shifted(two(), 'front', null, 7.3, -3.9);
    expect(apart(moved)[0]).toBeCloseTo(x ?? 0, 6);
    expect(apart(moved)[1]).toBeCloseTo(y ?? 0, 6);
    const larger = scaled(two(), 'front', 2.5);
    expect(apart(larger)[0]).toBeCloseTo((x ?? 0) * 2.5, 2);
    expect((larger.layers[0].widthMm ?? 0) / (larger.layers[0].heightMm ?? 1)).toBeCloseTo(10.123 / 5.061, 3);
  });
});

describe('weeding in words', () => {
  const look = (rings: number, centres: number) =>
    ({ layers: [{ delicate: Array(rings).fill({}), centres }], weedSeconds: 200 }) as unknown as ArtworkLook;

  test.each([
    [0, 0, 'Nothing delicate, no centers to weed'],
    [1, 1, 'One delicate place, one center to weed'],
    [3, 14, '3 delicate places, 14 centers to weed'],
  ])('%i rings and %i centres', (rings, centres, words) => {
    expect(weedingInWords(look(rings, centres)).head).toBe(words);
  });

  test('time is said as people say it', () => {
    expect(spoken(53.4)).toBe('53 s');
    expect(spoken(200)).toBe('3 min');
  });
});

describe('pieces', () => {
  const layer = { path: 'M0 0L10 0 10 10ZM2 2L4 2 4 4ZM20 0L30 0 30 10Z', linesOfPieces: [2, 1] };

  test('are told apart by how many lines each has', () => {
    expect(piecePaths(layer)).toEqual(['M0 0L10 0 10 10ZM2 2L4 2 4 4Z', 'M20 0L30 0 30 10Z']);
    expect(piecePaths({ path: layer.path, linesOfPieces: [] })).toEqual([]);
  });

  test('are chosen by a tap and let go by another', () => {
    const one = pieceTapped({}, 'sky', 2);
    expect(one).toEqual({ sky: [2] });
    expect(pieceTapped(one, 'sky', 4)).toEqual({ sky: [2, 4] });
    expect(pieceTapped(one, 'tarn', 0)).toEqual({ sky: [2], tarn: [0] });
    expect(pieceTapped(one, 'sky', 2)).toEqual({});
  });
});

describe('a region', () => {
  test('is drawn in tenths of a millimeter, and only where one is asked for', () => {
    const [from, to] = [
      { x: 10.123, y: 20 },
      { x: 13.123, y: 24 },
    ];
    const circle = regionFrom('circle', from, to);
    expect(circle).toEqual({ shape: 'circle', xMm: 10.1, yMm: 20, toXMm: 13.1, toYMm: 24 });
    expect(circle && reach(circle)).toBeCloseTo(5);
    expect(regionFrom('pieces', from, to)).toBeNull();
    expect(regionFrom('layers', from, to)).toBeNull();
  });
});
