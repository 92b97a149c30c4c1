import type { Catalogue } from '../../api/client';

/** The choices that the front page's sentence is made of. */
export interface Picked {
  press: string;
  vinyl: string;
  form: string;
  material: string;
}

/** Brings the choices into agreement with the one just made: the item gives way to the press, the material to the item. */
export function agreed(catalogue: Catalogue, picked: Picked, change: Partial<Picked>): Picked {
  const next = { ...picked, ...change };
  const presses = (id: string) => catalogue.heatSources.find((h) => h.id === id)?.presses ?? [];
  const form = (id: string) => catalogue.forms.find((f) => f.id === id);
  const shape = form(next.form)?.shape ?? 'flat';
  if (!presses(next.press).includes(shape)) {
    if (change.press) next.form = catalogue.forms.find((f) => presses(next.press).includes(f.shape))?.id ?? next.form;
    else next.press = catalogue.heatSources.find((h) => h.presses.includes(shape))?.id ?? next.press;
  }
  const item = form(next.form);
  const another = change.form && change.form !== picked.form && !change.material;
  if (item && (!item.materials.includes(next.material) || another)) next.material = item.usualMaterial;
  return next;
}
