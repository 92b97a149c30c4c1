import { immutableJSONPatch, type JSONPatchDocument } from 'immutable-json-patch';
import type { Schemas } from './client';
import type { Job, JobLayer, Own } from './jobFile';

export type { Accepted, Job, JobBlank, JobLabel, JobLayer, JobTools, Own, PatchResult } from './jobFile';

/** An own vinyl, blank or press, whichever it is. */
export interface OwnEntry {
  id: string;
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
  } as Own;
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

/** The same job with a JSON Patch (RFC 6902) carried out. */
export function withEdits(job: Job, edits: readonly Schemas['JobEdit'][]): Job {
  return immutableJSONPatch(job, edits as JSONPatchDocument);
}
