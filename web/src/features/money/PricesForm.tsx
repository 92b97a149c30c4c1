import { useState } from 'react';
import { Refused } from '../../api/client';
import { ChoiceField, NumberField } from '../../ui/Fields';
import * as labels from './labels';
import { type Prices, useKeepPrices } from './usePrices';

type Amount =
  | 'hourly'
  | 'vinylPerM2'
  | 'blank'
  | 'kWh'
  | 'licence'
  | 'deliveryPerOrder'
  | 'consumablesPerPiece'
  | 'wearPerPiece';

/** What the workshop reckons by. Kept once for all jobs. */
export function PricesForm({ prices }: { prices: Prices }) {
  const [typed, setTyped] = useState(prices);
  const keep = useKeepPrices();
  const set = (change: Partial<Prices>) => setTyped({ ...typed, ...change });
  const refused = keep.error instanceof Refused ? keep.error : null;
  const fault = (name: string) => refused?.faults.find((f) => f.pointer === `#/${name}`)?.detail;
  const amount = (name: string, key: Amount, hint?: string) => (
    <NumberField
      name={name}
      unit={typed.currency ?? '$'}
      value={typed[key] || undefined}
      fault={fault(key)}
      {...(hint ? { hint } : {})}
      onChange={(v) => set({ [key]: v ?? 0 })}
    />
  );
  const markup = typed.markupPercent !== null && typed.markupPercent !== undefined;
  return (
    <form
      className="grid gap-x-8 gap-y-4 sm:grid-cols-2 lg:grid-cols-3 max-w-[64rem]"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(typed);
      }}
    >
      {amount(labels.hourly, 'hourly')}
      {amount(labels.vinylPerM2, 'vinylPerM2', labels.vinylHint)}
      {amount(labels.blankPrice, 'blank')}
      {amount(labels.kWh, 'kWh')}
      {amount(labels.consumables, 'consumablesPerPiece')}
      {amount(labels.wear, 'wearPerPiece')}
      {amount(labels.licence, 'licence')}
      <ChoiceField
        name={labels.licencePer}
        value={typed.licencePer ?? 'piece'}
        options={[
          { id: 'piece', name: labels.eachPiece },
          { id: 'order', name: labels.theOrder },
        ]}
        onPick={(id) => set({ licencePer: id as 'piece' | 'order' })}
      />
      {amount(labels.delivery, 'deliveryPerOrder')}
      <NumberField
        name={labels.spoilageShare}
        unit={labels.percent}
        value={typed.spoilagePercent ?? undefined}
        hint={labels.spoilageHint}
        fault={fault('spoilagePercent')}
        onChange={(v) => set({ spoilagePercent: v ?? null })}
      />
      <ChoiceField
        name={labels.marginOrMarkup}
        value={markup ? 'markup' : 'margin'}
        options={[
          { id: 'margin', name: labels.margin },
          { id: 'markup', name: labels.markup },
        ]}
        onPick={(id) =>
          set(
            id === 'markup'
              ? { markupPercent: typed.marginPercent ?? 0, marginPercent: null }
              : { marginPercent: typed.markupPercent ?? 0, markupPercent: null },
          )
        }
      />
      <NumberField
        name={markup ? labels.markup : labels.margin}
        unit={labels.percent}
        value={(markup ? typed.markupPercent : typed.marginPercent) ?? undefined}
        fault={fault(markup ? 'markupPercent' : 'marginPercent')}
        onChange={(v) => set(markup ? { markupPercent: v ?? 0 } : { marginPercent: v ?? null })}
      />
      <NumberField
        name={labels.tax}
        unit={labels.percent}
        value={typed.taxPercent || undefined}
        hint={labels.taxHint}
        fault={fault('taxPercent')}
        onChange={(v) => set({ taxPercent: v ?? 0 })}
      />
      <ChoiceField
        name={labels.rounding}
        value={typed.rounding ?? 'cent'}
        options={[
          { id: 'cent', name: labels.cent },
          { id: 'half', name: labels.half },
          { id: 'whole', name: labels.whole },
          { id: 'ninety-nine', name: labels.ninetyNine },
        ]}
        onPick={(id) => set({ rounding: id as NonNullable<Prices['rounding']> })}
      />
      <label className="field">
        <span className="name">{labels.currency}</span>
        <input
          className="input"
          maxLength={8}
          value={typed.currency ?? ''}
          onChange={(e) => set({ currency: e.target.value })}
        />
      </label>
      <div className="self-end">
        <button type="submit" className="btn btn-primary" disabled={keep.isPending}>
          {keep.isPending ? labels.saving : labels.save}
        </button>
        {keep.isError && !refused?.faults.length && <span className="fault">{keep.error.message}</span>}
      </div>
    </form>
  );
}
