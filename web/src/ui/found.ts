/** Something to choose by its name. */
export interface WordOption {
  id: string;
  name: string;
  /** Shown before anything is typed, where some are; those that are not are found by typing. */
  usual?: boolean;
}

const MOST_SHOWN = 40;

const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** What a list shows for what was typed: every word of it has to be found, words that begin so come first. */
export function found(options: readonly WordOption[], typed: string | null, chosen: string) {
  const asked = typed === null ? [] : plain(typed).split(' ').filter(Boolean);
  if (asked.length === 0) {
    const usual = options.some((o) => o.usual) ? options.filter((o) => o.usual || o.id === chosen) : [...options];
    return { shown: usual, more: options.length - usual.length };
  }
  const ranked = options
    .map((o, at) => {
      const words = plain(o.name).split(' ');
      const all = words.join(' ');
      const begun = asked.filter((a) => words.some((w) => w.startsWith(a))).length;
      return asked.every((a) => all.includes(a))
        ? { o, at, rank: (asked.length - begun) * 2 + (o.usual ? 0 : 1) }
        : null;
    })
    .filter((r) => r !== null)
    .sort((a, b) => a.rank - b.rank || a.at - b.at);
  return { shown: ranked.slice(0, MOST_SHOWN).map((r) => r.o), more: Math.max(0, ranked.length - MOST_SHOWN) };
}
