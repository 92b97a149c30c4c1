import { describe, expect, it } from 'vitest';
import { agoSeconds, foreseen, type Unheard } from './unheard';
import type { Hand } from './useRun';

const said = (action: string, saidAt: number, move = 3, piece = 1): Unheard => ({
  commandId: `${action}${saidAt}`,
  saidAt,
  body: { action, piece, move },
});

const hand = {
  piece: 1,
  move: 3,
  stepNumber: 2,
  step: { kind: 'do', text: 'Close the plate' },
  next: { kind: 'hold', text: 'Hold', seconds: 15 },
} as unknown as Hand;

describe('what was said while nobody heard', () => {
  it('is dated by how long ago it was, and by nothing when it was just now', () => {
    expect(agoSeconds(said('done', 10_000), 10_400)).toBeNull();
    expect(agoSeconds(said('done', 10_000), 14_260)).toBe(4.3);
    expect(agoSeconds(said('done', 0), 90 * 60_000)).toBe(3600);
  });

  it('leads on to the step that was told beforehand, and from when it was said', () => {
    const ahead = foreseen(hand, [said('done', 5_000)], (ms) => ms);
    expect(ahead).toMatchObject({ move: 4, unheard: true, openedAfter: null });
    expect(ahead?.enteredUtc).toBe(new Date(5_000).toISOString());
    expect(ahead?.dueUtc).toBe(new Date(20_000).toISOString());
  });

  it('knows of a plate that was opened since', () => {
    const ahead = foreseen(hand, [said('done', 5_000), said('opened-early', 9_000, 4)], (ms) => ms);
    expect(ahead?.openedAfter).toBe(4);
  });

  it.each([
    ['nothing was said', []],
    ['it was said of another piece', [said('done', 5_000, 3, 2)]],
    ['it was said of another move', [said('done', 5_000, 2)]],
    ['it was a step back', [said('back', 5_000)]],
  ])('leads nowhere when %s', (_, unheard) => {
    expect(foreseen(hand, unheard, (ms) => ms)).toBeNull();
  });
});
