import * as labels from './labels';
import type { Seen } from './usePractice';

/** How a piece or a scrap looks, in sentences. */
export function saysOf(it: Pick<Seen, 'signs' | 'looks'>, isCloth: boolean): string[] {
  const signs = it.signs.map((s) => labels.signs[s] ?? s);
  if (!isCloth || it.signs.includes('on-carrier')) return signs;
  const { weave } = it.looks;
  return [...signs, weave >= 0.6 ? labels.weaveShows : weave > 0.1 ? labels.weaveHalf : labels.weaveNot];
}
