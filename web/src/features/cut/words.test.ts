/// <reference types="vite/client" />
import DxfParser from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import sample from '../../../../docs/examples/two-vinyls.dxf?raw';
import type { Cut, CutList, CutSheet } from '../../api/client';
import { Units } from '../../app/unitMath';
import { headline, type Mat, presetInWords, times, underWay, unitKey, unitName, weedingCounts } from './words';

const unit = {
  index: 0,
  kind: 'artwork' as const,
  shape: 'moon',
  layers: ['moon', 'ring'],
  garment: 3,
  name: null,
  number: null,
  part: 1,
  parts: 1,
  matrix: [1, 0, 0, 1, 0, 0],
  box: { xMm: 0, yMm: 0, widthMm: 1, heightMm: 1 },
};

describe('words of the cut station', () => {
  it('names what is laid', () => {
    expect(unitName(unit)).toBe('moon + ring, piece 3');
    expect(unitName({ ...unit, name: 'Wren', number: 7, part: 2, parts: 2 })).toBe('7 Wren, part 2 of 2, piece 3');
    expect(unitName({ ...unit, kind: 'test-cut', garment: 0 })).toBe('Test cut');
  });

  it('says a preset as it is set', () => {
    const from = { kind: 'from-memory' as const, source: '' };
    expect(presetInWords({ blade: 'deep', forceGrams: 180, passes: 1, from })).toBe('deep blade · 180 g · 1 pass');
    expect(presetInWords({ blade: 'plain', forceGrams: 90, passes: 2, from })).toBe('plain blade · 90 g · 2 passes');
  });

  it('leads with mats, vinyl and time', () => {
    const way = {
      layout: 'nested' as const,
      lists: [],
      lengthMm: 1790,
      vinylMm2: 0,
      usedMm2: 0,
      wastePercent: 0,
      mats: 9,
      cutSeconds: 282,
      handSeconds: 0,
      loose: 0,
      cost: null,
    };
    expect(headline(way, new Units('metric'))).toBe('9 mats · 1.79 m of vinyl · about 4 min 42 s to cut');
    expect(headline({ ...way, mats: 1, lengthMm: 508 }, new Units('us'))).toBe(
      '1 mat · 20.0 in of vinyl · about 4 min 42 s to cut',
    );
  });

  it('adds up what was estimated and what was measured', () => {
    const mat = { estimatedSeconds: 60, measuredSeconds: null } as unknown as Mat;
    expect(times([mat, mat])).toEqual({ estimated: 120, measured: null });
    expect(times([{ ...mat, measuredSeconds: 55 }, mat])).toEqual({ estimated: 120, measured: 55 });
  });
});

describe('the weeding sheet', () => {
  const shape = (centres: number, pieces: number, rings: number) => ({
    centres: Array(centres).fill({ x: 0, y: 0 }),
    pieces,
    delicate: Array(rings).fill({}),
  });
  const list = { id: 'smooth-1b2a49', shapes: { moon: shape(2, 3, 1), sky: shape(0, 1, 0) } } as unknown as CutList;
  const sheet = {
    number: 4,
    units: [unit, { ...unit, index: 1 }, { ...unit, index: 2, shape: 'sky' }],
  } as unknown as CutSheet;

  it('counts centres, pieces and rings over all that lies on a sheet', () => {
    expect(weedingCounts(list, sheet)).toEqual({ centres: 4, pieces: 7, rings: 2 });
  });

  it('knows each piece by list, sheet and place', () => {
    expect(sheet.units.map((u) => unitKey(list, sheet, u))).toEqual([
      'smooth-1b2a49/4/0',
      'smooth-1b2a49/4/1',
      'smooth-1b2a49/4/2',
    ]);
  });

  it('goes on with the cut that is not used up or given up', () => {
    const cuts = ['given-up', 'used', 'cut', 'open'].map((status) => ({ status }) as Cut);
    expect(underWay(cuts)?.status).toBe('cut');
    expect(underWay(cuts.slice(0, 2))).toBeUndefined();
  });
});

describe('the sample cut file', () => {
  it('is understood by a reader that is not ours', () => {
    const read = new DxfParser().parseSync(sample);
    const lines = read?.entities.filter((e) => e.type === 'POLYLINE') ?? [];
    expect(lines).toHaveLength(3);
    expect(new Set(lines.map((l) => l.layer))).toEqual(new Set(['SMOOTH-1B2A49', 'GLOW-C9E6B8']));
    const size = (layer: string) => {
      const xs = lines
        .filter((l) => l.layer === layer)
        .flatMap((l) => (l as unknown as { vertices: { x: number }[] }).vertices.map((v) => v.x));
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(size('SMOOTH-1B2A49')).toBeCloseTo(150, 2);
    expect(size('GLOW-C9E6B8')).toBeCloseTo(40, 2);
  });
});
