import type { Run } from '../../api/client';

// As the service worker (public/sw.js) names them.
const RUNS = 'juxtherm-runs-1';
const KEPT_AT = 'juxtherm-kept-at';

/** Keeps a run as it was just heard, for a page that is loaded while nobody answers. */
export async function keepRun(run: Run): Promise<void> {
  if (!('caches' in window)) return;
  const runs = await caches.open(RUNS);
  await runs.put(
    `/api/runs/${run.id}`,
    new Response(JSON.stringify(run), {
      headers: { 'content-type': 'application/json', [KEPT_AT]: String(Date.now()) },
    }),
  );
}

/** Forgets every run that was kept here. */
export const forgetRuns = async (): Promise<void> => {
  if ('caches' in window) await caches.delete(RUNS);
};
