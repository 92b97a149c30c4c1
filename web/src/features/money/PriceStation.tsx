import { useQuery } from '@tanstack/react-query';
import { api, got, type Schemas } from '../../api/client';
import { Failed, Loading } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import * as labels from './labels';
import { PricesForm } from './PricesForm';
import { Quotes } from './Quotes';
import { usePrices } from './usePrices';

type Cost = Schemas['CostAnswer'];

/** What a piece costs and what it is sold for; the answer first, what it is made of below. */
export function PriceStation() {
  const { draft, id } = useJob();
  const prices = usePrices();
  const cost = useQuery({
    queryKey: ['cost', id, draft.job],
    queryFn: () => got(api.POST('/api/jobs/{id}/cost', { params: { path: { id } }, body: { quantities: [] } })),
  });
  const failed = prices.error ?? cost.error;
  if (failed) return <Failed error={failed} retry={() => cost.refetch()} />;
  if (!prices.data || !cost.data) return <Loading what={labels.thePrice} />;
  const { rows, ways, currency } = cost.data;
  const own = ways[0]?.cost.quantity ?? 1;
  const mine = rows.find((r) => r.quantity === own);
  const money = (amount: string) => `${currency}${amount}`;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-9 max-w-[66rem]">
      {mine && (
        <section aria-label={labels.price}>
          <p className="numeral text-[2.6rem] font-bold leading-tight">{labels.sellFor(money(mine.perPiece.price))}</p>
          <p className="mt-1">
            <strong className="font-semibold">{labels.forSoMany(own, money(mine.total))}.</strong>{' '}
            {prices.data.hourly ? labels.loseBelow(money(mine.perPiece.cost)) : labels.notTyped}
          </p>
        </section>
      )}
      <section aria-label={labels.byQuantity}>
        <h2 className="mb-2">{labels.byQuantity}</h2>
        <CostTable
          head={labels.quantity}
          rows={rows.map((r) => ({ name: String(r.quantity), cost: r }))}
          money={money}
          own={own}
        />
        <p className="text-[0.87rem] text-quiet mt-2 max-w-[70ch]">{labels.whereFrom}</p>
      </section>
      {ways.length > 1 && (
        <section aria-label={labels.ways}>
          <h2 className="mb-2">{labels.ways}</h2>
          <CostTable head={labels.way} rows={ways} money={money} own={own} />
        </section>
      )}
      {mine && <Quotes jobId={id} cost={mine} currency={currency} />}
      <section aria-label={labels.yourPrices} className="print:hidden">
        <h2 className="mb-3">{labels.yourPrices}</h2>
        <PricesForm prices={prices.data} />
      </section>
    </div>
  );
}

interface TableProps {
  head: string;
  rows: readonly { name: string; cost: Cost }[];
  money: (amount: string) => string;
  own: number;
}

function CostTable({ head, rows, money, own }: TableProps) {
  const columns: [string, (c: Cost) => string, string?][] = [
    [labels.vinyl, (c) => money(c.perPiece.vinyl)],
    [labels.blank, (c) => money(c.perPiece.blank)],
    [labels.hands, (c) => money(c.perPiece.hands)],
    [labels.power, (c) => money(c.perPiece.power)],
    [labels.other, (c) => money(c.perPiece.other)],
    [labels.spoilage, (c) => money(c.perPiece.spoilage)],
    [labels.cost, (c) => money(c.perPiece.cost), 'font-semibold'],
    [labels.sold, (c) => money(c.perPiece.price), 'font-semibold'],
    [labels.total, (c) => money(c.total)],
  ];
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by the arrow keys
    <section className="overflow-x-auto" tabIndex={0} aria-label={head}>
      <table className="w-full text-[0.95rem] tabular-nums text-right [&_td]:pl-4 [&_th]:pl-4 [&_:first-child]:pl-0">
        <thead>
          <tr className="border-b border-ink text-quiet">
            <th className="font-normal text-left py-1.5">{head}</th>
            {columns.map(([name]) => (
              <th key={name} className="font-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, cost }) => (
            <tr key={name} className={`border-b border-rule ${name === String(own) ? 'bg-sheet' : ''}`}>
              <th className="text-left font-semibold py-1.5">{name}</th>
              {columns.map(([column, of, weight]) => (
                <td key={column} className={weight}>
                  {of(cost)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
