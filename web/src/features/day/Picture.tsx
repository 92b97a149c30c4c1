import { useState } from 'react';
import { useUnits } from '../../app/units';
import * as labels from './labels';
import { clock } from './times';
import type { Day, Stretch } from './useDay';
import { rowName, saying } from './words';

const MINUTE = 60_000;
const WIDTH = 1000;
// Farther right an hour has no room for its words.
const LAST_LABEL = 94;
// Narrower than this there is no room for a number, and for a word.
const NUMBER = 14;
const WORD = 62;

/** Every half hour, hour or more, so that a dozen lines at most stand in the picture. */
function hours(from: number, to: number): number[] {
  const step = [15, 30, 60, 120, 240, 720, 1440].find((m) => (to - from) / (m * MINUTE) <= 12) ?? 2880;
  const first = new Date(from);
  first.setMinutes(0, 0, 0);
  const marks: number[] = [];
  for (let at = first.getTime(); at <= to; at += step * MINUTE) if (at >= from) marks.push(at);
  return marks;
}

/** Hands and presses as rows, time from left to right. Every bar carries the number of its job. */
export function Picture({ day }: { day: Day }) {
  const units = useUnits();
  const [picked, setPicked] = useState<{ row: string; stretch: Stretch } | null>(null);
  const all = [...day.hands, ...day.presses].flatMap((r) => r.stretches);
  if (all.length === 0) return null;
  const from = Math.min(...all.map((s) => +new Date(s.start)));
  const to = Math.max(+new Date(day.finish), from + MINUTE);
  const x = (at: string | number) => ((+new Date(at) - from) / (to - from)) * 100;
  const now = +new Date(day.now);
  const { breaks } = day.wish as { breaks: { start: string; end: string }[] };
  const rows = [
    ...day.hands.map((row) => ({ row, name: rowName(row, day.hands.length === 1), heat: false })),
    ...day.presses.map((row) => ({ row, name: row.name, heat: true })),
  ];
  const says = (s: Stretch, name: string) =>
    `${clock(s.start, day.from)}–${clock(s.end, day.from)} ${saying(s, day, units, name)}`;
  return (
    <section aria-label={labels.whoDoesWhat}>
      <h2 className="mb-2">{labels.whoDoesWhat}</h2>
      <div className="day-picture" aria-hidden>
        <div className="day-hours">
          {hours(from, to)
            .filter((at) => x(at) < LAST_LABEL)
            .map((at) => (
              <span key={at} style={{ left: `${x(at)}%` }}>
                {clock(new Date(at), day.from)}
              </span>
            ))}
        </div>
        {rows.map(({ row, name, heat }) => (
          <div key={`${heat} ${row.id}`} className="day-row">
            <span className="day-name">{name}</span>
            <div className="day-line">
              {hours(from, to).map((at) => (
                <i key={at} style={{ left: `${x(at)}%` }} />
              ))}
              {row.stretches.map((s) => {
                const wide = ((x(s.end) - x(s.start)) / 100) * WIDTH;
                return (
                  <button
                    key={s.tasks[0]}
                    type="button"
                    tabIndex={-1}
                    className={`day-bar ${s.activity ?? 'heating'} ${heat ? 'at-press' : ''} tone-${s.job % 4}`}
                    data-picked={picked?.stretch.tasks[0] === s.tasks[0]}
                    style={{ left: `${x(s.start)}%`, width: `${x(s.end) - x(s.start)}%` }}
                    title={says(s, name)}
                    onClick={() => setPicked({ row: name, stretch: s })}
                  >
                    {s.activity && wide > NUMBER && (
                      <>
                        <b>{s.job + 1}</b>
                        {wide > WORD && !heat && ` ${labels.short[s.activity]}`}
                      </>
                    )}
                  </button>
                );
              })}
              {!heat &&
                breaks
                  .filter((b) => +new Date(b.start) < to && +new Date(b.end) > from)
                  .map((b) => (
                    <span
                      key={b.start}
                      className="day-break"
                      style={{ left: `${x(b.start)}%`, width: `${x(b.end) - x(b.start)}%` }}
                    />
                  ))}
              {now > from && now < to && <span className="day-now" style={{ left: `${x(now)}%` }} />}
            </div>
          </div>
        ))}
      </div>
      <p className="mt-2 min-h-6 text-[0.95rem]" aria-live="polite">
        {picked ? (
          `${picked.row}: ${says(picked.stretch, picked.row)}`
        ) : (
          <span className="text-quiet">{labels.tapABar}</span>
        )}
      </p>
      <details className="mt-1 print:hidden">
        <summary className="link-quiet w-fit">{labels.asAList}</summary>
        <section
          className="max-h-96 overflow-auto mt-2"
          aria-label={labels.asAList}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by the arrow keys
          tabIndex={0}
        >
          <table className="w-full text-[0.9rem] tabular-nums [&_td]:pr-3 [&_th]:pr-3">
            <thead>
              <tr className="border-b border-ink text-left text-quiet">
                {[labels.from, labels.to, labels.who, labels.what].map((h) => (
                  <th key={h} className="font-normal py-1">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows
                .flatMap(({ row, name }) => row.stretches.map((s) => ({ name, s })))
                .sort((a, b) => a.s.start.localeCompare(b.s.start))
                .map(({ name, s }) => (
                  <tr key={`${name} ${s.tasks[0]}`} className="border-b border-rule">
                    <td className="whitespace-nowrap py-1">{clock(s.start, day.from)}</td>
                    <td className="whitespace-nowrap">{clock(s.end, day.from)}</td>
                    <td>{name}</td>
                    <td>{saying(s, day, units, name)}</td>
                  </tr>
                ))}
            </tbody>
          </table>
        </section>
      </details>
    </section>
  );
}
