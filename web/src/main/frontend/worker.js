// Keeps on this device what was looked at, so that a page opens when the network is gone. With the network nothing changes: every page
// comes from the kitchen.
/* global VERSION */
const PAGES = `ironpin-pages-${VERSION}`;
// Scripts, styles and letters have their content in their names: what was fetched once is right for good.
const ASSETS = "ironpin-assets";
const MOST = { [PAGES]: 80, [ASSETS]: 60 };
const PATIENCE = 15000;

// Pages with a secret on them, and what is only fetched to be taken away.
const NEVER = /^\/(devices|keeping|look|let-in|stream|api|house)\b|\.(zip|csv|ics|pdf|json|jsonld|svg|jpe?g|md|crt)$/;
const AT_WORK = /^\/batches\/(\d+)\/(run|bench|away)$/;

async function keep(cache, request, answer) {
  const shelf = await caches.open(cache);
  await shelf.put(request, answer);
  const keys = await shelf.keys();
  await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST[cache])).map((key) => shelf.delete(key)));
}

async function asset(request) {
  const kept = await caches.match(request, { cacheName: ASSETS });
  if (kept) {
    return kept;
  }
  const answer = await fetch(request);
  if (answer.ok) {
    await keep(ASSETS, request, answer.clone());
  }
  return answer;
}

async function kept(url) {
  const shelf = await caches.open(PAGES);
  const work = AT_WORK.exec(url.pathname);
  return (
    (work && (await shelf.match(`/batches/${work[1]}/away`))) ||
    (await shelf.match(url.href)) ||
    (await shelf.match(url.href, { ignoreSearch: true })) ||
    new Response(
      `<!DOCTYPE html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Ironpin</title>
<h1>The kitchen is not reached</h1><p>This page was not looked at on this device before, so it cannot be shown now.
What was looked at opens: <a href="/">the kitchen</a>.</p></html>`,
      { status: 503, headers: { "Content-Type": "text/html; charset=utf-8" } },
    )
  );
}

async function page(request, url) {
  let answer;
  try {
    answer = await fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
  } catch {
    return kept(url);
  }
  if (answer.status === 401) {
    // This device was sent away: what it kept is not its own any more.
    await caches.delete(PAGES);
  } else if (answer.ok && !answer.redirected && answer.headers.get("Content-Type")?.startsWith("text/html")) {
    // By address, so that it is found whoever asks.
    await keep(PAGES, url.href, answer.clone());
  }
  return answer;
}

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => {
  const old = async () => {
    for (const name of await caches.keys()) {
      if (name !== PAGES && name !== ASSETS) {
        await caches.delete(name);
      }
    }
    await self.clients.claim();
  };
  event.waitUntil(old());
});
self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== self.location.origin) {
    return;
  }
  if (url.pathname.startsWith("/assets/")) {
    event.respondWith(asset(request));
  } else if (!NEVER.test(url.pathname) && (request.mode === "navigate" || url.pathname.endsWith("/away"))) {
    event.respondWith(page(request, url));
  }
});
// What a page had before there was a worker.
self.addEventListener("message", (event) => {
  const all = (event.data?.assets ?? []).map((one) => asset(new Request(one)).catch(() => {}));
  const pages = (event.data?.pages ?? []).map((one) => page(new Request(one), new URL(one)).catch(() => {}));
  event.waitUntil(Promise.all([...all, ...pages]));
});
