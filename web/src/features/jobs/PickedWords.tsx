import type { Catalogue } from '../../api/client';
import { Words } from '../../ui/Words';
import type { Picked } from './agreed';
import * as labels from './labels';

interface Props {
  catalogue: Catalogue;
  picked: Picked;
  pick: (change: Partial<Picked>) => void;
}

const lower = (x: { own?: unknown; name: string }) => (x.own ? x.name : x.name.toLowerCase());

/** What it is, and of what: one list to search, an item in its usual material before its others. */
export function ItemWords({ catalogue, picked, pick }: Props) {
  const named = new Map(catalogue.materials.map((m) => [m.id, m]));
  const options = catalogue.forms.flatMap((f) =>
    f.materials.flatMap((id) => {
      const material = named.get(id);
      return material
        ? [
            {
              id: `${f.id}/${id}`,
              name: itemName(f, material),
              usual: id === f.usualMaterial || (!!material.own && ofItem(f, material)),
            },
          ]
        : [];
    }),
  );
  return (
    <Words
      label={labels.item}
      value={`${picked.form}/${picked.material}`}
      onPick={(both) => {
        const [form = picked.form, material = picked.material] = both.split('/');
        pick({ form, material });
      }}
      options={options}
    />
  );
}

/** An item and its material as people say them: cotton tee. */
export function itemName(form: Catalogue['forms'][number], material: Catalogue['materials'][number]) {
  const item = form.name.toLowerCase();
  const of = lower(material);
  return ofItem(form, material) ? of : `${of} ${item}`;
}

/** The material's own name says which item it is: crew tee, heavy. */
const ofItem = (form: Catalogue['forms'][number], material: Catalogue['materials'][number]) =>
  material.name.toLowerCase().split(/\W+/).includes(form.name.toLowerCase());

/** With which press. */
export function PressWords({ catalogue, picked, pick }: Props) {
  return (
    <Words
      label={labels.press}
      value={picked.press}
      onPick={(press) => pick({ press })}
      options={catalogue.heatSources.map((h) => ({ id: h.id, name: lower(h) }))}
    />
  );
}
