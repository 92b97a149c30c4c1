import { describe, expect, it } from 'vitest';
import { daysUntil, dueWords } from './due';

const evening = new Date(2026, 10, 28, 23, 50);

describe('when a job is due', () => {
  it.each([
    ['2026-11-28', 0, 'Due today'],
    ['2026-11-29', 1, 'Due tomorrow'],
    ['2026-12-05', 7, /^Due .*5/],
    ['2026-11-20', -8, /^Was due .*20/],
    ['2027-03-28', 120, /2027/],
  ])('is said for %s', (due, days, words) => {
    expect(daysUntil(due, evening)).toBe(days);
    expect(dueWords(due, evening)).toMatch(words);
  });
});
