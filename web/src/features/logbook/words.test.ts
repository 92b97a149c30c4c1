import { describe, expect, it } from 'vitest';
import { Units } from '../../app/unitMath';
import { left } from '../care/Curing';
import { shown } from './LessonLine';
import { asked, type Lesson, searchOf } from './queries';

const noon = new Date('2026-05-01T12:00:00Z');
const later = (minutes: number) => new Date(noon.getTime() + minutes * 60_000);

describe('the time until the first wash', () => {
  it.each([
    [24 * 60, '24 h 0 min'],
    [61, '1 h 1 min'],
    [59, '59 min'],
    [0.2, '1 min'],
    [0, null],
    [-30, null],
  ])('%s minutes ahead is %s', (minutes, says) => expect(left(later(minutes), noon)).toBe(says));
});

describe('what was learned', () => {
  const plate = { kind: 'plate' } as Lesson;
  const demand = { kind: 'demand' } as Lesson;
  it.each([
    [plate, -3.5, 'metric', '−3.5 K'],
    [plate, 2, 'us', '+3.6 °F'],
    [plate, 0, 'metric', '0 K'],
    [demand, 1.2, 'us', '× 1.20'],
  ] as const)('is shown with its sign and in the reader’s units', (lesson, value, system, says) =>
    expect(shown(lesson, value, new Units(system))).toBe(says),
  );
});

describe('what is looked for', () => {
  it('is what the address knows, and nothing else', () =>
    expect(searchOf(new URLSearchParams('text=tarn&vinyl=&colour=red&lot=L-1'))).toEqual({ text: 'tarn', lot: 'L-1' }));
  it('ends with the last day, not before it', () =>
    expect(asked({ until: '2026-02-28' })).toEqual({ until: '2026-03-01' }));
  it('leaves an unreadable day to the service', () => expect(asked({ until: 'spring' })).toEqual({ until: 'spring' }));
});
