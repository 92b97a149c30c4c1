import type { Catalogue } from '../../api/client';
import { agreed, type Picked } from './agreed';

export const REMEMBERED = 'juxtherm.quick';

export function remembered(): Partial<Picked> {
  try {
    return JSON.parse(localStorage.getItem(REMEMBERED) ?? '{}');
  } catch {
    return {};
  }
}

/** What was chosen last, as far as it is still to be had. */
export function start(catalogue: Catalogue): Picked {
  const before = remembered();
  const known = (id: string | undefined, from: readonly { id: string }[], otherwise: string) =>
    from.some((x) => x.id === id) ? (id as string) : otherwise;
  return agreed(
    catalogue,
    {
      press: known(before.press, catalogue.heatSources, catalogue.usual.heatSource),
      vinyl: known(before.vinyl, catalogue.vinyls, catalogue.usual.vinyl),
      form: known(before.form, catalogue.forms, catalogue.usual.form),
      material: known(before.material, catalogue.materials, catalogue.usual.material),
    },
    {},
  );
}
