import { useState } from 'react';
import { Failed, Loading } from '../../ui/States';
import * as labels from './labels';
import { type Move, useWays } from './usePractice';

/** What crafters differ on, each way tried at this bench, with its price. */
export function WaysTried({ id, moves }: { id: string; moves: Move[] }) {
  const [open, setOpen] = useState(false);
  const ways = useWays(id, moves, open);
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer font-semibold">{labels.otherWays}</summary>
      <p className="text-quiet max-w-[70ch] mt-1">{labels.otherWaysWhy}</p>
      {ways.isError && <Failed error={ways.error} />}
      {open && ways.isPending && <Loading what={labels.theWays} />}
      {ways.data?.length === 0 && <p className="mt-2">{labels.noWays}</p>}
      {ways.data && ways.data.length > 0 && (
        <div className="overflow-x-auto mt-3">
          <table className="w-full max-w-[860px] text-left">
            <thead>
              <tr className="border-b border-ink align-bottom">
                {labels.wayHeads.map((head, i) => (
                  <th
                    key={head}
                    scope="col"
                    className={`py-1 pr-4 font-semibold ${i > 1 ? 'text-right whitespace-nowrap' : ''}`}
                  >
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            {ways.data.map(({ question, ways: tried }) => (
              <tbody key={question}>
                <tr>
                  <th scope="rowgroup" colSpan={5} className="pt-3 pb-0.5 font-normal text-quiet">
                    {question}
                  </th>
                </tr>
                {tried.map((w) => (
                  <tr key={w.way} className="border-b border-rule">
                    <th scope="row" className={`py-1 pr-4 ${w.taken ? 'font-semibold' : 'font-normal'}`}>
                      {w.way}
                      {w.taken && <span className="text-quiet font-normal"> {labels.wayTaken}</span>}
                    </th>
                    <td className="pr-4">{w.good ? labels.wayGood : labels.wayBad}</td>
                    <td className="numeral text-right pr-4">{w.minutes.toFixed(1)}</td>
                    <td className="numeral text-right pr-4">{Math.round(w.holds * 100)} %</td>
                    <td className="numeral text-right">{Math.round(w.heat * 100)} %</td>
                  </tr>
                ))}
              </tbody>
            ))}
          </table>
        </div>
      )}
    </details>
  );
}
