import {allEntries, inStore} from './store.js';
import {patienceFor, stateOf, verdictOn} from './verdicts.js';

/*
 * Entries on their way to the server. Each is written down in the browser before it is sent, sent in order, and struck off
 * when the server has it; so it survives a reload, a crash and the loss of signal. Every entry carries its own identifier:
 * sent twice, it is stored once.
 */
const RETRY_MS = 4000;
let sending = null;
let timer = null;

const strike = (key) => inStore('readwrite', (store) => store.delete(key));
export const tell = async () => {
    const entries = await mine();
    window.dispatchEvent(new CustomEvent('jurvex-queue', {detail: stateOf(entries)}));
};
/* An entry belongs to the person who made it; what an older version wrote down has no name. */
const person = () => document.querySelector('meta[name=account]')?.content ?? '';
const isMine = (entry) => (entry.who ?? person()) === person();
/** @returns {Promise<Object[]>} what waits of the person who is signed in, in order */
export const mine = async () => (await allEntries()).filter(isMine);
const headersOf = (entry) => ({
    'X-Queued': '1',
    'X-Queued-Id': entry.id,
    ...(entry.at ? {'X-Queued-At': String(entry.at), 'X-Sent-At': String(Date.now())} : {}),
    'X-Csrf-Token': document.querySelector('meta[name=csrf]').content,
    'X-Requested-With': 'XMLHttpRequest',
    ...(entry.text === undefined ? {} : {'Content-Type': 'text/plain'}),
});
const bodyOf = (entry) => {
    if (entry.text !== undefined) return entry.text;
    const data = new FormData();
    entry.pairs.forEach(([name, value]) => data.append(name, value));
    return data;
};

/** Tells every part of the page whether the server was found. */
export const tellSignal = (isThere) => window.dispatchEvent(new CustomEvent('jurvex-signal', {detail: isThere}));

/** @returns {Promise<'stored'|'waiting'|string>} the reason where the server refuses it */
const sendOne = async (entry) => {
    let answer;
    try {
        answer = await fetch(entry.url, {
            method: 'POST',
            body: bodyOf(entry),
            redirect: 'manual',
            headers: headersOf(entry),
            // One that hangs would hold up all that wait behind it.
            signal: AbortSignal.timeout?.(patienceFor(entry)),
        });
    } catch {
        tellSignal(false);
        return 'waiting';
    }
    tellSignal(true);
    const errors = answer.status === 422 ? (await answer.json().catch(() => ({}))).errors : null;
    return verdictOn(answer.status, errors);
};
/* Of many that are sent one after the other, the page hears now and then, and at the end. */
const NEWS_MS = 1000;
const run = async () => {
    if (person() === '') return;
    let stored = 0;
    let toldAt = Date.now();
    const news = async () => {
        toldAt = Date.now();
        await tell();
        if (stored > 0) window.dispatchEvent(new CustomEvent('jurvex-stored', {detail: {stored}}));
        stored = 0;
    };
    for (const entry of await mine()) {
        /* It may have been taken back meanwhile. */
        if (entry.refused || !(await inStore('readonly', (store) => store.get(entry.key)))) continue;
        const result = await sendOne(entry);
        if (result === 'waiting') {
            clearTimeout(timer);
            timer = setTimeout(flush, RETRY_MS);
            break;
        }
        if (result === 'stored') await strike(entry.key);
        else await inStore('readwrite', (store) => store.put({...entry, refused: result}));
        if (result === 'stored') stored++;
        if (Date.now() - toldAt > NEWS_MS) await news();
    }
    await news();
};
export const flush = () => {
    sending = (sending || Promise.resolve()).then(run).catch(() => {});
    return sending;
};

/**
 * Writes an entry down and sends what there is, in order.
 * @param {{id: string, url: string, words: string, pairs?: [string, string|File][], text?: string}} entry
 * @param {() => void} written is called when it is written down, before it is sent
 * @returns {Promise<{state: 'stored'|'waiting'|'refused', why: string}>}
 */
export const put = async (entry, written = () => {}) => {
    const made = {at: Date.now(), who: person(), from: location.pathname + location.search, ...entry};
    let key;
    try {
        key = await inStore('readwrite', (store) => store.add(made));
    } catch (error) {
        window.dispatchEvent(new CustomEvent('jurvex-no-room'));
        throw error;
    }
    written();
    await tell();
    await flush();
    const left = await inStore('readonly', (store) => store.get(key));
    if (!left) return {state: 'stored', why: ''};
    if (!left.refused) return {state: 'waiting', why: ''};
    return {state: 'refused', why: left.refused, key};
};
/** Takes the last entry back that still waits; @returns {Promise<boolean>} whether there was one */
export const takeBack = async (isOne) => {
    const waiting = (await mine()).filter((entry) => !entry.refused && isOne(entry));
    const last = waiting[waiting.length - 1];
    if (last) await strike(last.key);
    await tell();
    return last !== undefined;
};
/** What was refused is tried once more. */
export const again = async (key) => {
    const entry = await inStore('readonly', (store) => store.get(key));
    if (entry) await inStore('readwrite', (store) => store.put({...entry, refused: undefined}));
    await flush();
};
export const drop = async (key) => {
    await strike(key);
    await tell();
};

window.addEventListener('online', flush);
document.addEventListener('DOMContentLoaded', flush);
