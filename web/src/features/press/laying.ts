import type { Schemas } from '../../api/client';

export type Group = Schemas['OrderedGroup'];
export type Bar = Schemas['HeatBudgetBar'];

export interface Row {
  id: string;
  /** Place in the order of laying, from 1; layers laid together share it. */
  step: number;
  together: boolean;
  kind: Group['kind'];
}

/** The layers in the order of laying, the last laid on top. */
export function rows(groups: readonly Group[]): Row[] {
  const laid = groups.filter((g) => g.layers.length > 0);
  return laid
    .flatMap((g, i) => g.layers.map((id) => ({ id, step: i + 1, together: g.layers.length > 1, kind: g.kind })))
    .reverse();
}

/** The order of laying after a layer is moved to where another stands; both by id, in the list as it is shown. */
export function moved(shown: readonly string[], id: string, to: number): string[] {
  const rest = shown.filter((s) => s !== id);
  const at = Math.min(Math.max(to, 0), rest.length);
  return [...rest.slice(0, at), id, ...rest.slice(at)].reverse();
}

export interface Segment {
  order: number;
  from: number;
  to: number;
  times: number;
}

/** A layer's heat as stretches of a bar that ends at a little more than the largest of all, so that bars compare. */
export function segments(bar: Bar, full: number): Segment[] {
  let sum = 0;
  return bar.shares.map((s) => {
    const from = sum / full;
    sum += s.share;
    return { order: s.order, from, to: Math.min(1, sum / full), times: s.times };
  });
}

/** What the bars are drawn against: the most that any layer takes or gets. */
export function fullOf(bars: readonly Bar[]): number {
  return Math.max(1, ...bars.map((b) => Math.max(b.most, b.total))) * 1.06;
}

/** A sequence in a line: layers with a plus between, presses with an arrow. */
export function sentence(groups: readonly Group[]): string {
  return groups.map((g) => (g.layers.length === 0 ? 'last press over all' : g.layers.join(' + '))).join(' → ');
}
