import { describe, expect, it } from 'vitest';
import { contrast } from '../ui/contrast';
import { article, counted, span, time, Units } from './unitMath';

describe('figures in sentences', () => {
  const cases: [string, string][] = [
    [span(20, 35), '20 to 35 s'],
    [span(375, 683), '6.5 to 11.5 min'],
    [span(40, 150), '40 s to 2.5 min'],
    [span(118, 122), 'about 2 min'],
    [time(15.51), '16 s'],
    [time(683), '11 min 23 s'],
    [counted(1, 'piece'), '1 piece'],
    [counted(2, 'piece'), '2 pieces'],
    [article('automatic press'), 'an'],
    [article('Heat gun'), 'a'],
    [new Units('metric').length(93.8), '94 mm'],
    [new Units('us').length(93.8), '3.75 in'],
    [new Units('us').size(254, 127), '10 × 5 in'],
  ];
  it.each(cases)('%s', (said, meant) => expect(said).toBe(meant));
});

describe('contrast', () => {
  // WCAG 2.2: black on white is 21:1; #767676 on white is the palest grey that passes at 4.5:1.
  it('is as the guidelines count it', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
    expect(contrast('#767676', '#ffffff')).toBeGreaterThan(4.5);
    expect(contrast('#777777', '#ffffff')).toBeLessThan(4.5);
    expect(contrast('#ffffff', '#ffffff')).toBe(1);
  });
});
