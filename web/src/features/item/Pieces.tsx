import { useMutation } from '@tanstack/react-query';
import { type ClipboardEvent, type KeyboardEvent, useId, useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, got } from '../../api/client';
import {
  filledDown,
  garmentsIn,
  NEW_PIECE,
  type Piece,
  type PieceField,
  pasted,
  piecesOf,
  set,
  withPieces,
} from '../../api/pieces';
import { useUnits } from '../../app/units';
import { ColourCell } from '../../ui/ColourCell';
import { NotRead } from '../../ui/NotRead';
import { Failed } from '../../ui/States';
import { SIZE_NAMES } from '../../ui/sizes';
import { useJob } from '../jobs/JobPage';
import * as labels from './labels';
import { TextCell } from './TextCell';

/** What a column is called in the heading of a list that is read. */
const HEADING: Record<PieceField, string> = {
  name: 'name',
  size: 'garment size',
  garmentColour: 'garment color',
  colour: 'name color',
  widthMm: 'name width',
  count: 'how many',
};

interface Place {
  row: number;
  field: PieceField;
}

/** The pieces of a run, a row for each or for several alike: what Place, Cut, the plan and the bench go by. */
export function Pieces() {
  const { draft, catalogue } = useJob();
  const { job, edit } = draft;
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState<Place | null>(null);
  const table = useRef<HTMLTableElement>(null);
  const file = useId();
  const pieces = piecesOf(job);
  const keep = (next: readonly Piece[]) => edit((j) => withPieces(j, next));
  const read = useMutation({
    mutationFn: ({ text }: { text: string; place: Place; column: boolean }) =>
      got(api.POST('/api/artwork/names', { body: { text } })),
    onSuccess: ({ names }, { place, column }) => {
      if (names.length > 0)
        edit((j) => withPieces(j, pasted(piecesOf(j), place.row, names, column ? place.field : null)));
    },
  });
  if (pieces.length === 0 && !open)
    return (
      <div className="md:ml-[12.5rem] print:hidden">
        <button type="button" className="btn btn-sm btn-outline" onClick={() => setOpen(true)}>
          {labels.listThem}
        </button>
      </div>
    );

  const sized = catalogue.forms.find((f) => f.id === job.blank.form)?.hasSizes ?? false;
  const carries = job.layers.some((l) => l.word?.fromNames);
  const named = pieces.some((p) => p.name);
  const columns: { field: PieceField; name: string }[] = [
    { field: 'name', name: labels.nameColumn },
    ...(sized ? [{ field: 'size' as const, name: labels.sizeColumn }] : []),
    { field: 'garmentColour', name: labels.garment },
    ...(named
      ? [
          { field: 'colour' as const, name: labels.nameColour },
          { field: 'widthMm' as const, name: labels.nameWidth(units.lengthUnit) },
        ]
      : []),
    { field: 'count', name: labels.howMany },
  ];
  const change = <F extends PieceField>(row: number, field: F, value: Piece[F]) =>
    keep(
      row < pieces.length
        ? pieces.map((p, i) => (i === row ? set(p, field, value) : p))
        : [...pieces, set(NEW_PIECE, field, value)],
    );
  const fill = (place: Place) => keep(filledDown(pieces, place.row, place.field));
  const go = (row: number, field: PieceField) =>
    table.current?.querySelector<HTMLElement>(`[data-row="${row}"] [data-field="${field}"]`)?.focus();

  const keys = (place: Place) => (e: KeyboardEvent<HTMLElement>) => {
    if (e.key === 'd' && (e.ctrlKey || e.metaKey)) {
      e.preventDefault();
      fill(place);
    }
    // Enter goes to the next row, as in a table.
    if (e.key === 'Enter') {
      e.preventDefault();
      const { row, field } = place;
      (e.target as HTMLElement).blur();
      setTimeout(() => go(row + 1, field), 0);
    }
  };
  const paste = (place: Place) => (e: ClipboardEvent<HTMLElement>) => {
    const text = e.clipboardData.getData('text/plain').replace(/\r\n?/g, '\n').replace(/\n+$/, '');
    const several = text.includes('\n') || text.includes('\t');
    if (!several && !(place.field === 'name' && /[,;]/.test(text))) return;
    e.preventDefault();
    const rows = place.field === 'name' || text.includes('\t');
    read.mutate({ text: rows ? text : `${HEADING[place.field]}\n${text}`, place, column: !rows });
  };
  const cell = (piece: Piece, row: number, { field, name }: { field: PieceField; name: string }) => {
    const place = { row, field };
    const common = {
      'aria-label': labels.of(name, row + 1),
      'data-field': field,
      onFocus: () => setAt(place),
      onKeyDown: keys(place),
      onPaste: paste(place),
    };
    switch (field) {
      case 'size':
        return (
          <select
            {...common}
            className="select select-sm w-[7.2rem]"
            value={piece.size ?? ''}
            onChange={(e) => change(row, 'size', e.target.value || null)}
          >
            <option value="">{labels.standard}</option>
            {catalogue.sizes.map((id) => (
              <option key={id} value={id}>
                {SIZE_NAMES[id] ?? id}
              </option>
            ))}
          </select>
        );
      case 'garmentColour':
      case 'colour':
        return (
          <ColourCell
            name={labels.of(name, row + 1)}
            value={piece[field]}
            known={catalogue.colours}
            placeholder={field === 'colour' ? labels.likeTheLayer : labels.likeTheItem}
            onPick={(hex) => change(row, field, hex)}
            input={common}
          />
        );
      default:
        return (
          <TextCell
            value={
              field === 'name'
                ? piece.name
                : field === 'widthMm'
                  ? piece.widthMm
                    ? String(units.lengthShown(piece.widthMm))
                    : ''
                  : row < pieces.length
                    ? String(piece.count ?? 1)
                    : ''
            }
            wide={field === 'name'}
            placeholder={
              field === 'widthMm' ? labels.likeAll : field === 'name' && row === pieces.length ? labels.typeOrPaste : ''
            }
            input={common}
            onKeep={(said) => {
              if (field === 'name') return change(row, 'name', said.trim());
              const number = said.trim() === '' ? null : Number(said.replace(',', '.'));
              if (number !== null && !(number > 0)) return undefined;
              return field === 'widthMm'
                ? change(row, 'widthMm', number === null ? null : units.mmFrom(number))
                : change(row, 'count', Math.min(999, Math.max(1, Math.round(number ?? 1))));
            }}
          />
        );
    }
  };

  const mayFill = at !== null && at.row < pieces.length - 1;
  const column = at && columns.find((c) => c.field === at.field)?.name.toLowerCase();
  return (
    <section aria-label={labels.onePerPiece} id="pieces" className="grid gap-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2>{labels.pieces}</h2>
        <p className="text-quiet text-[0.9rem]">{labels.pasteHint}</p>
      </div>
      <div className="overflow-x-auto">
        <table ref={table} className="text-[0.95rem]" data-testid="pieces">
          <thead>
            <tr className="text-left text-quiet text-[0.87rem]">
              <th className="w-7" />
              {columns.map((c) => (
                <th key={c.field} className="font-normal pr-3 pb-1">
                  {c.name}
                </th>
              ))}
              <th />
            </tr>
          </thead>
          <tbody>
            {[...pieces, NEW_PIECE].map((piece, row) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a piece is known by its place in the list
              <tr key={row} data-row={row}>
                <td className="text-quiet tabular-nums text-[0.87rem]">{row < pieces.length ? row + 1 : '+'}</td>
                {columns.map((c) => (
                  <td key={c.field} className="pr-2 py-0.5">
                    {cell(piece, row, c)}
                  </td>
                ))}
                <td>
                  {row < pieces.length && (
                    <button
                      type="button"
                      className="btn btn-sm btn-ghost"
                      aria-label={labels.removeRow(row + 1)}
                      onClick={() => keep(pieces.filter((_, i) => i !== row))}
                    >
                      ×
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {read.isError && <Failed error={read.error} />}
      <NotRead read={read.data} />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <strong className="tabular-nums" aria-live="polite">
          {labels.piecesInAll(pieces.length === 0 ? (job.quantity ?? 1) : garmentsIn(pieces))}
        </strong>
        <button
          type="button"
          className="btn btn-sm btn-outline"
          disabled={!mayFill}
          title={column ? labels.fillsDown(column) : undefined}
          onClick={() => at && fill(at)}
        >
          {labels.fillDown}
        </button>
        <label htmlFor={file} className="link-quiet text-[0.9rem] focus-within:outline-2 focus-within:outline-offset-2">
          {labels.fromFile}
          <input
            id={file}
            type="file"
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => {
              const place: Place = { row: pieces.length, field: 'name' };
              void e.target.files?.[0]?.text().then((text) => read.mutate({ text, place, column: false }));
              e.target.value = '';
            }}
          />
        </label>
        {pieces.length > 0 && (
          <button type="button" className="btn btn-sm btn-ghost" onClick={() => keep([])}>
            {labels.clearAll}
          </button>
        )}
      </div>
      {named && !carries && (
        <p>
          {labels.nothingCarriesNames}{' '}
          <Link className="link" to="../artwork#door-names">
            {labels.putThemOn}
          </Link>
        </p>
      )}
    </section>
  );
}
