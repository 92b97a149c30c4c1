import type { Cut, CutList, CutSheet, Schemas } from '../../api/client';
import type { Units } from '../../app/unitMath';
import { time } from '../../app/unitMath';

export type PlacedUnit = Schemas['PlacedUnit'];
export type Mat = Schemas['CutMat'];
type Preset = Schemas['CutPreset'];

/** A preset as it is set on the cutter. */
export function presetInWords(preset: Preset): string {
  return `${preset.blade === 'deep' ? 'deep' : 'everyday'} blade · ${preset.forceGrams} g · ${preset.passes} ${preset.passes === 1 ? 'pass' : 'passes'}`;
}

/** What a unit is, for whoever weeds or lays it. */
export function unitName(unit: PlacedUnit): string {
  const what =
    unit.kind === 'test-cut'
      ? 'Test cut'
      : unit.kind === 'patch'
        ? 'Test press patch'
        : (unit.name ?? unit.layers.join(' + '));
  const part = unit.parts > 1 ? `, part ${unit.part} of ${unit.parts}` : '';
  const number = unit.number ? `${unit.number} ` : '';
  return unit.garment > 0 ? `${number}${what}${part}, piece ${unit.garment}` : what + part;
}

/** The way through, as the head line of the station says it. */
export function headline(way: Schemas['CutLayout'], units: Units): string {
  const mats = `${way.mats} ${way.mats === 1 ? 'mat' : 'mats'}`;
  return `${mats} · ${units.bought(way.lengthMm)} of vinyl · about ${time(way.cutSeconds)} to cut`;
}

export const TROUBLES: Record<string, { says: string; does: string }> = {
  'out-of-vinyl': {
    says: 'The vinyl has run out.',
    does: 'Take the mat out. Pieces cut whole are kept; the rest comes onto another mat.',
  },
  'lost-mat': {
    says: 'The rollers lost the mat.',
    does: 'Nothing is where it was. Take the mat out; what is not cut whole is cut anew.',
  },
  'computer-slept': {
    says: 'The computer slept, and the cutter heard nothing more.',
    does: 'The mat has not moved: go on. Keep the computer awake until it is done.',
  },
  'cutter-lost': {
    says: 'The program was started anew while the blade was down.',
    does: 'What the blade did is not known. Take the mat out and cut it again.',
  },
};

/** Key of a unit on the weeding sheet. */
export const unitKey = (list: CutList, sheet: CutSheet, unit: PlacedUnit) => `${list.id}/${sheet.number}/${unit.index}`;

/** Centres, pieces and rings of a sheet. */
export function weedingCounts(list: CutList, sheet: CutSheet) {
  let centres = 0;
  let pieces = 0;
  let rings = 0;
  for (const unit of sheet.units) {
    const shape = list.shapes[unit.shape];
    centres += shape?.centres.length ?? 0;
    pieces += shape?.pieces ?? 0;
    rings += shape?.delicate.length ?? 0;
  }
  return { centres, pieces, rings };
}

/** Cut times, estimated and, where they are known, measured. */
export function times(mats: readonly Mat[]): { estimated: number; measured: number | null } {
  const done = mats.filter((m) => m.measuredSeconds != null);
  return {
    estimated: mats.reduce((sum, m) => sum + m.estimatedSeconds, 0),
    measured: done.length === 0 ? null : done.reduce((sum, m) => sum + (m.measuredSeconds ?? 0), 0),
  };
}

/** The cut of a job that is still under way; the newest where there are several. */
export const underWay = (cuts: readonly Cut[]) => cuts.find((c) => c.status === 'open' || c.status === 'cut');
