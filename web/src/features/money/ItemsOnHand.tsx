import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Catalogue, got, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { UndoBar } from '../../ui/States';
import { SIZE_NAMES } from '../../ui/sizes';
import * as labels from './labels';
import { SuppliesOnHand } from './SuppliesOnHand';

type Item = Schemas['BlankAnswer'];

/** Shirts and other blanks on hand: counted, used by runs, running out. */
export function ItemsOnHand({ catalogue }: { catalogue: Catalogue }) {
  const queries = useQueryClient();
  const items = useQuery({ queryKey: ['blanks'], queryFn: () => got(api.GET('/api/blanks')) });
  const [open, setOpen] = useState<string | null>(null);
  const [undo, setUndo] = useState<Item | null>(null);
  const again = () => queries.invalidateQueries({ queryKey: ['blanks'] });
  const remove = useMutation({
    mutationFn: (item: Item) => got(api.DELETE('/api/blanks/{id}', { params: { path: { id: item.id } } })),
    onSuccess: (item) => {
      setUndo(item);
      void again();
    },
  });
  const restore = useMutation({
    mutationFn: (id: string) => got(api.POST('/api/blanks/{id}/restore', { params: { path: { id } } })),
    onSuccess: again,
  });
  const nameOf = (item: Item) =>
    [
      catalogue.forms.find((f) => f.id === item.form)?.name ?? item.form,
      catalogue.materials.find((m) => m.id === item.material)?.name.toLowerCase() ?? item.material,
    ].join(', ');
  const close = () => {
    setOpen(null);
    void again();
  };
  return (
    <section aria-label={labels.itemsOnHand} className="mt-10">
      <div className="flex items-baseline gap-5 mb-3">
        <h2 className="text-[1.2rem]">{labels.itemsOnHand}</h2>
        <button type="button" className="btn btn-sm btn-outline print:hidden" onClick={() => setOpen('new')}>
          {labels.addItems}
        </button>
      </div>
      {open === 'new' && <ItemForm catalogue={catalogue} onClose={close} />}
      {items.data?.length === 0 && open === null && <p className="text-quiet max-w-[60ch]">{labels.noItems}</p>}
      <ul className="scored border-y border-rule empty:hidden">
        {items.data?.map((item) =>
          open === item.id ? (
            <li key={item.id} className="py-4">
              <ItemForm catalogue={catalogue} item={item} onClose={close} />
            </li>
          ) : (
            <li key={item.id} className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2">
              <strong className="font-semibold basis-56">{nameOf(item)}</strong>
              <span className="basis-24">{SIZE_NAMES[item.size] ?? item.size}</span>
              <span className="basis-32">
                {item.colour && (
                  <span className="inline-block size-3 mr-2 border border-rule" style={{ background: item.colour }} />
                )}
                {item.colourName}
              </span>
              <span className="grow tabular-nums">
                {item.left} {item.runningOut && <strong className="font-semibold">{labels.runningOut}</strong>}
              </span>
              <button type="button" className="link-quiet print:hidden" onClick={() => setOpen(item.id)}>
                {labels.change}
              </button>
              <button type="button" className="link-quiet print:hidden" onClick={() => remove.mutate(item)}>
                {labels.remove}
              </button>
            </li>
          ),
        )}
      </ul>
      <SuppliesOnHand />
      {undo && (
        <UndoBar
          action="Undo"
          onAction={() => {
            restore.mutate(undo.id);
            setUndo(null);
          }}
          onClose={() => setUndo(null)}
        >
          {labels.removed(nameOf(undo))}
        </UndoBar>
      )}
    </section>
  );
}

function ItemForm({ catalogue, item, onClose }: { catalogue: Catalogue; item?: Item; onClose: () => void }) {
  const [commandId] = useState(() => newId());
  const [ask, setAsk] = useState(() => ({
    form: item?.form ?? catalogue.usual.form,
    material: item?.material ?? catalogue.usual.material,
    size: item?.size ?? '',
    colour: item?.colour ?? '',
    colourName: item?.colourName ?? '',
    pieces: item?.left as number | undefined,
    price: item?.price ?? undefined,
    low: item?.low || undefined,
  }));
  const set = (change: Partial<typeof ask>) => setAsk({ ...ask, ...change });
  const keep = useMutation({
    mutationFn: () => {
      const body = {
        ...ask,
        commandId,
        size: ask.size || null,
        colour: ask.colour || null,
        pieces: ask.pieces ?? null,
        price: ask.price ?? null,
        low: ask.low ?? null,
      };
      return item
        ? got(api.PUT('/api/blanks/{id}', { params: { path: { id: item.id } }, body }))
        : got(api.POST('/api/blanks', { body }));
    },
    onSuccess: onClose,
  });
  return (
    <form
      className="grid gap-x-6 gap-y-3 sm:grid-cols-4 mb-4"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <ChoiceField name={labels.item} value={ask.form} options={catalogue.forms} onPick={(form) => set({ form })} />
      <ChoiceField
        name={labels.material}
        value={ask.material}
        options={catalogue.materials}
        onPick={(material) => set({ material })}
      />
      <ChoiceField
        name={labels.size}
        value={ask.size}
        options={[{ id: '', name: labels.anySize }, ...Object.entries(SIZE_NAMES).map(([id, name]) => ({ id, name }))]}
        onPick={(size) => set({ size })}
      />
      <label className="field">
        <span className="name">{labels.color}</span>
        <input
          className="input"
          maxLength={60}
          value={ask.colourName}
          onChange={(e) => set({ colourName: e.target.value, colour: '' })}
        />
      </label>
      <NumberField name={labels.left} unit="" value={ask.pieces} onChange={(pieces) => set({ pieces })} />
      <NumberField name={labels.price} unit="" value={ask.price} onChange={(price) => set({ price })} />
      <NumberField name={labels.low} unit="" value={ask.low} onChange={(low) => set({ low })} />
      <div className="self-end flex gap-3">
        <button type="submit" className="btn btn-primary" disabled={keep.isPending}>
          {labels.save}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {labels.cancel}
        </button>
      </div>
      {keep.isError && <p className="fault sm:col-span-4">{keep.error.message}</p>}
    </form>
  );
}
