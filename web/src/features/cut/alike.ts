import type { CutSheet } from '../../api/client';

/** Sheets that are cut the same, by their numbers: the first stands for all. */
export interface AlikeSheets {
  first: CutSheet;
  numbers: number[];
}

const shape = (sheet: CutSheet) =>
  JSON.stringify([
    sheet.widthMm,
    sheet.usedLengthMm,
    sheet.cornerWidthMm,
    sheet.units.map((u) => [u.kind, u.layers, u.box, u.matrix, u.shape]),
  ]);

/** One after the other as long as they are alike. */
export function alike(sheets: readonly CutSheet[]): AlikeSheets[] {
  const groups: AlikeSheets[] = [];
  let before = '';
  for (const sheet of sheets) {
    const now = shape(sheet);
    const last = groups[groups.length - 1];
    if (last && now === before) last.numbers.push(sheet.number);
    else groups.push({ first: sheet, numbers: [sheet.number] });
    before = now;
  }
  return groups;
}
