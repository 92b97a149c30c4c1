import type { Catalogue, Schemas } from '../../api/client';
import type { OwnEntry } from '../../api/job';
import type { Units } from '../../app/unitMath';
import type { Fibre, OwnPressure } from './entries';

/** What is particular about an own entry, in a line. */
export function summary(kind: Schemas['OwnKind'], entry: OwnEntry, catalogue: Catalogue, units: Units): string {
  const parts: (string | undefined)[] = [];
  if (kind === 'vinyl') {
    parts.push(catalogue.vinyls.find((v) => v.id === entry.family)?.name);
    if (typeof entry.celsius === 'number') parts.push(units.temperature(entry.celsius));
    if (typeof entry.seconds === 'number') parts.push(`${entry.seconds} s`);
    parts.push(entry.pressure as string | undefined);
    if (entry.peel) parts.push(`peel ${String(entry.peel)}`);
  } else if (kind === 'blank') {
    const fibres = (entry.fibres as Fibre[]).map((f) => {
      const name = catalogue.materials.find((m) => m.id === f.material)?.name.toLowerCase() ?? f.material;
      return f.percent === 100 ? name : `${f.percent} % ${name}`;
    });
    parts.push(fibres.join(', '));
    const own = catalogue.materials.find((m) => m.id === entry.id);
    if (own) parts.push(`takes up to ${units.temperature(own.limitCelsius)}`);
    if (typeof entry.gramsPerM2 === 'number') parts.push(`${entry.gramsPerM2} g/m²`);
  } else {
    const like = catalogue.heatSources.find((h) => h.id === entry.kind);
    parts.push(like?.name);
    const width = (entry.plateWidthMm as number | undefined) ?? like?.plateWidthMm;
    const height = (entry.plateHeightMm as number | undefined) ?? like?.plateHeightMm;
    if (width && height)
      parts.push(`plate ${units.lengthShown(width)} × ${units.lengthShown(height)} ${units.lengthUnit}`);
    if (typeof entry.dialOffsetK === 'number' && entry.dialOffsetK !== 0)
      parts.push(`${Math.abs(entry.dialOffsetK)} K ${entry.dialOffsetK > 0 ? 'hotter' : 'cooler'} than its dial`);
    const by = (entry.pressure as OwnPressure | undefined)?.by;
    if (entry.coolRimMm || entry.coolSpots) parts.push('cooler places noted');
    if (by) parts.push(by === 'scale' ? 'pressure weighed' : 'pressure tried with paper');
  }
  return parts.filter(Boolean).join(' · ');
}
