// Keeps the pages, and the run that is under way, for when there is no network. What has to be known by the service is never made up:
// everything else fails as it would without this, and the page says so.
const SHELL = 'juxtherm-shell-1';
const RUNS = 'juxtherm-runs-1';
const KEPT_AT = 'juxtherm-kept-at';
const KEPT_FOR_MS = 24 * 3600 * 1000;
const RUN = /^\/api\/runs\/[0-9a-f-]{36}$/;
const BESIDE_A_RUN =
  /^\/api\/(access|runs|runs\/[0-9a-f-]{36}\/(trace|picture\.svg|pieces\/\d+\/(trace|advice)))$/;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(SHELL)
      .then((shell) => shell.addAll(['/', '/mark.svg']))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n !== SHELL && n !== RUNS).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith('/assets/') || url.pathname === '/mark.svg') event.respondWith(keptFirst(request));
  else if (request.mode === 'navigate') event.respondWith(page(request));
  else if (RUN.test(url.pathname) || BESIDE_A_RUN.test(url.pathname)) event.respondWith(askedFirst(request, url));
});

// The names of built files change with what is in them.
async function keptFirst(request) {
  const shell = await caches.open(SHELL);
  const kept = await shell.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await shell.put(request, answer.clone());
  return answer;
}

async function page(request) {
  void forgetOld();
  try {
    const answer = await fetch(request);
    // Whoever is turned away is sent elsewhere: that is not kept.
    if (answer.ok && !answer.redirected && new URL(request.url).pathname !== '/pair')
      await (await caches.open(SHELL)).put('/', answer.clone());
    return answer;
  } catch (e) {
    const kept = await (await caches.open(SHELL)).match('/');
    if (kept) return kept;
    throw e;
  }
}

async function askedFirst(request, url) {
  const runs = await caches.open(RUNS);
  try {
    const answer = await fetch(request);
    if (answer.ok) await runs.put(request, await dated(answer.clone()));
    else if (answer.status === 401 || answer.status === 403) await caches.delete(RUNS);
    return answer;
  } catch (e) {
    const kept = await runs.match(request);
    if (!kept) throw e;
    return RUN.test(url.pathname) ? aged(kept) : kept;
  }
}

// A run carries names of people: nobody needs them here once it is over.
async function forgetOld() {
  const runs = await caches.open(RUNS);
  for (const request of await runs.keys()) {
    const kept = await runs.match(request);
    if (kept && Date.now() - Number(kept.headers.get(KEPT_AT) ?? 0) > KEPT_FOR_MS) await runs.delete(request);
  }
}

async function dated(answer) {
  const headers = new Headers(answer.headers);
  headers.set(KEPT_AT, String(Date.now()));
  return new Response(await answer.blob(), { status: answer.status, headers });
}

// A run that was kept is as old as it is: its clock goes on, and it says that it was kept.
async function aged(kept) {
  const run = await kept.json();
  const since = Date.now() - Number(kept.headers.get(KEPT_AT));
  run.keptUtc = run.serverUtc;
  run.serverUtc = new Date(Date.parse(run.serverUtc) + since).toISOString();
  return new Response(JSON.stringify(run), { headers: { 'content-type': 'application/json' } });
}
