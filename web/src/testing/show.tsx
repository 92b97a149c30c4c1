import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render } from '@testing-library/react';
import { type ReactElement, useEffect, useState } from 'react';
import { createMemoryRouter, Outlet, Route, RouterProvider, Routes } from 'react-router';
import { afterEach, vi } from 'vitest';
import type { Catalogue, Plan } from '../api/client';
import { type Job, newJob } from '../api/job';
import type { UnitSystem } from '../app/unitMath';
import { PreferencesProvider } from '../app/units';
import type { JobContext } from '../features/jobs/JobPage';
import type { Draft } from '../features/jobs/useJobDraft';

/** One thing that was asked of the service. */
export interface Asked {
  method: string;
  path: string;
  body: unknown;
  command: string | null;
}

type Answer = { status?: number; json?: unknown };

export const asked: Asked[] = [];

/** A service that answers by address, and keeps what it was asked. */
export function service(answers: Record<string, (ask: Asked) => Answer>) {
  asked.length = 0;
  vi.stubGlobal('fetch', async (request: Request) => {
    const { pathname, search } = new URL(request.url);
    const text = await request.text();
    const ask = {
      method: request.method,
      path: pathname + search,
      body: text ? JSON.parse(text) : undefined,
      command: request.headers.get('Juxtherm-Command'),
    };
    asked.push(ask);
    const answer = answers[`${request.method} ${pathname}`];
    if (!answer) throw new Error(`Nothing answers ${request.method} ${pathname}.`);
    const { status = 200, json } = answer(ask);
    return new Response(JSON.stringify(json ?? {}), { status, headers: { 'content-type': 'application/json' } });
  });
}

/** Shows something as a page does, in a reader's units. */
export function show(what: ReactElement, units: UnitSystem = 'metric') {
  localStorage.setItem('juxtherm.units', units);
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } });
  const router = createMemoryRouter([{ path: '*', element: what }]);
  return render(
    <QueryClientProvider client={queries}>
      <PreferencesProvider>
        <RouterProvider router={router} />
      </PreferencesProvider>
    </QueryClientProvider>,
  );
}

export const catalogue = {
  vinyls: [
    {
      id: 'smooth',
      name: 'Smooth',
      note: 'The plain vinyl.',
      chartCelsius: { low: 149, high: 157 },
      chartSeconds: { low: 10, high: 15 },
      pressure: 'medium',
      peel: 'warm',
    },
    {
      id: 'glitter',
      name: 'Glitter',
      note: 'Rough and thick.',
      chartCelsius: { low: 155, high: 160 },
      chartSeconds: { low: 15, high: 20 },
      pressure: 'firm',
      peel: 'warm',
    },
  ],
  heatSources: [
    {
      id: 'swing-platen',
      name: 'Swing-away press',
      presses: ['flat'],
      underlay: 'pad',
      cover: 'ptfe',
      plateWidthMm: 380,
      plateHeightMm: 380,
      steamPossible: false,
    },
    {
      id: 'iron',
      name: 'Household iron',
      presses: ['flat'],
      underlay: 'board',
      cover: 'parchment',
      plateWidthMm: 110,
      plateHeightMm: 200,
      steamPossible: true,
    },
  ],
  forms: [
    {
      id: 'tee',
      name: 'Tee',
      shape: 'flat',
      materials: ['cotton', 'polyester'],
      usualMaterial: 'cotton',
      hasSizes: true,
      hasBack: true,
    },
    {
      id: 'mug',
      name: 'Mug',
      shape: 'curved',
      materials: ['ceramic'],
      usualMaterial: 'ceramic',
      hasSizes: false,
      hasBack: false,
    },
  ],
  materials: [
    { id: 'cotton', name: 'Cotton', kind: 'cloth', limitCelsius: 195 },
    { id: 'polyester', name: 'Polyester', kind: 'cloth', limitCelsius: 150 },
    { id: 'ceramic', name: 'Ceramic', kind: 'hard', limitCelsius: 250 },
  ],
  covers: [
    { id: 'ptfe', name: 'PTFE sheet' },
    { id: 'parchment', name: 'Baking parchment' },
  ],
  underlays: [
    { id: 'pad', name: 'Silicone pad' },
    { id: 'board', name: 'Wooden board' },
  ],
  cutters: [],
  sizes: ['child', 'adult-m'],
  colours: [
    { word: 'navy', hex: '#1b2a49' },
    { word: 'gold', hex: '#d9a441' },
  ],
  usual: { heatSource: 'swing-platen', vinyl: 'smooth', form: 'tee', material: 'cotton' },
} as unknown as Catalogue;

export const tee = (change: Partial<Job> = {}): Job => ({
  ...newJob('smooth', 'tee', 'cotton', 'swing-platen'),
  ...change,
});

/** A job's page around a part of it; what is edited is told. */
function InJob({ start, faults, onJob }: { start: Job; faults: Record<string, string>; onJob: (job: Job) => void }) {
  const [job, setJob] = useState(start);
  useEffect(() => onJob(job), [job, onJob]);
  const draft = { id: 'j', job, edit: (change: (job: Job) => Job) => setJob(change) } as unknown as Draft;
  const plan = { data: undefined as Plan | undefined } as JobContext['plan'];
  return <Outlet context={{ id: 'j', draft, plan, catalogue, faults: new Map(Object.entries(faults)) }} />;
}

/** Shows a part of a job's page. What it edits is in `job()`. */
export function showInJob(
  what: ReactElement,
  start: Job,
  faults: Record<string, string> = {},
  units: UnitSystem = 'metric',
) {
  let job = start;
  const told = (next: Job) => {
    job = next;
  };
  show(
    <Routes>
      <Route element={<InJob start={start} faults={faults} onJob={told} />}>
        <Route path="*" element={what} />
      </Route>
    </Routes>,
    units,
  );
  return () => job;
}

afterEach(() => {
  cleanup();
  localStorage.clear();
  vi.unstubAllGlobals();
});
