import * as queue from './queue.js';
import {jobHere} from './where.js';

/* What waits for the job on the page, as it was read last. */
let known = [];
let isOffline = false;
window.addEventListener('jurvex-signal', ({detail}) => (isOffline = !detail));

export const waitingHere = () => known;
/** Reads it anew, in order. */
export const readHere = async () => {
    const job = jobHere();
    const all = job ? await queue.mine().catch(() => []) : [];
    known = all.filter((entry) => !entry.refused && entry.url.startsWith('/jobs/' + job + '/'));
    return known;
};
/** Whether the server is not asked at once: there is no signal, or something goes before. */
export const isWaiting = () => known.length > 0 || !navigator.onLine || isOffline;
