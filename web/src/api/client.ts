import createClient from 'openapi-fetch';
import { newId } from './newId';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Plan = Schemas['Plan'];
export type PlannedPress = Schemas['PlannedPress'];
export type Peel = Schemas['Peel'];
export type TracePhase = Schemas['TracePhase'];
export type Catalogue = Schemas['CatalogueAnswer'];
export type Run = Schemas['RunAnswer'];
export type Outcome = Schemas['Outcome'];
export type Notice = Schemas['Notice'];
export type CutPlan = Schemas['CutPlan'];
export type CutLayout = Schemas['CutLayout'];
export type CutList = Schemas['CutList'];
export type CutSheet = Schemas['CutSheet'];
export type Cut = Schemas['CutAnswer'];
export type OnHand = Schemas['StockAnswer'];

const COMMAND = 'Juxtherm-Command';
const TRIES = 2;
const PAUSE_MS = 400;

/**
 * Asks once more when an answer is lost on the way. What makes something new carries an id of its own, so that asking twice makes one.
 */
export async function surely(request: Request): Promise<Response> {
  if (request.method === 'POST' && !request.headers.has(COMMAND)) request.headers.set(COMMAND, newId());
  for (let left = TRIES; ; left--) {
    try {
      return await fetch(left > 1 ? request.clone() : request);
    } catch (e) {
      if (left === 1 || request.signal.aborted) throw e;
      await new Promise((done) => setTimeout(done, PAUSE_MS));
    }
  }
}

export const api = createClient<paths>({ baseUrl: '', fetch: surely });

// What is wrong with what was sent is said in the reader's units.
api.use({
  onRequest({ request }) {
    request.headers.set('Juxtherm-Units', localStorage.getItem('juxtherm.units') ?? 'metric');
    return request;
  },
  onResponse({ response }) {
    // A device that was turned away has nothing left to show but the page that asks for figures.
    if (response.status === 401) location.assign('/pair');
    return response;
  },
});

export interface FieldFault {
  pointer: string;
  detail: string;
  code: string;
  /** What the field is called on the screen; null where no screen shows it. */
  field: string | null;
}

/** An answer that the service refused, in its own words. */
export class Refused extends Error {
  readonly status: number;
  readonly faults: FieldFault[];
  readonly code: string;
  readonly current: unknown;

  constructor(status: number, problem: Record<string, unknown> | undefined) {
    super(typeof problem?.detail === 'string' ? problem.detail : 'The service did not answer as expected.');
    this.status = status;
    this.faults = Array.isArray(problem?.errors) ? (problem.errors as FieldFault[]) : [];
    this.code = typeof problem?.code === 'string' ? problem.code : '';
    this.current = problem?.current;
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

async function answered<T>(response: Response): Promise<Answer<T>> {
  const json = await response.json();
  return response.ok ? { response, data: json as T } : { response, error: json };
}

/** Sends a file as it is, and takes its answer as any other. */
export function sent<T>(path: string, file: File): Promise<T> {
  const request = new Request(path, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: file,
  });
  return got<T>(surely(request).then((response) => answered<T>(response)));
}

/** Asks for a file, and saves it where downloads go. */
export async function saved(path: string, body: unknown, name: string): Promise<void> {
  const response = await surely(
    new Request(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }),
  );
  if (!response.ok) throw new Refused(response.status, await response.json());
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await response.blob());
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** What came of something that goes on in the background: is told how far it is until it is done, or stopped. */
async function outcome<T, P extends { id: string }>(
  path: string,
  first: Promise<Response>,
  told: (progress: P) => void,
  stop?: AbortSignal,
): Promise<T> {
  let response = await first;
  while (response.status === 202) {
    const progress = (await response.json()) as P;
    told(progress);
    if (stop?.aborted) {
      await surely(new Request(`${path}/${progress.id}`, { method: 'DELETE' }));
      throw new DOMException('Stopped.', 'AbortError');
    }
    // The service answers when it is done, or after a while with how far it is.
    response = await surely(new Request(`${path}/${progress.id}`));
  }
  return got<T>(answered<T>(response));
}

/** Sends a file that takes its time; is told how far it is, and ends with what came of it. */
export function sentInBackground<T, P extends { id: string }>(
  path: string,
  file: File,
  told: (progress: P) => void,
): Promise<T> {
  const headers = { 'content-type': 'application/octet-stream' };
  return outcome(path, surely(new Request(path, { method: 'POST', headers, body: file })), told);
}

/** Asks for something that may take its time; is told how far it is, and ends with what came of it, or at once when it is stopped. */
export function workedInBackground<T, P extends { id: string }>(
  path: string,
  body: unknown,
  told: (progress: P) => void,
  stop: AbortSignal,
): Promise<T> {
  const headers = { 'content-type': 'application/json' };
  const ask = { method: 'POST', headers, body: JSON.stringify(body), signal: stop };
  return outcome(path, surely(new Request(`${path}?background=true`, ask)), told, stop);
}

/** The data of an answer; throws Refused when there is none. */
export async function got<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer;
  const nothing = data === undefined && response.status !== 204;
  if (nothing || error !== undefined) throw new Refused(response.status, error as Record<string, unknown> | undefined);
  return data as T;
}
