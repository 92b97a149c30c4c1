import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Catalogue, got, type OnHand, Refused, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import * as labels from './labels';

type Ask = Schemas['StockAsk'];

const KINDS = [
  { id: 'roll', name: labels.roll },
  { id: 'sheet', name: labels.sheet },
  { id: 'offcut', name: labels.offcut },
];

const fresh = (vinyl: string): Ask => ({
  commandId: '',
  version: null,
  kind: 'roll',
  vinyl,
  colour: '#1b2a49',
  colourName: '',
  widthMm: 305,
  lengthMm: null,
  cornerWidthMm: null,
  cornerLengthMm: null,
  lot: '',
  label: '',
  pricePerMetre: null,
  lowMm: null,
});

interface Props {
  catalogue: Catalogue;
  piece?: OnHand;
  onClose: () => void;
}

/** A roll, sheet or offcut, typed in or changed. Nothing is kept until all of it can be. */
export function StockForm({ catalogue, piece, onClose }: Props) {
  const units = useUnits();
  const [commandId] = useState(() => newId());
  const [ask, setAsk] = useState<Ask>(() =>
    piece
      ? {
          commandId,
          version: piece.version,
          kind: piece.kind,
          vinyl: piece.vinyl,
          colour: piece.colour,
          colourName: piece.colourName,
          widthMm: piece.widthMm,
          lengthMm: null,
          cornerWidthMm: piece.cornerWidthMm || null,
          cornerLengthMm: piece.cornerLengthMm || null,
          lot: piece.lot,
          label: piece.label,
          pricePerMetre: piece.pricePerMetre ?? null,
          lowMm: piece.lowMm || null,
        }
      : { ...fresh(catalogue.usual.vinyl), commandId },
  );
  const keep = useMutation({
    mutationFn: (isCut?: boolean) =>
      piece
        ? got(
            api.PUT('/api/stock/{id}', {
              params: { path: { id: piece.id } },
              body: isCut === undefined ? ask : { ...ask, isCut },
            }),
          )
        : got(api.POST('/api/stock', { body: ask })),
    onSuccess: onClose,
  });
  const refused = keep.error instanceof Refused ? keep.error : null;
  const faults = new Map((refused?.faults ?? []).map((f) => [f.pointer.replace(/^#\//, ''), f.detail]));
  const set = (change: Partial<Ask>) => setAsk({ ...ask, ...change });
  const text = (name: string, key: 'colourName' | 'lot' | 'label', hint?: string) => (
    <label className="field">
      <span className="name">{name}</span>
      <input
        className="input"
        aria-label={name}
        maxLength={80}
        value={ask[key] ?? ''}
        onChange={(e) => set({ [key]: e.target.value })}
      />
      {(faults.get(key) ?? hint) && (
        <span className={faults.has(key) ? 'fault' : 'block text-[0.84rem] text-quiet mt-1'}>
          {faults.get(key) ?? hint}
        </span>
      )}
    </label>
  );
  const mm = (
    name: string,
    key: 'widthMm' | 'lengthMm' | 'cornerWidthMm' | 'cornerLengthMm' | 'lowMm',
    placeholder = '',
  ) => (
    <NumberField
      name={name}
      value={ask[key] == null ? undefined : units.lengthShown(ask[key])}
      unit={units.lengthUnit}
      placeholder={placeholder}
      onChange={(n) => set({ [key]: n === undefined ? (key === 'widthMm' ? 0 : null) : units.mmFrom(n) })}
      fault={faults.get(key)}
    />
  );
  return (
    <form
      className="border-y border-ink py-5 mb-6"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(undefined);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Escape') onClose();
      }}
    >
      <div className="grid grid-cols-2 md:grid-cols-3 lg:grid-cols-4 gap-x-5 gap-y-4 items-start">
        <ChoiceField
          name={labels.itIsA}
          value={ask.kind}
          options={KINDS}
          onPick={(k) => set({ kind: k as Ask['kind'] })}
        />
        <ChoiceField
          name={labels.vinyl}
          value={ask.vinyl}
          options={catalogue.vinyls}
          onPick={(vinyl) => set({ vinyl })}
          fault={faults.get('vinyl')}
        />
        <label className="field">
          <span className="name">{labels.colour}</span>
          <input
            type="color"
            className="w-full h-10 p-1 border border-ink bg-transparent cursor-pointer"
            aria-label={labels.colour}
            value={ask.colour}
            onChange={(e) => set({ colour: e.target.value })}
          />
        </label>
        {text(labels.whatTheColourIsCalled, 'colourName')}
        {mm(labels.width, 'widthMm')}
        {mm(
          piece ? labels.lengthIfYouMeasuredIt : labels.length,
          'lengthMm',
          piece ? String(units.lengthShown(piece.onHandMm)) : '',
        )}
        {ask.kind === 'offcut' && mm(labels.cornerGoneWidth, 'cornerWidthMm')}
        {ask.kind === 'offcut' && mm(labels.cornerGoneLength, 'cornerLengthMm')}
        {text(labels.lot, 'lot')}
        {text(labels.label, 'label', labels.whatYouWriteOnIt)}
        <NumberField
          name={labels.priceOfAMetre}
          value={ask.pricePerMetre ?? undefined}
          unit=""
          onChange={(n) => set({ pricePerMetre: n ?? null })}
          fault={faults.get('pricePerMetre')}
        />
        {mm(labels.runningOutBelow, 'lowMm')}
      </div>
      {refused && faults.size === 0 && refused.code !== 'promised' && (
        <p className="notice stop mt-4">{refused.message}</p>
      )}
      {refused?.code === 'promised' && (
        <div role="alert" className="notice mt-4">
          <p>{refused.message}</p>
          <p className="flex flex-wrap gap-3 mt-2">
            <button type="button" className="btn btn-sm btn-outline" onClick={() => keep.mutate(true)}>
              {labels.itIsCutThisLength}
            </button>
            <button type="button" className="btn btn-sm btn-outline" onClick={() => keep.mutate(false)}>
              {labels.notCutYetItStill}
            </button>
          </p>
        </div>
      )}
      <div className="flex gap-3 mt-5">
        <button type="submit" className="btn btn-primary" disabled={keep.isPending}>
          {labels.keepIt}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {labels.leaveIt}
        </button>
      </div>
    </form>
  );
}
