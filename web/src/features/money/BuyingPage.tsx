import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got } from '../../api/client';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { SIZE_NAMES } from '../../ui/sizes';
import * as labels from './labels';

const WEEK = 7;

/** What all jobs of the day or the week want and is not there. */
export function BuyingPage() {
  const units = useUnits();
  const [week, setWeek] = useState(false);
  const list = useQuery({
    queryKey: ['buying', week],
    queryFn: () => got(api.GET('/api/buying', { params: { query: week ? { days: WEEK } : {} } })),
    staleTime: 0,
  });
  if (list.isPending) return <Loading what={labels.toBuy} />;
  if (list.isError) return <Failed error={list.error} retry={() => list.refetch()} />;
  const { vinyl, blanks, transferSheets, patches, total, allPriced, currency } = list.data;
  const empty = vinyl.length === 0 && blanks.length === 0 && !transferSheets;
  const money = (cost: string | null | undefined) => (cost ? `${currency}${cost}` : '–');
  return (
    <main className="w-full max-w-[1040px] mx-auto px-4 sm:px-6 pt-8 pb-24 grid gap-7">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <h1 className="text-[1.65rem] font-bold">{labels.toBuy}</h1>
        <span className="join print:hidden">
          {[false, true].map((w) => (
            <button
              key={String(w)}
              type="button"
              className={`btn btn-sm join-item ${w === week ? 'btn-primary' : 'btn-outline'}`}
              aria-pressed={w === week}
              onClick={() => setWeek(w)}
            >
              {w ? labels.forTheWeek : labels.forTheDay}
            </button>
          ))}
        </span>
        <button type="button" className="link-quiet ml-auto print:hidden" onClick={() => window.print()}>
          {labels.printList}
        </button>
      </div>
      <p className="text-quiet -mt-4">{labels.toBuyWhy}</p>
      {empty && <p className="border-y border-rule py-6">{labels.nothingToBuy}</p>}
      {vinyl.length > 0 && (
        <table className="w-full tabular-nums [&_td]:pr-4 [&_th]:pr-4 [&_td]:py-1.5">
          <thead>
            <tr className="border-b border-ink text-left text-quiet">
              {[labels.vinyl, labels.color, labels.howMuch, labels.cost, labels.forJobs].map((h) => (
                <th key={h} className="font-normal py-1.5">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {vinyl.map((v) => (
              <tr key={`${v.vinyl} ${v.colour}`} className="border-b border-rule align-top">
                <td className="font-semibold">{v.name}</td>
                <td>
                  {v.colour && (
                    <span className="inline-block size-3 mr-2 border border-rule" style={{ background: v.colour }} />
                  )}
                  {v.colourName}
                </td>
                <td>
                  {units.size(v.widthMm, v.lengthMm)}{' '}
                  {v.sheets && (
                    <span className="text-quiet">{v.sheets === 1 ? labels.orOneSheet : labels.orSheets(v.sheets)}</span>
                  )}
                </td>
                <td>{money(v.cost)}</td>
                <td className="text-quiet">{v.for.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {list.data.notLaid.length > 0 && <p className="notice stop">{labels.notLaid(list.data.notLaid.join(', '))}</p>}
      {blanks.length > 0 && (
        <table className="w-full tabular-nums [&_td]:pr-4 [&_th]:pr-4 [&_td]:py-1.5">
          <thead>
            <tr className="border-b border-ink text-left text-quiet">
              {[labels.item, labels.size, labels.color, labels.howMany, labels.cost, labels.forJobs].map((h) => (
                <th key={h} className="font-normal py-1.5">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {blanks.map((b) => (
              <tr key={`${b.form} ${b.material} ${b.size} ${b.colour}`} className="border-b border-rule align-top">
                <td className="font-semibold">
                  {b.form} <span className="font-normal text-quiet">{b.material}</span>
                </td>
                <td>{SIZE_NAMES[b.size] ?? b.size}</td>
                <td>
                  {b.colour && (
                    <span className="inline-block size-3 border border-rule" style={{ background: b.colour }} />
                  )}
                </td>
                <td>{b.count}</td>
                <td>{money(b.cost)}</td>
                <td className="text-quiet">{b.for.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {transferSheets && (
        <p>
          {labels.transferSheetsToBuy(transferSheets.count, transferSheets.usesEach)}{' '}
          <span className="text-quiet">
            {transferSheets.cost && `${money(transferSheets.cost)} · `}
            {transferSheets.for.join(', ')}
          </span>
        </p>
      )}
      {patches > 0 && <p>{labels.patches(patches)}</p>}
      {!empty && (
        <p>
          <strong className="font-semibold">
            {labels.inAll} {currency}
            {total}
          </strong>{' '}
          {!allPriced && (
            <span className="text-quiet">
              {labels.unknownPrices} <Link to="/stock">{labels.itemsOnHand}</Link>
            </span>
          )}
        </p>
      )}
    </main>
  );
}
