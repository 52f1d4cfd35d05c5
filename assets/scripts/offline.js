import {timeOf} from './clock.js';
import {withOwnId} from './own-id.js';
import * as queue from './queue.js';
import {isInARun, jobHere} from './where.js';

/* The application without a network: who it is kept for, what is taken along, and what waits. */

const meta = (name) => document.querySelector('meta[name=' + name + ']')?.content ?? '';
/** When the page was made, in milliseconds; it is told within the part that is swapped. */
const madeAt = () => Number(document.getElementById('made')?.dataset.at ?? 0);
const worker = () => ('serviceWorker' in navigator ? navigator.serviceWorker.ready : Promise.reject(new Error('no worker')));
const PRESSES = 'form[method=post]';

/* Identifiers that were sent, over reloads: a page that was kept offers the same ones again. */
const USED = 'jurvex-used';
const USED_AT_MOST = 2000;
const used = {
    all: new Set(JSON.parse(localStorage.getItem(USED) ?? '[]')),
    has(id) {
        return this.all.has(id);
    },
    add(id) {
        this.all.add(id);
        localStorage.setItem(USED, JSON.stringify([...this.all].slice(-USED_AT_MOST)));
    },
};
const hidden = (form, name, value) => {
    let field = form.querySelector('input[name=' + name + ']');
    if (!field) {
        field = Object.assign(document.createElement('input'), {type: 'hidden', name});
        form.append(field);
    }
    field.value = value;
};
const LONGEST_WORDS = 160;
/** What was pressed and typed, as somebody would say it. */
const wordsOf = (form, submitter) => {
    // What stood there before was not given in.
    const chosen = [...form.querySelectorAll('select')]
        .map((field) => field.selectedOptions[0])
        .filter((option) => option && !option.defaultSelected && option.index > 0)
        .map((option) => option.text);
    const ticked = [...form.querySelectorAll('input:checked')]
        .filter((field) => !field.defaultChecked)
        .map((field) => field.labels?.[0]?.innerText ?? '');
    const typed = [...form.querySelectorAll('textarea, input:not([type=hidden], [type=radio], [type=checkbox], [type=file])')]
        .filter((field) => field.value !== field.defaultValue)
        .map((field) => field.value);
    return [(submitter ?? form.querySelector('button'))?.innerText ?? '', ...ticked, ...chosen, ...typed]
        .map((word) => word.replace(/\s+/g, ' ').trim())
        .filter((word) => word !== '')
        .join(' · ')
        .slice(0, LONGEST_WORDS);
};
/* In the order of the page: before htmx reads the form. */
document.addEventListener(
    'submit',
    (event) => {
        const form = event.target.closest(PRESSES);
        if (!form || form.hasAttribute('data-url')) return;
        form.setAttribute('action', withOwnId(form.getAttribute('action') ?? '', used, madeAt()));
        hidden(form, '_words', wordsOf(form, event.submitter));
    },
    true,
);
/* It has read where a form goes when the page came. */
document.addEventListener('htmx:configRequest', ({detail}) => {
    if (detail.verb === 'post' && detail.elt.matches(PRESSES)) detail.path = detail.elt.getAttribute('action');
});

/* So often it is looked whether a new version waits. */
const NEW_VERSION_MS = 2000;
/** Says whose pages are kept from now on. */
const sayWho = async () => {
    const registration = await worker();
    const active = registration.active;
    await new Promise((resolve) => {
        const channel = new MessageChannel();
        channel.port1.onmessage = resolve;
        setTimeout(resolve, 1000);
        active.postMessage({person: meta('account')}, [channel.port2]);
    });
    // A new version comes between jobs, never in a run.
    const takeOver = () => !isInARun() && registration.waiting?.postMessage({takeOver: true});
    takeOver();
    setInterval(takeOver, NEW_VERSION_MS);
};

/** Fetches pages for the time without a network. */
export const fetchAlong = async (urls, step) => {
    let done = 0;
    const pictures = new Set();
    const one = async (url) => {
        const answer = await fetch(url, {headers: {'X-Along': '1'}});
        const text = answer.ok && /text\/html/.test(answer.headers.get('Content-Type') ?? '') ? await answer.text() : '';
        // A whole page is not built for its pictures: somebody works on the one that is open.
        for (const [, src] of text.matchAll(/<img\b[^>]*\ssrc="(\/[^"]+)"/g)) pictures.add(src.replaceAll('&amp;', '&'));
        step(++done);
    };
    const work = async (list) => {
        for (let url = list.shift(); url !== undefined; url = list.shift()) await one(url);
    };
    const list = [...urls];
    await Promise.all([work(list), work(list), work(list)]);
    const images = [...pictures].filter((src) => !src.startsWith('/build/'));
    // In small: a day of pictures is heavier than all its pages.
    await Promise.all(images.map((src) => fetch(src + '?small', {headers: {'X-Along': '1'}}).catch(() => null)));
};

/* Home: one press takes the day along. */
export const along = () => ({
    told: '',
    busy: false,
    get words() {
        return JSON.parse(this.$root.dataset.words);
    },
    async take() {
        if (this.busy) return;
        this.busy = true;
        try {
            await worker();
            const {urls} = await (await fetch(this.$root.dataset.url)).json();
            await fetchAlong(urls, (done) => {
                this.told = this.words.taking.replace('%done%', done).replace('%all%', urls.length);
            });
            this.told = this.words.taken;
        } catch {
            this.told = this.words.failed;
        }
        this.busy = false;
    },
});

/* A job that is opened with a good signal is taken along by itself, once in a while. */
const AGAIN_MS = 10 * 60 * 1000;
/* Long enough that whoever only passes through takes nothing along. */
const STAYS_MS = 4000;
const takeJob = async () => {
    const job = jobHere();
    await new Promise((resolve) => setTimeout(resolve, STAYS_MS));
    const {saveData, effectiveType} = navigator.connection ?? {};
    if (!job || job !== jobHere() || !navigator.onLine || saveData || (effectiveType ?? '4g') !== '4g') return;
    // What waits goes first; when it is sent the job is taken along anew.
    if ((await queue.mine()).some((entry) => !entry.refused)) return;
    const key = 'along-' + job;
    if (Date.now() - Number(sessionStorage.getItem(key) ?? 0) < AGAIN_MS) return;
    sessionStorage.setItem(key, String(Date.now()));
    const {urls} = await (await fetch('/along?job=' + job)).json();
    await fetchAlong(urls, () => {});
};


/* What the signal does, and what waits for it or for somebody. Longer words lie over the page: nothing is moved by them. */
export const signal = () => ({
    offline: false,
    noRoom: false,
    needs: false,
    entries: [],
    isOpen: false,
    init() {
        this.onQueue = async () => {
            const before = this.waiting.length;
            await this.read();
            if (before > 0 && this.waiting.length === 0) this.sent();
        };
        this.onWait = ({target}) => {
            // What was pressed shows that it waits, and is tried again by itself.
            const form = target.closest?.('form');
            // What was given in stands in its list; another one may follow.
            if ([...used.all].some((id) => form?.action.endsWith(id))) form.reset();
            queue.flush();
            this.read();
        };
        this.onLine = () => this.look();
        this.onSignal = ({detail}) => {
            this.offline = !detail;
            if (this.needs && !this.offline) this.close();
        };
        this.onNeed = ({target}) => target.matches?.('form') && this.say('needs');
        this.onRoom = () => this.say('noRoom');
        this.onWorker = ({data}) => {
            if (data.offline) queue.tellSignal(false);
            if (data.noRoom) this.say('noRoom');
            this.read();
        };
        window.addEventListener('jurvex-queue', this.onQueue);
        window.addEventListener('jurvex-no-room', this.onRoom);
        window.addEventListener('jurvex-signal', this.onSignal);
        document.body.addEventListener('jurvex-waits', this.onWait);
        document.body.addEventListener('jurvex-needs-signal', this.onNeed);
        window.addEventListener('online', this.onLine);
        window.addEventListener('offline', this.onLine);
        navigator.serviceWorker?.addEventListener('message', this.onWorker);
        this.look();
    },
    destroy() {
        window.removeEventListener('jurvex-queue', this.onQueue);
        window.removeEventListener('jurvex-no-room', this.onRoom);
        window.removeEventListener('jurvex-signal', this.onSignal);
        document.body.removeEventListener('jurvex-waits', this.onWait);
        document.body.removeEventListener('jurvex-needs-signal', this.onNeed);
        window.removeEventListener('online', this.onLine);
        window.removeEventListener('offline', this.onLine);
        navigator.serviceWorker?.removeEventListener('message', this.onWorker);
    },
    look() {
        this.offline = !navigator.onLine;
        // A page that came from what was kept: the worker knows that it found no server.
        const channel = new MessageChannel();
        channel.port1.onmessage = ({data}) => data.offline && queue.tellSignal(false);
        navigator.serviceWorker?.controller?.postMessage({asks: true}, [channel.port2]);
        this.read();
    },
    async read() {
        try {
            this.entries = await queue.mine();
        } catch {
            this.say('noRoom');
        }
    },
    /** Answers a press: at once, and until it was read. */
    say(which) {
        this[which] = true;
        this.isOpen = true;
    },
    /** All that waited is there: the page is loaded anew, unless somebody is at work on it. */
    sent() {
        this.offline = false;
        // What was kept of the job is older than what was sent.
        sessionStorage.removeItem('along-' + jobHere());
        takeJob().catch(() => {});
        const isTyping = document.activeElement?.matches('input, textarea, select');
        if (!isTyping && /^\/jobs\//.test(location.pathname) && !/\/look$/.test(location.pathname)) location.reload();
    },
    get words() {
        return JSON.parse(this.$root.dataset.words);
    },
    get waiting() {
        return this.entries.filter((entry) => !entry.refused);
    },
    get refused() {
        return this.entries
            .filter((entry) => entry.refused)
            .map((entry) => ({
                key: entry.key,
                words: entry.words,
                why: entry.refused,
                from: entry.from ?? '/',
                again: () => queue.again(entry.key).then(() => this.read()),
                drop: () => queue.drop(entry.key).then(() => this.read()),
            }));
    },
    get rows() {
        // A list that nobody sees is not made.
        return this.isOpen ? this.waiting.map(({key, words, at}) => ({key, words, at: at ? timeOf(at) : ''})) : [];
    },
    get isShown() {
        return this.offline || this.needs || this.noRoom || this.entries.length > 0;
    },
    /** What there is to say, the most urgent first. */
    get parts() {
        const {words, waiting, refused, offline, noRoom} = this;
        return [
            noRoom && words.not_kept,
            refused.length > 0 && words.refused.replace('%count%', refused.length),
            offline && words.none,
            waiting.length > 0 ? this.count : offline && this.asOf,
        ].filter(Boolean);
    },
    get title() {
        return this.parts[0] ?? '';
    },
    get more() {
        return this.parts.slice(1).join(' · ');
    },
    get told() {
        if (this.noRoom) return this.words.no_room;
        if (this.needs) return this.words.needs;
        if (!this.offline) return '';
        return [this.words.none, this.asOf, this.waiting.length > 0 ? this.count : this.words.empty].join(' · ');
    },
    get hasTold() {
        return this.told !== '';
    },
    get asOf() {
        return this.words.as_of.replace('%time%', timeOf(madeAt()));
    },
    get count() {
        const many = this.waiting.length;
        return many === 1 ? this.words.one : this.words.many.replace('%count%', many);
    },
    get expanded() {
        return this.isOpen ? 'true' : 'false';
    },
    toggle() {
        if (this.isOpen) return this.close();
        this.isOpen = true;
    },
    close() {
        this.needs = false;
        this.isOpen = false;
    },
});

/* A page that could not be had comes by itself once there is a signal. */
const COMES_MS = 4000;
const comesYet = async () => {
    if (!document.querySelector('main[data-missing]') || location.pathname === '/no-signal') return;
    const isThere = await fetch(location.href).then(
        (answer) => answer.ok,
        () => false,
    );
    if (isThere) location.replace(location.href);
    else setTimeout(comesYet, COMES_MS);
};
['DOMContentLoaded', 'htmx:afterSettle'].forEach((event) => document.addEventListener(event, comesYet));

/* Whoever signs out with entries waiting is told first. */
export const signOut = () => ({
    warned: false,
    async ask(event) {
        if (this.warned) return;
        event.preventDefault();
        const waiting = await queue.mine().catch(() => []);
        this.warned = waiting.length > 0;
        if (!this.warned) event.target.submit();
    },
    get isWarned() {
        return this.warned;
    },
});

if ('serviceWorker' in navigator && meta('worker') !== '') {
    navigator.serviceWorker.register(meta('worker')).catch(() => {});
    document.addEventListener('DOMContentLoaded', () => {
        sayWho()
            .then(takeJob)
            .catch(() => {});
    });
    document.addEventListener('htmx:pushedIntoHistory', () => takeJob().catch(() => {}));
}
