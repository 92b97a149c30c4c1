import { describe, expect, it } from 'vitest';
import { newSetup, setupOf, wishOf } from './setup';
import { clock, inMinutes, ranges } from './times';
import type { Day } from './useDay';

describe('a new day', () => {
  it('begins at the next quarter of an hour, and tomorrow at nine in the evening', () => {
    expect(newSetup(new Date(2026, 11, 1, 10, 7), 'swing-platen', [])).toMatchObject({
      date: '2026-12-01',
      begin: '10:15',
    });
    expect(newSetup(new Date(2026, 11, 1, 21, 7), 'swing-platen', [])).toMatchObject({
      date: '2026-12-02',
      begin: '09:00',
    });
  });

  it('takes what is due within the week', () => {
    const due = [
      { id: 'a', due: '2026-11-28' },
      { id: 'b', due: '2026-12-07' },
      { id: 'c', due: '2026-12-20' },
    ];
    const setup = newSetup(new Date(2026, 11, 1, 10, 7), 'swing-platen', due);
    expect(Object.keys(setup.jobs)).toEqual(['a', 'b']);
  });

  it('is sent as moments, and comes back as it was filled in', () => {
    const setup = {
      ...newSetup(new Date(2026, 11, 1, 8, 50), 'swing-platen', []),
      jobs: { a: { date: '2026-12-01', time: '17:00' }, b: { date: '', time: '' } },
      people: [
        { name: 'Wren', from: '', to: '' },
        { name: '', from: '10:00', to: '12:30' },
      ],
      breaks: [{ from: '12:00', to: '12:30' }],
    };
    const wish = wishOf(setup, null);
    expect(wish.from).toBe(new Date(2026, 11, 1, 9, 0).toISOString());
    expect(wish.people[0]?.there).toEqual([]);
    expect(wish.people[1]?.there).toHaveLength(7);
    expect(wish.jobs).toEqual([
      { id: 'a', due: new Date(2026, 11, 1, 17, 0).toISOString(), dropped: false },
      { id: 'b', due: null, dropped: false },
    ]);
    expect(setupOf({ wish } as unknown as Day)).toEqual(setup);
  });

  it('keeps the numbers of jobs when one is taken out', () => {
    const setup = {
      ...newSetup(new Date(2026, 11, 1, 8, 50), 'swing-platen', []),
      jobs: { b: { date: '', time: '' } },
    };
    const before = { wish: { jobs: [{ id: 'a' }, { id: 'b' }] } } as unknown as Day;
    expect(wishOf(setup, before).jobs.map((j) => [j.id, j.dropped])).toEqual([
      ['a', true],
      ['b', false],
    ]);
  });
});

describe('times and numbers', () => {
  it.each([
    [[1, 2, 3, 5], '1–\u20603, 5'],
    [[4], '4'],
    [[], ''],
  ])('%j', (numbers, meant) => expect(ranges(numbers as number[])).toBe(meant));

  it.each([
    [20, '1 min'],
    [1601, '27 min'],
    [3600, '1 h'],
    [5430, '1 h 31 min'],
  ])('%d s late is %s', (seconds, meant) => expect(inMinutes(seconds)).toBe(meant));

  it('names the weekday only on another day', () => {
    const nine = new Date(2026, 11, 1, 9, 0);
    expect(clock(nine, nine)).toMatch(/^9:00/);
    expect(clock(new Date(2026, 11, 2, 9, 0), nine)).toMatch(/^Wed/);
  });
});
