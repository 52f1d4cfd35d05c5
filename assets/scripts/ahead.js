import {valueOf} from './fields.js';

/*
 * What has begun in the browser and waits for a signal has a screen all the same: the server made it ahead, with what stands below in
 * the place of what it could not know.
 */
const AHEAD = '00000000-0000-7000-8000-000000000000';
const BEGUN = '{begun}';
const AT = '{at}';

const escaped = (text) => text.replace(/[&<>"']/g, (sign) => '&#' + sign.charCodeAt(0) + ';');
/* Of entries under a path: an identifier and what follows it. */
const under = (entries, path, rest = '') =>
    entries
        .filter((entry) => entry.url.startsWith(path) && entry.url.slice(path.length + 36).split('?')[0] === rest)
        .map((entry) => ({entry, id: entry.url.slice(path.length, path.length + 36)}));

/** @returns {{id: string, entry: Object}[]} runs of a job that wait to begin */
export const runsBegun = (job, entries) =>
    under(entries, job + '/look/runs/').filter(({entry}) => valueOf(entry, 'run_form[opening]') !== undefined);

/** @returns {{id: string, entry: Object}[]} openings of a job that wait */
export const openingsMade = (job, entries) => under(entries, job + '/way-in/openings/');

/** @returns {?{id: string, entry: Object, isOut: boolean}} the pass that was begun or ended last, of those that wait */
export const passHere = (job, entries) => {
    const path = job + '/clear/run/';
    const said = [...under(entries, path, '/begin'), ...under(entries, path, '/out')];
    const last = said.sort((a, b) => entries.indexOf(a.entry) - entries.indexOf(b.entry)).at(-1);
    return last ? {...last, isOut: last.entry.url.endsWith('/out')} : null;
};

/** What the person has said of the job's opening, where none is stored: the first one made. */
const placeOf = (entry) => valueOf(entry, 'opening_form[place]') ?? entry.words;

/* The address of the page ahead, and what is put in for what. */
const ofRun = (page, {id, entry}) => ({
    page,
    swaps: [
        [AHEAD, id],
        [BEGUN, escaped(entry.words)],
        [AT, String(entry.at)],
    ],
});

const ofLook = (job, query, entries) => {
    const runs = runsBegun(job, entries);
    const wanted = query.get('run');
    const run = wanted === null ? runs.at(-1) : runs.find(({id}) => id === wanted);
    if (run && !query.has('start')) return ofRun(job + '/look/ahead', run);
    const opening = openingsMade(job, entries)[0];
    const swaps = opening ? [[AHEAD, opening.id], ['{place}', escaped(placeOf(opening.entry))]] : [];
    return wanted === null && opening ? {page: job + '/look/ahead/start', swaps, isBehind: true} : null;
};
const ofClearRun = (job, entries) => {
    const pass = passHere(job, entries);
    if (pass === null) return null;
    if (pass.isOut) return {page: job + '/clear/run/ahead/none', swaps: []};
    return {...ofRun(job + '/clear/run/ahead/', pass), page: job + '/clear/run/ahead/' + valueOf(pass.entry, 'machine')};
};

/**
 * The page that stands in for one, while entries wait that it rests on.
 * @param {string} address path and query
 * @param {Object[]} entries that wait and were not refused, in order
 * @returns {?{page: string, swaps: [string, string][], isBehind?: boolean}} behind, where the page itself goes before,
 *     once it has what it needs
 */
export const standIn = (address, entries) => {
    const found = /^(\/jobs\/[^/?]+)([^?]*)(?:\?(.*))?$/.exec(address);
    if (!found) return null;
    const [, job, stage, query] = found;
    const own = entries.filter((entry) => entry.url.startsWith(job + '/'));
    const end = /^\/look\/runs\/([0-9a-f-]{36})\/end$/.exec(stage);
    const isHere = end && runsBegun(job, own).some(({id}) => id === end[1]);
    if (isHere) return {page: job + '/look/ahead/end', swaps: [[AHEAD, end[1]]]};
    if (stage === '/look') return ofLook(job, new URLSearchParams(query), own);
    if (stage === '/clear/run') return ofClearRun(job, own);
    const run = runsBegun(job, own).at(-1);
    return stage === '/mark' && run ? {...ofRun(job + '/mark/ahead', run), isBehind: true} : null;
};

/** Where somebody goes on who has begun something. @returns {?string} none where they stay */
export const onward = (url) => {
    const run = /^(\/jobs\/[^/]+\/look)\/runs\/([0-9a-f-]{36})$/.exec(url);
    if (run) return run[1] + '?run=' + run[2];
    const end = /^(\/jobs\/[^/]+\/look)\/runs\/([0-9a-f-]{36})\/end$/.exec(url);
    if (end) return end[1] + '?run=' + end[2];
    return /^(\/jobs\/[^/]+\/clear\/run)\/[0-9a-f-]{36}\/(begin|out)$/.exec(url)?.[1] ?? null;
};

export const swapped = (text, swaps) => swaps.reduce((all, [from, to]) => all.replaceAll(from, to), text);
