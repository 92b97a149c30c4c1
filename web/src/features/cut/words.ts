import type { Cut, CutList, CutSheet, Schemas } from '../../api/client';
import type { Units } from '../../app/unitMath';
import { time } from '../../app/unitMath';
import * as labels from './labels';

export type PlacedUnit = Schemas['PlacedUnit'];
export type Mat = Schemas['CutMat'];
type Preset = Schemas['CutPreset'];

/** A preset as it is set on the cutter. */
export function presetInWords(preset: Preset): string {
  return `${preset.blade === 'deep' ? 'deep' : 'plain'} blade · ${preset.forceGrams} g · ${preset.passes} ${preset.passes === 1 ? 'pass' : 'passes'}`;
}

/** What a unit is, for whoever weeds or lays it. */
export function unitName(unit: PlacedUnit): string {
  const what =
    unit.kind === 'test-cut'
      ? labels.testCut
      : unit.kind === 'patch'
        ? labels.testPressPatch
        : (unit.name ?? unit.layers.join(' + '));
  const part = unit.parts > 1 ? labels.partOf(unit.part, unit.parts) : '';
  const number = unit.number ? `${unit.number} ` : '';
  return unit.garment > 0 ? labels.piece(number, what, part, unit.garment) : what + part;
}

/** The way through, as the head line of the station says it. */
export function headline(way: Schemas['CutLayout'], units: Units): string {
  const mats = `${way.mats} ${way.mats === 1 ? 'mat' : 'mats'}`;
  return labels.ofVinylAboutToCut(mats, units.bought(way.lengthMm), time(way.cutSeconds));
}

export const TROUBLES: Record<string, { says: string; does: string }> = {
  'out-of-vinyl': {
    says: labels.theVinylHasRunOut,
    does: labels.takeTheMatOutPieces,
  },
  'lost-mat': {
    says: labels.theRollersLostTheMat,
    does: labels.nothingIsWhereItWas,
  },
  'computer-slept': {
    says: labels.theComputerSleptAndThe,
    does: labels.theMatHasNotMoved,
  },
  'cutter-lost': {
    says: labels.theProgramWasStartedAnew,
    does: labels.whatTheBladeDidIs,
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
