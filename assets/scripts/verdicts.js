/** What becomes of an entry on its way. */

/** Signed out, too late, too often, or the server in trouble: the entry waits for better times. */
const WAITS = [0, 401, 403, 408, 425, 429];

/**
 * @param {number} status of the answer; 0 is a redirect, to the sign-in page
 * @param {?Object<string, string>} errors by field, where the server refused it with words
 * @returns {'stored'|'waiting'|string} the reason, where it can never be taken
 */
export const verdictOn = (status, errors) => {
    if (status >= 200 && status < 300) return 'stored';
    if (WAITS.includes(status) || status >= 500 || (status >= 300 && status < 400)) return 'waiting';
    return Object.values(errors || {}).join(' ') || String(status);
};

const LONGEST_MS = 30_000;
const LEAST_BYTES_PER_MS = 32;
/**
 * How long an answer is waited for: a signal that is all but gone lets a request hang for ever. It is sent again then, and stored once.
 * @param {{text?: string, pairs?: [string, string|File][]}} entry
 * @returns {number} milliseconds
 */
export const patienceFor = ({text = '', pairs = []}) =>
    LONGEST_MS + pairs.reduce((sum, [, value]) => sum + (value.size ?? value.length), text.length) / LEAST_BYTES_PER_MS;

/** How many entries wait, and which ones were refused and why. */
export const stateOf = (entries) => ({
    waiting: entries.filter((entry) => !entry.refused).length,
    refused: entries.filter((entry) => entry.refused).map(({key, words, refused}) => ({key, words, why: refused})),
});
