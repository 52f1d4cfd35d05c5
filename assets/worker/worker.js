/*
 * The application without a network: pages that were fetched are kept for the person that they are of, and what a form would have sent
 * is written down among the entries that wait (see assets/scripts/queue.js). Put together by bin/build-assets.
 */
const BUILD = '%BUILD%';
const FILES = '%FILES%'.split(' ');
const ASSETS = 'build-' + BUILD;
const STATE = 'state';
const NO_SIGNAL = '/no-signal';
/* Longer than this nobody waits for a page that is here already. */
const SLOW_MS = 4000;
const MOST_PAGES = 400;
/* What is too large to wait, or is nothing without an answer. */
const NEEDS_SIGNAL = /\/(recording|narration|narrated|share|letters|long-work|import|everything|report)(\/|$)/;

const who = async () => (await (await caches.open(STATE)).match('/who'))?.text() ?? '';
const pages = async () => {
    const person = await who();
    return person ? caches.open('pages-' + person) : null;
};
const addressOf = (request) => {
    const url = new URL(request.url);
    return url.pathname + url.search;
};
const isPage = (request, url) =>
    request.method === 'GET' &&
    (request.mode === 'navigate' || request.headers.has('HX-Boosted') || request.headers.has('X-Along')) &&
    (url.pathname === '/' || /^\/(jobs|properties)\/[^.]+$/.test(url.pathname));
/* Whether the last thing that was asked for found the server. */
let isOffline = false;
const reach = async (request) => {
    try {
        const response = await fetch(request);
        isOffline = false;
        return response;
    } catch (error) {
        isOffline = true;
        throw error;
    }
};
const tell = async (message) => (await self.clients.matchAll()).forEach((client) => client.postMessage(message));

const keptPage = async (request, response) => {
    const kept = await pages();
    if (!kept || !response.ok || response.redirected || !/text\/html/.test(response.headers.get('Content-Type') ?? '')) return;
    await kept.put(addressOf(request), response);
    const all = await kept.keys();
    await Promise.all(all.slice(0, Math.max(0, all.length - MOST_PAGES)).map((old) => kept.delete(old)));
};

const page = async (event) => {
    const {request} = event;
    const kept = await (await pages())?.match(addressOf(request), {ignoreVary: true});
    const fetched = reach(request).then((response) => {
        if ([502, 503, 504].includes(response.status) && kept) throw new Error('no server');
        event.waitUntil(keptPage(request, response.clone()).catch(() => tell({noRoom: true})));
        return response;
    });
    const late = new Promise((resolve) => setTimeout(resolve, SLOW_MS));
    try {
        return (await (kept ? Promise.race([fetched, late]) : fetched)) ?? kept;
    } catch {
        event.waitUntil(tell({offline: true}));
        return kept ?? (await (await caches.open(ASSETS)).match(NO_SIGNAL)) ?? Response.error();
    } finally {
        fetched.catch(() => {});
    }
};

/* A file of another build may be asked for by a page that was kept before. */
const asset = async (request) => (await caches.match(request, {ignoreVary: true})) ?? fetch(request);

const picture = async (request) => {
    const kept = await pages();
    try {
        const response = await fetch(request);
        if (kept && response.ok && request.headers.has('X-Along')) await kept.put(addressOf(request), response.clone());
        return response;
    } catch {
        return (await kept?.match(addressOf(request), {ignoreVary: true})) ?? Response.error();
    }
};

const entries = () =>
    new Promise((resolve, reject) => {
        const request = indexedDB.open('jurvex', 1);
        request.onupgradeneeded = () => request.result.createObjectStore('entries', {keyPath: 'key', autoIncrement: true});
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
    });
const write = async (entry) => {
    const database = await entries();
    await new Promise((resolve, reject) => {
        const transaction = database.transaction('entries', 'readwrite');
        transaction.objectStore('entries').add(entry);
        transaction.oncomplete = resolve;
        transaction.onabort = transaction.onerror = () => reject(transaction.error);
    });
    database.close();
};
/* What waits goes before what is made later. */
const hasWaiting = async (person) => {
    const database = await entries();
    const all = await new Promise((resolve, reject) => {
        const request = database.transaction('entries').objectStore('entries').getAll();
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
    });
    database.close();
    return all.some((entry) => !entry.refused && (entry.who ?? person) === person);
};
const writeDown = async (request) => {
    const data = await request.formData();
    const from = request.referrer ? new URL(request.referrer) : null;
    await write({
        id: crypto.randomUUID(),
        url: addressOf(request),
        words: data.get('_words') || new URL(request.url).pathname,
        pairs: [...data].filter(([name]) => name !== '_token' && name !== '_words'),
        at: Date.now(),
        who: await who(),
        from: from ? from.pathname + from.search : '/',
    });
};
/* The page stays as it is and says what became of it. */
const stay = (request, what) =>
    request.headers.has('HX-Request')
        ? new Response('', {headers: {'HX-Reswap': 'none', 'HX-Push-Url': 'false', 'HX-Trigger': 'jurvex-' + what}})
        : Response.redirect(request.referrer || '/', 303);
const post = async (request) => {
    const copy = request.clone();
    const isBehind = await hasWaiting(await who()).catch(() => false);
    if (!isBehind) {
        try {
            return await reach(request);
        } catch {
            await tell({offline: true});
        }
    }
    try {
        await writeDown(copy);
    } catch {
        await tell({noRoom: true});
        return stay(copy, 'no-room');
    }
    return stay(copy, 'waits');
};

self.addEventListener('install', (event) => {
    event.waitUntil(caches.open(ASSETS).then((cache) => cache.addAll([...FILES, NO_SIGNAL])));
});
self.addEventListener('activate', (event) => {
    event.waitUntil(
        (async () => {
            // The build before this one is kept for pages that were fetched with it.
            const builds = (await caches.keys()).filter((name) => name.startsWith('build-') && name !== ASSETS);
            await Promise.all(builds.slice(0, -1).map((name) => caches.delete(name)));
            await self.clients.claim();
        })(),
    );
});
self.addEventListener('message', (event) => {
    const {takeOver, asks, person} = event.data;
    if (takeOver) self.skipWaiting();
    if (asks) event.ports[0]?.postMessage({offline: isOffline});
    if (person === undefined) return;
    event.waitUntil(
        (async () => {
            const before = await who();
            await (await caches.open(STATE)).put('/who', new Response(person));
            // Whoever signs out leaves no page behind; what waits is sent when they are back.
            if (before && before !== person) await caches.delete('pages-' + before);
            event.ports[0]?.postMessage({ready: true});
        })(),
    );
});
self.addEventListener('fetch', (event) => {
    const {request} = event;
    const url = new URL(request.url);
    if (url.origin !== self.location.origin) return;
    if (url.pathname.startsWith('/build/')) event.respondWith(asset(request));
    else if (isPage(request, url)) event.respondWith(page(event));
    else if (request.method === 'GET' && request.destination === 'image') event.respondWith(picture(request));
    else if (request.method === 'GET' && request.headers.has('X-Along')) event.respondWith(picture(request));
    else if (
        request.method === 'POST' &&
        url.pathname.startsWith('/jobs/') &&
        !request.headers.has('X-Queued') &&
        !NEEDS_SIGNAL.test(url.pathname)
    )
        event.respondWith(post(request));
});
