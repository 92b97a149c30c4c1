import type { Catalogue } from '../../api/client';
import { Words } from '../../ui/Words';
import type { Picked } from './agreed';
import * as labels from './labels';

interface Props {
  catalogue: Catalogue;
  picked: Picked;
  pick: (change: Partial<Picked>) => void;
}

const named = (x: { own?: unknown; name: string }) => (x.own ? x.name : x.name.toLowerCase());

/** What it is made of, in the middle of a sentence. */
export function MaterialWords({ catalogue, picked, pick }: Props) {
  const form = catalogue.forms.find((f) => f.id === picked.form);
  return (
    <Words
      label={labels.material}
      value={picked.material}
      onPick={(material) => pick({ material })}
      options={catalogue.materials
        .filter((m) => form?.materials.includes(m.id))
        .map((m) => ({ id: m.id, name: named(m) }))}
    />
  );
}

/** What it is. */
export function ItemWords({ catalogue, picked, pick }: Props) {
  return (
    <Words
      label={labels.item}
      value={picked.form}
      onPick={(form) => pick({ form })}
      options={catalogue.forms.map((f) => ({ id: f.id, name: f.name.toLowerCase() }))}
    />
  );
}

/** With which press. */
export function PressWords({ catalogue, picked, pick }: Props) {
  return (
    <Words
      label={labels.press}
      value={picked.press}
      onPick={(press) => pick({ press })}
      options={catalogue.heatSources.map((h) => ({ id: h.id, name: named(h) }))}
    />
  );
}
