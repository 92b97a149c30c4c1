import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from 'react';
import type { Notice, Plan } from '../../api/client';
import { changed, type Job, layerId } from '../../api/job';
import { time } from '../../app/unitMath';
import { NoticeCard, type OnTake } from '../../ui/Notices';
import * as labels from './labels';
import { type Bar, fullOf, moved, type Row, rows, segments, sentence } from './laying';

interface Props {
  job: Job;
  plan: Plan;
  onEdit: OnTake;
}

/** The layers as they come on each other: dragged into another order, each with the heat it gets; and why the order is what it is. */
export function Order({ job, plan, onEdit }: Props) {
  const order = plan.order;
  if (!order) return <OnlyHeat plan={plan} />;
  const list = rows(order.groups);
  const wish = (next: string[] | null) => onEdit((j) => changed(j, { order: next ?? undefined }));
  const notices = plan.notices.filter((n) => n.code === 'laying-order' || n.code === 'carrier-trim');
  return (
    <section aria-label={labels.orderOfLaying}>
      <h2>
        {labels.orderOfLaying2}
        <span className="font-normal text-quiet text-[0.87rem]">
          {labels.thePlateClosesOnVinyl(order.wished ? labels.yourOwn : labels.foundByThePlan, times(order.presses))}
        </span>
      </h2>
      <div className="mt-2 grid xl:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-x-10 gap-y-4 items-start">
        <Layers job={job} list={list} plan={plan} onOrder={wish} />
        <div className="grid gap-3">
          {notices.map((n: Notice) => (
            <NoticeCard key={n.code} notice={n} onTake={onEdit} />
          ))}
          <ul className="grid gap-1 text-[0.95rem]">
            {order.reasons.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          {order.runnerUp && (
            <p className="text-[0.95rem] border-t border-rule pt-2" data-testid="runner-up">
              <strong className="font-semibold">{order.runnerUp.text}</strong> {sentence(order.runnerUp.groups)}.{' '}
              <button
                type="button"
                className="underline underline-offset-2 print:hidden"
                onClick={() => wish(order.wished ? null : (order.runnerUp?.order.slice() ?? null))}
              >
                {order.wished ? labels.backToThePlanS : labels.layItSo}
              </button>
            </p>
          )}
          {order.wished && !order.runnerUp && (
            <button
              type="button"
              className="underline underline-offset-2 w-fit text-[0.95rem] print:hidden"
              onClick={() => wish(null)}
            >
              {labels.leaveTheOrderToThe}
            </button>
          )}
        </div>
      </div>
    </section>
  );
}

function times(n: number): string {
  return n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`;
}

function OnlyHeat({ plan }: { plan: Plan }) {
  const bar = plan.budgets?.[0];
  if (!bar) return null;
  return (
    <section aria-label={labels.heatOfTheVinyl}>
      <h2>
        {labels.heatOfTheVinyl2}
        <span className="font-normal text-quiet text-[0.87rem]">{labels.overAllPressesAsA}</span>
      </h2>
      <div className="mt-2 max-w-[34rem]">
        <Heat bar={bar} full={fullOf([bar])} plan={plan} />
      </div>
    </section>
  );
}

// The new order comes back from the service within this time, or the keys were meant for something else.
const FOCUS_FOR_MS = 3000;

function Layers({
  job,
  list,
  plan,
  onOrder,
}: {
  job: Job;
  list: Row[];
  plan: Plan;
  onOrder: (order: string[]) => void;
}) {
  const names = list.map((r) => r.id).join('\n');
  const shown = useMemo(() => names.split('\n'), [names]);
  const [held, setHeld] = useState<string | null>(null);
  const box = useRef<HTMLOListElement>(null);
  const moving = useRef<{ id: string; at: number } | null>(null);
  // A layer moved by the keys keeps the focus where it comes to stand.
  useEffect(() => {
    const mine = moving.current;
    moving.current = null;
    if (mine && shown.includes(mine.id) && performance.now() - mine.at < FOCUS_FOR_MS)
      box.current?.querySelector<HTMLElement>(`[data-layer="${CSS.escape(mine.id)}"] button`)?.focus();
  }, [shown]);
  const full = fullOf(plan.budgets ?? []);
  const move = (id: string, to: number) => {
    if (to !== shown.indexOf(id) && to >= 0 && to < shown.length) onOrder(moved(shown, id, to));
  };
  const onKey = (e: KeyboardEvent, id: string) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[e.key];
    if (!by) return;
    e.preventDefault();
    moving.current = { id, at: performance.now() };
    move(id, shown.indexOf(id) + by);
  };
  // The row under the pointer, by the rows' own places: the plan is made anew while dragging.
  const under = (y: number) => {
    const items = [...(box.current?.children ?? [])];
    const at = items.findIndex((item) => y < item.getBoundingClientRect().bottom);
    return at < 0 ? items.length - 1 : at;
  };
  return (
    <ol ref={box} className="scored border-y border-rule" aria-label={labels.layersTheLastLaidOn}>
      {list.map((row, i) => {
        const bar = plan.budgets?.find((b) => b.layer === row.id);
        const at = job.layers.findIndex((_, n) => layerId(job, n) === row.id);
        const joined = row.together && list[i + 1]?.step === row.step;
        return (
          <li
            key={row.id}
            data-layer={row.id}
            className={`grid grid-cols-[2.5rem_1.25rem_minmax(0,1fr)] gap-x-3 items-center py-2.5 ${held === row.id ? 'bg-base-200' : ''} ${joined ? 'border-b-transparent!' : ''}`}
          >
            <button
              type="button"
              className="h-11 flex items-center justify-center cursor-grab active:cursor-grabbing touch-none"
              aria-label={labels.moveLaidAsNumberArrow(row.id, row.step)}
              onKeyDown={(e) => onKey(e, row.id)}
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                setHeld(row.id);
              }}
              onPointerMove={(e) => {
                if (held === row.id) move(row.id, under(e.clientY));
              }}
              onPointerUp={() => setHeld(null)}
              onPointerCancel={() => setHeld(null)}
            >
              <svg
                aria-hidden="true"
                viewBox="0 0 12 20"
                className="h-5"
                fill="var(--color-base-content)"
                fillOpacity="0.55"
              >
                {[4, 10, 16].flatMap((y) => [3, 9].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r="1.5" />))}
              </svg>
            </button>
            <span
              aria-hidden="true"
              className="w-5 h-5 border border-ink"
              style={{ background: job.layers[at]?.colour }}
            />
            <div className="grid gap-1 min-w-0">
              <p className="flex gap-2 items-baseline min-w-0">
                <span className="tabular-nums text-quiet">{row.step}</span>
                <span className="font-semibold truncate">{row.id}</span>
                <span className="text-quiet text-[0.87rem] whitespace-nowrap">
                  {row.kind === 'tack' ? 'tack' : labels.fullPress}
                  {row.together ? labels.together : ''}
                </span>
              </p>
              {bar && <Heat bar={bar} full={full} plan={plan} />}
            </div>
          </li>
        );
      })}
    </ol>
  );
}

/** How a layer's heat adds up press by press, against what it takes. */
function Heat({ bar, full, plan }: { bar: Bar; full: number; plan: Plan }) {
  const over = bar.total > bar.most;
  const words = `${bar.total.toFixed(1)} of ${bar.most.toFixed(1)}`;
  const longest = Math.max(...bar.shares.map((s) => s.share));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_5.5rem] gap-3 items-center" data-heat={bar.layer}>
      <svg
        viewBox="0 0 400 16"
        preserveAspectRatio="none"
        className="w-full h-4 block"
        role="img"
        aria-label={labels.heatOfTimesItsChart(
          bar.layer,
          words,
          bar.shares.map((s) => labels.press2(s.order, s.share.toFixed(2))).join(', '),
        )}
      >
        <rect width="400" height="16" fill="var(--color-base-200)" />
        {segments(bar, full).map((s) => (
          <rect
            key={s.order}
            x={s.from * 400}
            y="0"
            width={Math.max(1, (s.to - s.from) * 400 - 1.5)}
            height="16"
            fill="var(--ember)"
            fillOpacity={0.35 + 0.5 * Math.min(1, (s.to - s.from) / (longest / full || 1))}
          >
            <title>
              {labels.press3(
                s.order,
                time(plan.presses.find((p) => p.order === s.order)?.seconds ?? 0),
                s.times > 1 ? labels.heatedTimesWhereGoesOverlap(s.times) : '',
              )}
            </title>
          </rect>
        ))}
        <rect x={(bar.most / full) * 400 - 1.5} y="0" width="3" height="16" fill="var(--color-base-content)" />
      </svg>
      <span className={`text-right tabular-nums text-[0.87rem] ${over ? 'font-bold' : ''}`}>
        {words}
        {over && <span className="sr-only">{labels.tooMuch}</span>}
      </span>
    </div>
  );
}
