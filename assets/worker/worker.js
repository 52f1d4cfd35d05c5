import {onward, standIn, swapped} from '../scripts/ahead.js';
import {allEntries, inStore} from '../scripts/store.js';

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
/* Stands on a page that cannot be used before something else was entered. */
const LACKS = 'data-lacks';
/* What is too large to wait, or is nothing without an answer. */
const NEEDS_SIGNAL = /\/(recording|narration|narrated|links|letters|long-work|import|everything|report|check)(\/|$)/;

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

const isHtml = (response) => /text\/html/.test(response.headers.get('Content-Type') ?? '');
/*
 * An answer of which one copy is given and one kept. It is read to its end first: a stream that is shared is never done with when the
 * page that it was for goes away, and the next version would wait for it.
 */
const twice = async (response) => {
    const [body, {status, headers}] = [await response.blob(), response];
    return [new Response(body, {status, headers}), new Response(body, {status, headers})];
};
const keepPage = async (request, response) => {
    const kept = await pages();
    if (!kept) return;
    await kept.put(addressOf(request), response);
    const all = await kept.keys();
    await Promise.all(all.slice(0, Math.max(0, all.length - MOST_PAGES)).map((old) => kept.delete(old)));
};
/* A page that rests on what waits is made of the one that was fetched ahead; the server has none yet. */
const standingIn = async (request, kept, own) => {
    const ahead = kept ? standIn(addressOf(request), await waiting().catch(() => [])) : null;
    const page = await (ahead && kept.match(ahead.page, {ignoreVary: true}));
    // A page that has all it needs goes before one that only stands in for it.
    const isEnough = own && ahead?.isBehind && !(await own.clone().text()).includes(LACKS);
    return page && !isEnough ? new Response(swapped(await page.text(), ahead.swaps), {headers: page.headers}) : null;
};
const page = async (event) => {
    const {request} = event;
    const all = await pages();
    const kept = await all?.match(addressOf(request), {ignoreVary: true});
    const ahead = await standingIn(request, all, kept);
    if (ahead) return ahead;
    const fetched = reach(request).then(async (response) => {
        if ([502, 503, 504].includes(response.status) && kept) throw new Error('no server');
        if (!all || !response.ok || response.redirected || !isHtml(response)) return response;
        const [given, copy] = await twice(response);
        event.waitUntil(keepPage(request, copy).catch(() => tell({noRoom: true})));
        return given;
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
        if (!kept || !response.ok || !request.headers.has('X-Along')) return response;
        const [given, copy] = await twice(response);
        await kept.put(addressOf(request), copy);
        return given;
    } catch {
        const address = addressOf(request);
        const own = await kept?.match(address, {ignoreVary: true});
        return own ?? (await kept?.match(address + '?small', {ignoreVary: true})) ?? Response.error();
    }
};

/* What waits of a person goes before what is made later. */
const waiting = async () => {
    const person = await who();
    return (await allEntries()).filter((entry) => !entry.refused && (entry.who ?? person) === person);
};
const writeDown = async (request, id) => {
    const data = await request.formData();
    const from = request.referrer ? new URL(request.referrer) : null;
    const entry = {
        id,
        url: addressOf(request),
        words: data.get('_words') || new URL(request.url).pathname,
        pairs: [...data].filter(([name]) => name !== '_token' && name !== '_words'),
        at: Date.now(),
        who: await who(),
        from: from ? from.pathname + from.search : '/',
    };
    await inStore('readwrite', (store) => store.add(entry));
};
/* The page says what became of it, and goes on where something has begun. */
const stay = (request, what) => {
    const next = what === 'waits' ? onward(new URL(request.url).pathname) : null;
    if (!request.headers.has('HX-Request')) return Response.redirect(next ?? (request.referrer || '/'), 303);
    const headers = {'HX-Reswap': 'none', 'HX-Push-Url': 'false', 'HX-Trigger': 'jurvex-' + what};
    return new Response('', {headers: next ? {...headers, 'HX-Redirect': next} : headers});
};
/* Sent with its identifier, so that it is made once where its answer is lost and it is sent again. */
const identified = async (request, id) => {
    const headers = new Headers(request.headers);
    headers.set('X-Queued-Id', id);
    const {url, method, redirect, referrer} = request;
    return new Request(url, {method, redirect, referrer, headers, credentials: 'same-origin', body: await request.blob()});
};
/* What is shown after an entry is newer than what was kept of that page. */
const keepShown = async (response) => {
    const kept = await pages();
    if (!kept || !response.ok || !response.redirected || !isHtml(response)) return;
    await kept.put(addressOf(response), new Response(await response.text(), {headers: response.headers}));
};
/* What is nothing without an answer: where there is none, it is said, and what was typed stays. */
const postNow = async (request) => {
    try {
        return await reach(request);
    } catch {
        await tell({offline: true});
        if (request.headers.has('HX-Request')) return stay(request, 'needs-signal');
        return (await (await caches.open(ASSETS)).match(NO_SIGNAL)) ?? Response.error();
    }
};
const post = async (event) => {
    const {request} = event;
    const [copy, id] = [request.clone(), crypto.randomUUID()];
    const isBehind = await waiting().then((all) => all.length > 0, () => false);
    if (!isBehind) {
        try {
            const response = await reach(await identified(request, id));
            event.waitUntil(keepShown(response.clone()).catch(() => {}));
            return response;
        } catch {
            await tell({offline: true});
        }
    }
    try {
        await writeDown(copy, id);
    } catch {
        await tell({noRoom: true});
        return stay(copy, 'no-room');
    }
    return stay(copy, 'waits');
};

self.addEventListener('install', (event) => {
    // The page is nobody's: asked for with a cookie, it could bring a new session behind the one that somebody just signed in with.
    const shell = new Request(NO_SIGNAL, {credentials: 'omit'});
    event.waitUntil(caches.open(ASSETS).then((cache) => cache.addAll([...FILES, shell])));
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
    else if (request.method === 'POST' && url.pathname.startsWith('/jobs/') && !request.headers.has('X-Queued'))
        event.respondWith(NEEDS_SIGNAL.test(url.pathname) ? postNow(request) : post(event));
});
