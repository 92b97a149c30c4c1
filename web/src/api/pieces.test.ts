import { describe, expect, test } from 'vitest';
import { newJob } from './job';
import {
  filledDown,
  NEW_PIECE,
  type Piece,
  pasted,
  piecesBySize,
  piecesOf,
  set,
  withPieces,
  withSizeCount,
} from './pieces';

const tee = () => newJob('smooth', 'tee', 'cotton', 'swing-platen');
const piece = (name: string, more: Partial<Piece> = {}): Piece => ({ ...NEW_PIECE, name, ...more });

describe('the pieces of a job', () => {
  test('decide how many there are', () => {
    const job = withPieces(tee(), [piece('Wren'), piece('Osk', { count: 3 })]);
    expect(job.quantity).toBe(4);
    expect(job.names).toEqual([{ name: 'Wren' }, { name: 'Osk', count: 3 }]);
  });

  test('leave nothing behind when there are none', () => {
    const job = withPieces(withPieces(tee(), [piece('Wren')]), []);
    expect('names' in job || 'sizes' in job).toBe(false);
  });

  test('keep all that is said of them', () => {
    const all = piece('Wren', {
      size: 'child',
      garmentColour: '#1b2a49',
      colour: '#d9a441',
      widthMm: 190,
      count: 2,
      proofed: true,
    });
    expect(piecesOf(withPieces(tee(), [all, piece('')]))).toEqual([all, piece('')]);
  });

  test('are read from the sizes of an older file, and written as pieces', () => {
    const old = {
      ...tee(),
      sizes: [
        { size: 'adult-m', count: 3 },
        { size: 'child', count: 0 },
      ],
    };
    expect(piecesOf(old)).toEqual([piece('', { size: 'adult-m', count: 3 })]);
    const next = withSizeCount(old, 'child', 2);
    expect(next.sizes).toBeUndefined();
    expect(next.quantity).toBe(5);
    expect(piecesBySize(next, ['child', 'adult-s', 'adult-m'])).toEqual([
      { size: 'child', count: 2 },
      { size: 'adult-m', count: 3 },
    ]);
  });

  test('of a size can be counted anew without losing a name', () => {
    const job = withPieces(tee(), [piece('Wren', { size: 'child' }), piece('', { size: 'child', count: 4 })]);
    expect(piecesOf(withSizeCount(job, 'child', 3))).toEqual([
      piece('Wren', { size: 'child' }),
      piece('', { size: 'child', count: 2 }),
    ]);
    expect(piecesOf(withSizeCount(job, 'child', 0))).toEqual([piece('Wren', { size: 'child' })]);
  });

  test('are filled down from a row', () => {
    const list = [
      piece('Wren', { garmentColour: '#000000' }),
      piece('Osk', { garmentColour: '#1b2a49' }),
      piece('Tam'),
    ];
    expect(filledDown(list, 1, 'garmentColour').map((p) => p.garmentColour)).toEqual(['#000000', '#1b2a49', '#1b2a49']);
    expect(filledDown(list, 1, 'garmentColour').map((p) => p.name)).toEqual(['Wren', 'Osk', 'Tam']);
  });

  test('take pasted rows whole, or one column of them', () => {
    const list = [piece('Wren', { size: 'child' }), piece('Osk')];
    expect(pasted(list, 1, [piece('Ada'), piece('Tam')], null).map((p) => p.name)).toEqual(['Wren', 'Ada', 'Tam']);
    const sizes = pasted(list, 0, [piece('', { size: 'adult-m' }), piece('', { size: 'adult-l' })], 'size');
    expect(sizes.map((p) => [p.name, p.size])).toEqual([
      ['Wren', 'adult-m'],
      ['Osk', 'adult-l'],
    ]);
  });

  test('want their name read over again when it changes', () => {
    const read = piece('Wren', { proofed: true });
    expect(set(read, 'name', 'Wrem').proofed).toBe(false);
    expect(set(read, 'size', 'child').proofed).toBe(true);
  });
});
