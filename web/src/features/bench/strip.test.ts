import { describe, expect, it } from 'vitest';
import type { Run } from '../../api/client';
import { stripOf } from './strip';
import type { Station } from './useRun';

type Status = Run['pieces'][number]['status'];

const run = (states: Status[], next: number | null) =>
  ({
    pieces: states.map((status, i) => ({ number: i + 1, name: `P${i + 1}`, status })),
    nextPiece: next,
  }) as unknown as Run;
const station = (focus: number, others: { piece: number; dueUtc: string | null; step: { stage: string } }[] = []) =>
  ({ focus: { piece: focus }, others }) as unknown as Station;

const words = (of: ReturnType<typeof stripOf>) => of.shown.map((s) => `${s.piece.number} ${s.doing} ${s.word}`);

describe('the strip of pieces', () => {
  it('says of each what it is doing', () => {
    const strip = stripOf(
      run(['done', 'in-hand', 'in-hand', 'in-hand', 'waiting', 'waiting', 'to-cut'], 5),
      station(2, [
        { piece: 3, dueUtc: '2026-11-28T12:00:00Z', step: { stage: 'peel' } },
        { piece: 4, dueUtc: null, step: { stage: 'peel' } },
      ]),
    );
    expect(words(strip)).toEqual([
      '1 over done',
      '2 here at the press',
      '3 out cooling',
      '4 out ready to peel',
      '5 next up next',
      '6 waiting waiting',
      '7 out waiting for its vinyl',
    ]);
    expect(strip.shown[2]?.dueUtc).toBe('2026-11-28T12:00:00Z');
  });

  it('counts what a long run has behind and far ahead of it', () => {
    const states: Status[] = [...Array(20).fill('done'), 'in-hand', ...Array(30).fill('waiting')];
    const strip = stripOf(run(states, 22), station(21));
    expect(strip).toMatchObject({ over: 20, waiting: 25 });
    expect(strip.shown.map((s) => s.piece.number)).toEqual([21, 22, 23, 24, 25, 26]);
  });
});
