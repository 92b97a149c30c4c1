import { describe, expect, it } from 'vitest';
import { type Bar, fullOf, type Group, moved, rows, segments, sentence } from './laying';

const groups: Group[] = [
  { layers: ['sky'], kind: 'tack' },
  { layers: ['moon', 'star'], kind: 'tack' },
  { layers: [], kind: 'last' },
];

describe('the order of laying', () => {
  it('shows what is laid last on top, and what is laid together under one number', () => {
    expect(rows(groups).map((r) => [r.id, r.step, r.together])).toEqual([
      ['star', 2, true],
      ['moon', 2, true],
      ['sky', 1, false],
    ]);
  });

  it('turns a move on the screen into the order of laying', () => {
    const shown = ['star', 'moon', 'sky'];
    expect(moved(shown, 'sky', 0)).toEqual(['moon', 'star', 'sky']);
    expect(moved(shown, 'star', 1)).toEqual(['sky', 'star', 'moon']);
    expect(moved(shown, 'star', 99)).toEqual(['star', 'sky', 'moon']);
    expect(moved(shown, 'moon', 1)).toEqual(['sky', 'moon', 'star']);
  });

  it('says a sequence in a line', () => {
    expect(sentence(groups)).toBe('sky → moon + star → last press over all');
  });
});

describe('heat bars', () => {
  const bar = (most: number, shares: number[]): Bar => ({
    layer: 'sky',
    name: 'Smooth',
    shares: shares.map((share, i) => ({ order: i + 1, share, times: 1 })),
    total: shares.reduce((a, b) => a + b, 0),
    most,
    bond: 1,
    holdsFrom: 0.6,
  });

  it('lays presses end to end and never past the end', () => {
    const full = fullOf([bar(3, [0.2, 1]), bar(9, [1])]);
    const drawn = segments(bar(3, [0.2, 1]), full);
    expect(drawn[0]?.from).toBe(0);
    expect(drawn[1]?.from).toBeCloseTo(drawn[0]?.to ?? -1);
    expect(drawn[1]?.to).toBeCloseTo(1.2 / full);
    expect(segments(bar(1, [50]), 10)[0]?.to).toBe(1);
  });

  it('leaves room beyond the most that any layer takes', () => {
    expect(fullOf([bar(3, [0.5]), bar(2, [4])])).toBeGreaterThan(4);
  });
});
