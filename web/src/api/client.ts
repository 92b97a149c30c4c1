import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Plan = Schemas['Plan'];
export type PlannedPress = Schemas['PlannedPress'];
export type TracePhase = Schemas['TracePhase'];
export type Catalogue = Schemas['CatalogueAnswer'];
export type Run = Schemas['RunAnswer'];
export type Outcome = Schemas['Outcome'];
export type Notice = Schemas['Notice'];
export type CutPlan = Schemas['CutPlan'];
export type CutWay = Schemas['CutWay'];
export type CutList = Schemas['CutList'];
export type CutSheet = Schemas['CutSheet'];
export type Cut = Schemas['CutAnswer'];
export type OnHand = Schemas['StockAnswer'];

export const api = createClient<paths>({ baseUrl: '' });

// What is wrong with what was sent is said in the reader's units.
api.use({
  onRequest({ request }) {
    request.headers.set('Juxtherm-Units', localStorage.getItem('juxtherm.units') ?? 'metric');
    return request;
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

/** Sends a file as it is, and takes its answer as any other. */
export function sent<T>(path: string, file: File): Promise<T> {
  return got<T>(
    fetch(path, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: file }).then(
      async (response) => {
        const json = await response.json();
        return response.ok ? { response, data: json as T } : { response, error: json };
      },
    ),
  );
}

/** The data of an answer; throws Refused when there is none. */
export async function got<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer;
  if (data === undefined || error !== undefined)
    throw new Refused(response.status, error as Record<string, unknown> | undefined);
  return data;
}
