import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { day } from '../../app/dates';
import { useUnits } from '../../app/units';
import * as labels from './labels';

type Quote = Schemas['QuoteAnswer'];

const USUAL_DAYS = 14;

/** Quotes of a job: given, printed, accepted. What was promised stays as it was. */
export function Quotes({ jobId, cost, currency }: { jobId: string; cost: Schemas['CostAnswer']; currency: string }) {
  const queries = useQueryClient();
  const quotes = useQuery({
    queryKey: ['quotes', jobId],
    queryFn: () => got(api.GET('/api/quotes', { params: { query: { job: jobId } } })),
  });
  const [open, setOpen] = useState(false);
  const again = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ['quotes', jobId] }),
      queries.invalidateQueries({ queryKey: ['jobs'] }),
      queries.invalidateQueries({ queryKey: ['job'] }),
    ]);
  return (
    <section aria-label={labels.quotes}>
      <div className="flex items-baseline gap-5 mb-2">
        <h2>{labels.quotes}</h2>
        {!open && (
          <button type="button" className="btn btn-sm btn-outline print:hidden" onClick={() => setOpen(true)}>
            {labels.newQuote}
          </button>
        )}
      </div>
      {open && (
        <NewQuote
          jobId={jobId}
          cost={cost}
          currency={currency}
          onDone={() => {
            setOpen(false);
            void again();
          }}
        />
      )}
      {quotes.data?.length === 0 && !open && <p className="text-quiet">{labels.noQuotes}</p>}
      <ul className="scored border-y border-rule empty:hidden">
        {quotes.data?.map((q) => (
          <Line key={q.id} quote={q} onChanged={again} />
        ))}
      </ul>
    </section>
  );
}

interface NewProps {
  jobId: string;
  cost: Schemas['CostAnswer'];
  currency: string;
  onDone: () => void;
}

function NewQuote({ jobId, cost, currency, onDone }: NewProps) {
  const [commandId] = useState(() => newId());
  const [customer, setCustomer] = useState('');
  const [days, setDays] = useState(String(USUAL_DAYS));
  const [each, setEach] = useState('');
  const [note, setNote] = useState('');
  const give = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/jobs/{id}/quotes', {
          params: { path: { id: jobId } },
          body: {
            commandId,
            customer,
            validDays: Number(days) || 0,
            quantity: null,
            priceEach: each.trim().replace(',', '.') || null,
            note,
          },
        }),
      ),
    onSuccess: onDone,
  });
  const loses = each.trim() !== '' && Number(each.replace(',', '.')) < Number(cost.perPiece.cost);
  return (
    <form
      className="grid gap-4 sm:grid-cols-4 mb-4 max-w-[60rem]"
      onSubmit={(e) => {
        e.preventDefault();
        give.mutate();
      }}
    >
      <label className="field sm:col-span-2">
        <span className="name">{labels.customer}</span>
        <input className="input" maxLength={120} value={customer} onChange={(e) => setCustomer(e.target.value)} />
      </label>
      <label className="field">
        <span className="name">{labels.priceEach}</span>
        <input
          className="input"
          inputMode="decimal"
          value={each}
          placeholder={labels.priceEachHint(`${currency}${cost.perPiece.price}`)}
          onChange={(e) => setEach(e.target.value)}
        />
        {loses && <span className="fault">{labels.belowCost(`${currency}${cost.perPiece.cost}`)}</span>}
      </label>
      <label className="field">
        <span className="name">{labels.validDays}</span>
        <input className="input" inputMode="numeric" value={days} onChange={(e) => setDays(e.target.value)} />
      </label>
      <label className="field sm:col-span-3">
        <span className="name">{labels.note}</span>
        <input className="input" maxLength={400} value={note} onChange={(e) => setNote(e.target.value)} />
      </label>
      <button type="submit" className="btn btn-primary self-end" disabled={give.isPending}>
        {labels.give}
      </button>
      {give.isError && <p className="fault sm:col-span-4">{give.error.message}</p>}
    </form>
  );
}

function Line({ quote, onChanged }: { quote: Quote; onChanged: () => unknown }) {
  const { system } = useUnits();
  const [due, setDue] = useState('');
  const params = { path: { id: quote.id } };
  const accept = useMutation({
    mutationFn: () => got(api.POST('/api/quotes/{id}/accept', { params, body: { due: due || null } })),
    onSuccess: onChanged,
  });
  const decline = useMutation({
    mutationFn: () => got(api.POST('/api/quotes/{id}/decline', { params })),
    onSuccess: onChanged,
  });
  const { says } = quote;
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-2 py-2.5">
      <strong className="font-semibold w-24">{labels.quoteNumber(quote.number)}</strong>
      <span className="grow">
        {quote.customer}{' '}
        <span className="text-quiet">
          {labels.pieces(says.quantity, `${says.currency}${says.each}`)} · {says.currency}
          {says.total} · {labels.validUntil(day(`${quote.validUntil}T12:00`))}
        </span>
      </span>
      <a className="link-quiet" href={`/api/quotes/${quote.id}.pdf?units=${system}`} target="_blank" rel="noreferrer">
        {labels.print}
      </a>
      {quote.status === 'open' ? (
        <span className="flex flex-wrap items-center gap-3 print:hidden">
          <input
            type="date"
            className="input w-40"
            aria-label={labels.handover}
            value={due}
            onChange={(e) => setDue(e.target.value)}
          />
          <button
            type="button"
            className="btn btn-sm btn-primary"
            disabled={accept.isPending}
            onClick={() => accept.mutate()}
          >
            {labels.accept}
          </button>
          <button
            type="button"
            className="btn btn-sm btn-ghost"
            disabled={decline.isPending}
            onClick={() => decline.mutate()}
          >
            {labels.decline}
          </button>
        </span>
      ) : (
        <span className="font-semibold">{quote.status === 'accepted' ? labels.accepted : labels.declined}</span>
      )}
      {(accept.isError || decline.isError) && <span className="fault">{(accept.error ?? decline.error)?.message}</span>}
    </li>
  );
}
