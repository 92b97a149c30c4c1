import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, type Catalogue, got, type OnHand } from '../../api/client';
import { newId } from '../../api/newId';
import { useCatalogue, useStock } from '../../api/queries';
import { useUnits } from '../../app/units';
import { Failed, Loading, UndoBar } from '../../ui/States';
import { ItemsOnHand } from '../money/ItemsOnHand';
import * as labels from './labels';
import { StockForm } from './StockForm';
import { Weigh } from './Weigh';

/** Rolls, sheets and offcuts: what is there, what is promised, what is running out. */
export function StockPage() {
  const stock = useStock();
  const catalogue = useCatalogue();
  const queries = useQueryClient();
  const [search] = useSearchParams();
  const [open, setOpen] = useState<string | null>(null);
  const [undo, setUndo] = useState<{ says: string; id: string } | null>(null);
  const again = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ['stock'] }),
      queries.invalidateQueries({ queryKey: ['cut-plan'] }),
    ]);
  const remove = useMutation({
    mutationFn: (piece: OnHand) => got(api.DELETE('/api/stock/{id}', { params: { path: { id: piece.id } } })),
    onSuccess: (piece) => {
      setUndo({ says: labels.isOffTheShelf(piece.label), id: piece.id });
      void again();
    },
  });
  const restore = useMutation({
    mutationFn: (id: string) => got(api.POST('/api/stock/{id}/restore', { params: { path: { id } } })),
    onSuccess: again,
  });
  const table = useMutation({
    mutationFn: async (file: File) =>
      got(api.POST('/api/stock/table', { body: { commandId: newId(), text: await file.text() } })),
    onSuccess: again,
  });
  if (stock.isPending || catalogue.isPending) return <Loading what={labels.theVinylOnHand} />;
  if (stock.isError) return <Failed error={stock.error} retry={() => stock.refetch()} />;
  if (catalogue.isError) return <Failed error={catalogue.error} retry={() => catalogue.refetch()} />;
  const low = stock.data.filter((s) => s.low);
  const close = () => {
    setOpen(null);
    void again();
  };
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-8 pb-24">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2 mb-5">
        <h1 className="text-[1.65rem] font-bold">{labels.vinylOnHand}</h1>
        <span className={low.length > 0 ? 'font-semibold' : 'text-quiet'}>
          {low.length > 0 ? labels.runningOut(low.map((s) => s.label).join(', ')) : labels.nothingIsRunningOut}
        </span>
        <span className="ml-auto flex flex-wrap items-center gap-4 print:hidden">
          <button type="button" className="btn btn-sm btn-outline" onClick={() => setOpen('new')}>
            {labels.addVinyl}
          </button>
          <a className="link-quiet" href="/api/stock.csv" download>
            {labels.saveAsCsv}
          </a>
          <label className="link-quiet cursor-pointer">
            {labels.readACsv}
            <input
              type="file"
              accept=".csv,text/csv"
              className="sr-only"
              onChange={(e) => {
                const file = e.target.files?.[0];
                if (file) table.mutate(file);
                e.target.value = '';
              }}
            />
          </label>
        </span>
      </div>
      {[remove, restore, table].map((m, i) =>
        m.isError ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: three fixed actions
          <Failed key={i} error={m.error} />
        ) : null,
      )}
      {open === 'new' && <StockForm catalogue={catalogue.data} onClose={close} />}
      {stock.data.length === 0 && open === null && (
        <p className="text-quiet max-w-[60ch]">{labels.nothingYetAddTheRolls}</p>
      )}
      {stock.data.length > 0 && (
        <table className="w-full text-[0.95rem] tabular-nums [&_td]:pr-3 [&_th]:pr-3">
          <thead>
            <tr className="border-b border-ink text-left text-quiet">
              <th className="font-normal py-1.5">{labels.label}</th>
              <th className="font-normal">{labels.vinyl}</th>
              <th className="font-normal">{labels.colour}</th>
              <th className="font-normal">{labels.size}</th>
              <th className="font-normal max-md:hidden">{labels.promised}</th>
              <th className="font-normal max-md:hidden">{labels.lot}</th>
              <th className="font-normal print:hidden">
                <span className="sr-only">{labels.whatToDo}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {stock.data.map((piece) =>
              open === piece.id ? (
                <tr key={piece.id}>
                  <td colSpan={7} className="py-4 border-b border-rule">
                    <StockForm catalogue={catalogue.data} piece={piece} onClose={close} />
                  </td>
                </tr>
              ) : (
                <Line
                  key={piece.id}
                  piece={piece}
                  catalogue={catalogue.data}
                  found={search.get('piece') === piece.id}
                  onEdit={() => setOpen(piece.id)}
                  onRemove={() => remove.mutate(piece)}
                />
              ),
            )}
          </tbody>
        </table>
      )}
      <ItemsOnHand catalogue={catalogue.data} />
      <Weigh catalogue={catalogue.data} />
      {undo && (
        <UndoBar
          action="Undo"
          onAction={() => {
            restore.mutate(undo.id);
            setUndo(null);
          }}
          onClose={() => setUndo(null)}
        >
          {undo.says}
        </UndoBar>
      )}
    </main>
  );
}

interface LineProps {
  piece: OnHand;
  catalogue: Catalogue;
  found: boolean;
  onEdit: () => void;
  onRemove: () => void;
}

function Line({ piece, catalogue, found, onEdit, onRemove }: LineProps) {
  const units = useUnits();
  return (
    <tr
      className={`border-b border-rule ${found ? 'outline-2 outline-ink' : ''}`}
      data-stock={piece.label}
      data-kind={piece.kind}
    >
      <td className="py-2 font-semibold">{piece.label}</td>
      <td>{catalogue.vinyls.find((v) => v.id === piece.vinyl)?.name ?? piece.vinyl}</td>
      <td>
        <span
          className="inline-block w-4 h-4 mr-2 border border-ink align-middle"
          style={{ background: piece.colour }}
        />
        {piece.colourWord}
      </td>
      <td data-size>
        {units.lengthShown(piece.widthMm)} {units.lengthUnit} × {units.bought(piece.onHandMm)}
        {piece.cornerWidthMm > 0 && <span className="text-quiet">{labels.aCornerGone}</span>}
        {piece.low && <strong className="ml-2">{labels.runningOut2}</strong>}
      </td>
      <td className="max-md:hidden">{piece.reservedMm > 0 ? units.bought(piece.reservedMm) : ''}</td>
      <td className="text-quiet whitespace-nowrap max-md:hidden">{piece.lot}</td>
      <td className="text-right md:whitespace-nowrap print:hidden">
        <a
          className="btn btn-sm btn-ghost"
          href={`/api/stock/${piece.id}/label.pdf`}
          target="_blank"
          rel="noreferrer"
          aria-label={labels.labelFor(piece.label)}
        >
          {labels.label}
        </a>
        <button type="button" className="btn btn-sm btn-ghost" aria-label={labels.change(piece.label)} onClick={onEdit}>
          {labels.change2}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-ghost"
          aria-label={labels.takeOff(piece.label)}
          onClick={onRemove}
        >
          {labels.takeOff2}
        </button>
      </td>
    </tr>
  );
}
