// Keeps the athlete's app on the phone: its pages as last seen, and the scripts and styles they are made of.
// What is sent is never kept here: that is the queue's (src/client/sync-queue.ts).
const PAGES = 'training-pages-1';
const PARTS = 'training-parts-1';
/** How long a page may take before the one that is kept is shown in its place; ms. */
const PATIENCE = 3000;

self.addEventListener('install', () => self.skipWaiting());

self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys())
        if (/^(floor|training)-/.test(name) && name !== PAGES && name !== PARTS) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith('/_next/static/')) event.respondWith(part(request));
  else if (request.mode === 'navigate' && isKept(url)) event.respondWith(page(request, url));
});

self.addEventListener('message', (event) => {
  const { keep, forget } = event.data ?? {};
  if (Array.isArray(keep)) event.waitUntil(keepAll(keep.filter((path) => typeof path === 'string')));
  if (forget === true) event.waitUntil(caches.delete(PAGES));
});

/** The athlete's weeks and sessions; phones and their codes are asked for anew each time. */
function isKept({ pathname }) {
  return (
    pathname === '/training' ||
    (pathname.startsWith('/training/') && !pathname.startsWith('/training/phones'))
  );
}

/** A script or style: named by what is in it, so what is kept is what would come. */
async function part(request) {
  const parts = await caches.open(PARTS);
  const kept = await parts.match(request.url);
  if (kept !== undefined) return kept;
  const fresh = await fetch(request);
  if (fresh.ok) await parts.put(request.url, fresh.clone());
  return fresh;
}

/** A page as the server has it now; as it was last seen where the server is not reached, or not soon. */
async function page(request, { pathname }) {
  const pages = await caches.open(PAGES);
  const kept = await pages.match(pathname);
  const coming = fetch(request).then(async (fresh) => {
    await remember(pages, pathname, fresh);
    return fresh;
  });
  if (kept === undefined) return coming.catch(() => notHere());
  coming.catch(() => {});
  const late = new Promise((resolve) => setTimeout(() => resolve(kept), PATIENCE));
  return Promise.race([coming.catch(() => kept), late]);
}

/** Keeps a page that was answered; one that is no longer this phone's to see goes. */
async function remember(pages, path, fresh) {
  const isTheirs = fresh.ok && !fresh.redirected && fresh.type !== 'opaqueredirect';
  if (isTheirs) await pages.put(path, fresh.clone());
  else if (fresh.status === 404 || fresh.redirected || fresh.type === 'opaqueredirect')
    await pages.delete(path);
}

/** Pages that are to be there without a network, with all they are made of. */
async function keepAll(paths) {
  const pages = await caches.open(PAGES);
  const parts = await caches.open(PARTS);
  for (const path of paths) {
    try {
      const fresh = await fetch(path, { credentials: 'same-origin' });
      await remember(pages, path, fresh.clone());
      if (!fresh.ok) continue;
      const named = (await fresh.text()).matchAll(/static\/[\w./~%@()[\]-]+\.(?:js|css|woff2)/g);
      for (const [name] of named) {
        const address = `/_next/${name}`;
        if ((await parts.match(address)) !== undefined) continue;
        const made = await fetch(address);
        if (!made.ok) continue;
        await parts.put(address, made.clone());
        if (address.endsWith('.css')) await keepFonts(parts, await made.text(), address);
      }
    } catch {
      // Not reached: what is kept stays, and it is tried again with the next page.
    }
  }
}

async function keepFonts(parts, style, address) {
  for (const [, name] of style.matchAll(/url\(["']?([^"')]+\.woff2)["']?\)/g)) {
    const font = new URL(name, new URL(address, self.location.origin)).pathname;
    if ((await parts.match(font)) !== undefined) continue;
    const made = await fetch(font);
    if (made.ok) await parts.put(font, made);
  }
}

function notHere() {
  return new Response(
    '<!doctype html><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>No connection</title><body style="font:17px/1.5 system-ui;padding:24px;max-width:30em"><h1 style="font-size:22px">No connection</h1><p>This page is not saved on the phone yet. What you logged is safe and will be sent when you are back online. <a href="/training">Back to the week</a>',
    { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8' } },
  );
}
