/** A job file as the screens edit it. Members that are not named here are kept as they are. */
export interface Job {
  format: 'juxtherm.job';
  version: 1;
  title?: string;
  quantity?: number;
  blank: JobBlank;
  tools: JobTools;
  layers: [JobLayer, ...JobLayer[]];
  sizes?: { size: string; count: number }[];
  choices?: Record<string, string>;
  accepted?: Accepted[];
  /** Layers in the order in which they are to be laid. */
  order?: string[];
  /** What came of test patches. */
  patches?: PatchResult[];
  /** A setting taken over from the logbook, whatever the plan would find. */
  used?: { celsius: number; seconds: number; pressure?: string; backSeconds?: number; from?: string } | undefined;
  own?: Own;
  [more: string]: unknown;
}

export interface PatchResult {
  celsius: number;
  seconds: number;
  outcome: 'holds' | 'lifts' | 'marked';
}

/** A notice that the crafter accepts, with a word on why. */
export interface Accepted {
  code: string;
  word: string;
}

/** Own vinyls, blanks and presses that the job uses, so that its file is whole elsewhere. */
export interface Own {
  vinyls?: OwnEntry[];
  blanks?: OwnEntry[];
  presses?: OwnEntry[];
}

export interface OwnEntry {
  id: string;
  [more: string]: unknown;
}

export interface JobBlank {
  form?: string;
  material: string;
  size?: string;
  face?: string;
  measures?: Record<string, number>;
  widthMm?: number;
  heightMm?: number;
  careDots?: number;
  traits?: string[];
  [more: string]: unknown;
}

export interface JobTools {
  heatSource: string;
  underlay?: string;
  cover?: string;
  plateWidthMm?: number;
  plateHeightMm?: number;
  steam?: boolean;
  [more: string]: unknown;
}

export interface JobLabel {
  celsius?: number;
  seconds?: number;
  pressure?: string;
  peel?: string;
  /** Which press it is for: this-press or plate-press; not said where it is missing. */
  for?: string;
  [more: string]: unknown;
}

export interface JobLayer {
  id?: string;
  vinyl: string;
  colour?: string;
  widthMm?: number;
  heightMm?: number;
  xMm?: number;
  yMm?: number;
  over?: string[];
  intricate?: boolean;
  face?: string;
  mirrored?: boolean;
  /** Its drawing is reversed already. */
  reversed?: boolean;
  label?: JobLabel;
  [more: string]: unknown;
}

export function newJob(vinyl: string, form: string, material: string, heatSource: string): Job {
  return {
    format: 'juxtherm.job',
    version: 1,
    title: '',
    quantity: 1,
    blank: { form, material },
    tools: { heatSource },
    layers: [{ id: 'art', vinyl, colour: '#1b2a49' }],
  };
}

/** The same job with a member changed; undefined takes it away. */
export function changed<T extends object>(part: T, change: Partial<T>): T {
  const next = { ...part, ...change };
  for (const key of Object.keys(change) as (keyof T)[]) if (next[key] === undefined) delete next[key];
  return next;
}

/** Colour of each vinyl by its sheet in the picture of the stack. */
export function sheetColours(job: Job): Record<string, string> {
  if (job.layers.length === 1) return { vinyl: job.layers[0].colour ?? '' };
  return Object.fromEntries(job.layers.map((l, i) => [`vinyl-${layerId(job, i)}`, l.colour ?? '']));
}

/** A layer's id, also when the file leaves it out. */
export function layerId(job: Job, index: number): string {
  return job.layers[index]?.id ?? (index === 0 ? 'vinyl' : `layer-${index + 1}`);
}

const OWN_PREFIX = 'own-';

interface Shelf {
  vinyls: readonly { id: string; own?: unknown }[];
  materials: readonly { id: string; own?: unknown }[];
  heatSources: readonly { id: string; own?: unknown }[];
}

/** The same job carrying just those own entries that it uses, as the shelf or the job itself has them. */
export function carrying(job: Job, shelf: Shelf): Job {
  const find = (id: string, list: Shelf[keyof Shelf], before: OwnEntry[] | undefined): OwnEntry | undefined =>
    before?.find((e) => e.id === id) ?? (list.find((e) => e.id === id)?.own as OwnEntry | undefined);
  const all = (ids: string[], list: Shelf[keyof Shelf], before: OwnEntry[] | undefined) =>
    [...new Set(ids.filter((id) => id.startsWith(OWN_PREFIX)))]
      .map((id) => find(id, list, before))
      .filter((e) => e !== undefined);
  const vinyls = all(
    job.layers.map((l) => l.vinyl),
    shelf.vinyls,
    job.own?.vinyls,
  );
  const blanks = all([job.blank.material], shelf.materials, job.own?.blanks);
  const presses = all([job.tools.heatSource], shelf.heatSources, job.own?.presses);
  const own: Own = {
    ...(vinyls.length > 0 ? { vinyls } : {}),
    ...(blanks.length > 0 ? { blanks } : {}),
    ...(presses.length > 0 ? { presses } : {}),
  };
  if (JSON.stringify(own) === JSON.stringify(job.own ?? {})) return job;
  return changed(job, { own: Object.keys(own).length > 0 ? own : undefined });
}

/** The same job with a layer changed, or taken away. */
export function withLayer(job: Job, index: number, layer: JobLayer | null): Job {
  if (layer) return { ...job, layers: job.layers.map((l, i) => (i === index ? layer : l)) as Job['layers'] };
  const gone = job.layers[index]?.id;
  const left = job.layers
    .filter((_, i) => i !== index)
    .map((l) => {
      const over = l.over?.filter((id) => id !== gone);
      return over?.length === l.over?.length ? l : changed(l, { over: over && over.length > 0 ? over : undefined });
    });
  const [first, ...rest] = left;
  return first ? { ...job, layers: [first, ...rest] } : job;
}

/** The same job with another layer on top of what is there. */
export function withAnotherLayer(job: Job): Job {
  const ids = new Set(job.layers.map((l) => l.id));
  let n = job.layers.length + 1;
  while (ids.has(`layer-${n}`)) n++;
  const [first, ...rest] = job.layers.map((l, i) => ({ ...l, id: layerId(job, i) }));
  const next: JobLayer = { id: `layer-${n}`, vinyl: job.layers[0].vinyl, colour: '#d9a441' };
  return first ? { ...job, layers: [first, ...rest, next] } : job;
}

/** The same job with members set, or taken away, at their JSON Pointers. */
export function withEdits(job: Job, edits: readonly { pointer: string; value?: unknown }[]): Job {
  const next = structuredClone(job);
  for (const { pointer, value } of edits) {
    const names = pointer
      .split('/')
      .slice(1)
      .map((n) => n.replaceAll('~1', '/').replaceAll('~0', '~'));
    const last = names.pop();
    if (last === undefined) continue;
    let place: Record<string, unknown> = next as Record<string, unknown>;
    for (const name of names) {
      place[name] ??= {};
      place = place[name] as Record<string, unknown>;
    }
    if (value === null || value === undefined) delete place[last];
    else place[last] = value;
  }
  return next;
}
