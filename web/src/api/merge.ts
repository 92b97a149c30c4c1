type Json = unknown;
type Members = Record<string, Json>;

const isMembers = (v: Json): v is Members => typeof v === 'object' && v !== null && !Array.isArray(v);
const same = (a: Json, b: Json): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);
const idOf = (v: Json): string | null => (isMembers(v) && typeof v.id === 'string' ? v.id : null);
const isListOfIds = (v: Json): v is Members[] => Array.isArray(v) && v.every((i) => idOf(i) !== null);

/**
 * What an answer changed, put onto what was changed meanwhile: the answer was worked out from an earlier state. Where both changed the
 * same, what was typed stays.
 */
export function merged<T>(base: T, theirs: T, mine: T): T {
  if (same(mine, base)) return theirs;
  if (same(theirs, base) || same(theirs, mine)) return mine;
  if (isMembers(theirs) && isMembers(mine)) return mergedMembers(isMembers(base) ? base : {}, theirs, mine) as T;
  if (isListOfIds(theirs) && isListOfIds(mine)) return mergedList(isListOfIds(base) ? base : [], theirs, mine) as T;
  return mine;
}

function mergedMembers(base: Members, theirs: Members, mine: Members): Members {
  const all: Members = {};
  for (const name of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const value = merged(base[name], theirs[name], mine[name]);
    if (value !== undefined) all[name] = value;
  }
  return all;
}

function mergedList(base: Members[], theirs: Members[], mine: Members[]): Members[] {
  const by = (list: Members[]) => new Map(list.map((i) => [idOf(i) as string, i]));
  const [was, now, here] = [by(base), by(theirs), by(mine)];
  const list: Members[] = [];
  // In the answer's order; what was taken away meanwhile stays away unless the answer changed it.
  for (const [id, item] of now) {
    const own = here.get(id);
    const before = was.get(id);
    if (own) list.push(merged(before ?? {}, item, own));
    else if (!before || !same(before, item)) list.push(item);
  }
  // What was added meanwhile, or changed while the answer took it away, stays.
  for (const [id, item] of here) if (!now.has(id) && !same(was.get(id), item)) list.push(item);
  return list;
}
