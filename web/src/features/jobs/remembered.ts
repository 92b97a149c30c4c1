import type { Catalogue } from '../../api/client';
import type { JobLabel } from '../../api/job';
import { agreed, type Picked } from './agreed';

const REMEMBERED = 'juxtherm.quick';

export function remembered(): Partial<Picked> {
  try {
    return JSON.parse(localStorage.getItem(REMEMBERED) ?? '{}');
  } catch {
    return {};
  }
}

/** Chosen from now on. */
export const remember = (picked: Partial<Picked>) =>
  localStorage.setItem(REMEMBERED, JSON.stringify({ ...remembered(), ...picked }));

/** What was chosen last, as far as it is still to be had. */
export function start(catalogue: Catalogue): Picked {
  const before = remembered();
  const known = (id: string | undefined, from: readonly { id: string }[], otherwise: string) =>
    from.some((x) => x.id === id) ? (id as string) : otherwise;
  // The shop's own press before any other, where nothing was chosen yet.
  const own = catalogue.heatSources.find((h) => h.own);
  return agreed(
    catalogue,
    {
      press: known(before.press, catalogue.heatSources, own?.id ?? catalogue.usual.heatSource),
      vinyl: known(before.vinyl, catalogue.vinyls, catalogue.usual.vinyl),
      form: known(before.form, catalogue.forms, catalogue.usual.form),
      material: known(before.material, catalogue.materials, catalogue.usual.material),
    },
    {},
  );
}

const INSTRUCTIONS = 'juxtherm.instructions';

const about = (picked: Picked) => `${picked.vinyl} ${picked.press}`;

/** What was typed of a vinyl's instructions: a reload loses nothing; another vinyl or press has its own. */
export function keptLabel(picked: Picked): JobLabel | null {
  try {
    const kept = JSON.parse(localStorage.getItem(INSTRUCTIONS) ?? 'null');
    return kept?.about === about(picked) ? kept.label : null;
  } catch {
    return null;
  }
}

export function keepLabel(picked: Picked, label: JobLabel | null) {
  if (label) localStorage.setItem(INSTRUCTIONS, JSON.stringify({ about: about(picked), label }));
  else localStorage.removeItem(INSTRUCTIONS);
}
