/** A job file as the screens edit it. Members that are not named here are kept as they are. */
export interface Job {
  format: 'juxtherm.job';
  version: 1;
  title?: string;
  quantity?: number;
  blank: JobBlank;
  tools: JobTools;
  layers: [JobLayer, ...JobLayer[]];
  [more: string]: unknown;
}

export interface JobBlank {
  form?: string;
  material: string;
  size?: string;
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
  [more: string]: unknown;
}

export interface JobLayer {
  id?: string;
  vinyl: string;
  colour?: string;
  widthMm?: number;
  heightMm?: number;
  mirrored?: boolean;
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
