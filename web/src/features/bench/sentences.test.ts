import { describe, expect, it } from 'vitest';
import { sentences } from './sentences';

describe('sentences', () => {
  it.each([
    ['Open. Leave it where it is.', ['Open.', 'Leave it where it is.']],
    ['Wait 1.5 min, then peel.', ['Wait 1.5 min, then peel.']],
    ['Hold. “Sky” under the PTFE sheet.', ['Hold.', '“Sky” under the PTFE sheet.']],
    ['Peel', ['Peel']],
  ])('of %s', (text, parts) => expect(sentences(text)).toEqual(parts));
});
