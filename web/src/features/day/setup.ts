import { asDate, asTime, moment } from './times';
import type { Day } from './useDay';

/** A pair of hands as it is filled in. */
export interface HandsLine {
  name: string;
  from: string;
  to: string;
}

export interface Setup {
  date: string;
  begin: string;
  /** Due times by job: what is in it is done that day. */
  jobs: Record<string, { date: string; time: string }>;
  people: HandsLine[];
  breaks: { from: string; to: string }[];
  presses: { id: string; heatSource: string; name: string }[];
  cutters: number;
}

const DAYS = 7;
const DAY_MS = 24 * 60 * 60 * 1000;
const QUARTER_MS = 15 * 60 * 1000;

/** What a new day begins with: today from the next quarter of an hour on, or tomorrow morning. */
export function newSetup(now: Date, press: string, due: readonly { id: string; due: string }[]): Setup {
  const evening = now.getHours() >= 20;
  const begin = evening
    ? new Date(now.getTime() + DAY_MS)
    : new Date(Math.ceil(now.getTime() / QUARTER_MS) * QUARTER_MS);
  if (evening) begin.setHours(9, 0, 0, 0);
  // What is due within the week is wanted, and what is overdue; the rest can wait.
  const soon = asDate(new Date(begin.getTime() + DAYS * DAY_MS));
  return {
    date: asDate(begin),
    begin: asTime(begin),
    jobs: Object.fromEntries(due.filter((j) => j.due <= soon).map((j) => [j.id, { date: j.due, time: '' }])),
    people: [{ name: '', from: '', to: '' }],
    breaks: [],
    presses: [{ id: '1', heatSource: press, name: '' }],
    cutters: 1,
  };
}

interface Wish {
  from: string;
  people: { name: string; there: { start: string; end: string }[] }[];
  breaks: { start: string; end: string }[];
  presses: { id: string; heatSource: string; name: string }[];
  cutters: number;
  jobs: { id?: string | null; due?: string | null; dropped?: boolean }[];
}

/** A day as it is, to be changed. */
export function setupOf(day: Day): Setup {
  const wish = day.wish as unknown as Wish;
  const from = new Date(wish.from);
  return {
    date: asDate(from),
    begin: asTime(from),
    jobs: Object.fromEntries(
      wish.jobs
        .filter((j) => j.id && !j.dropped)
        .map((j) => [
          j.id as string,
          j.due ? { date: asDate(new Date(j.due)), time: asTime(new Date(j.due)) } : { date: '', time: '' },
        ]),
    ),
    people: wish.people.map((p) => ({
      name: p.name,
      from: p.there[0] ? asTime(new Date(p.there[0].start)) : '',
      to: p.there[0] ? asTime(new Date(p.there[0].end)) : '',
    })),
    breaks: wish.breaks.slice(0, 1).length
      ? unique(wish.breaks.map((b) => `${asTime(new Date(b.start))}–${asTime(new Date(b.end))}`)).map((b) => {
          const [start = '', end = ''] = b.split('–');
          return { from: start, to: end };
        })
      : [],
    presses: wish.presses.map(({ id, heatSource, name }) => ({ id, heatSource, name })),
    cutters: wish.cutters,
  };
}

const unique = (all: string[]) => [...new Set(all)];

/** The same hours on every day of a week: what does not fit on the first goes on on the next. */
function daily(date: string, from: string, to: string): { start: string; end: string }[] {
  return Array.from({ length: DAYS }, (_, i) => {
    const start = moment(date, from || '00:00');
    const end = moment(date, to || '23:59');
    if (!start || !end) return null;
    // Days of the calendar: two of them a year are an hour shorter or longer.
    start.setDate(start.getDate() + i);
    end.setDate(end.getDate() + i);
    return { start: start.toISOString(), end: end.toISOString() };
  }).filter((w): w is { start: string; end: string } => w !== null && w.end > w.start);
}

/** What is sent: local hours as moments. */
export function wishOf(setup: Setup, before: Day | null) {
  const from = moment(setup.date, setup.begin);
  const kept = (before?.wish as unknown as Wish | undefined)?.jobs ?? [];
  const order = [
    ...kept.filter((j) => j.id).map((j) => j.id as string),
    ...Object.keys(setup.jobs).filter((id) => !kept.some((k) => k.id === id)),
  ];
  return {
    from: from?.toISOString() ?? '',
    people: setup.people.map((p) => ({
      name: p.name.trim(),
      there: p.from || p.to ? daily(setup.date, p.from || setup.begin, p.to) : [],
    })),
    breaks: setup.breaks.filter((b) => b.from && b.to).flatMap((b) => daily(setup.date, b.from, b.to)),
    presses: setup.presses.map((p) => ({ id: p.id, heatSource: p.heatSource, name: p.name.trim() })),
    cutters: setup.cutters,
    jobs: order.map((id) => {
      const due = setup.jobs[id];
      const at = due?.date ? moment(due.date, due.time || '23:59') : null;
      // What was taken out of a day that goes on keeps its number.
      return { id, due: at?.toISOString() ?? null, dropped: due === undefined };
    }),
  };
}
