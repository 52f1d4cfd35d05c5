import {sizeFor} from './size.js';
import {isInARun, jobHere} from './where.js';

/* What the hand needs while a tool or a camera is in the line: a screen that stays on, a short buzz, pictures that are small. */

let lock = null;
const stayOn = async () => {
    const isWanted = isInARun() && document.visibilityState === 'visible';
    if (!('wakeLock' in navigator)) return;
    try {
        if (isWanted && (lock === null || lock.released)) lock = await navigator.wakeLock.request('screen');
        if (!isWanted && lock !== null) await lock.release();
    } catch {
        // A device that saves its battery may refuse.
    }
};
document.addEventListener('DOMContentLoaded', stayOn);
document.addEventListener('visibilitychange', stayOn);
document.addEventListener('htmx:pushedIntoHistory', stayOn);

const BUZZ_MS = 30;
// A browser refuses, and complains, before anything was tapped or typed.
const buzz = () => navigator.userActivation?.hasBeenActive !== false && navigator.vibrate?.(BUZZ_MS);
window.addEventListener('jurvex-stored', buzz);
document.addEventListener('htmx:afterRequest', ({detail}) => {
    // What only waits for a signal is not stored, and not confirmed.
    const waits = detail.xhr?.getResponseHeader('HX-Trigger')?.startsWith('jurvex-');
    if (detail.requestConfig?.verb === 'post' && detail.successful && !waits) buzz();
});

/* Pictures are made small before they wait or are sent. */
const QUALITY = 0.85;

const small = async (file) => {
    const picture = await createImageBitmap(file, {imageOrientation: 'from-image'});
    const size = sizeFor(picture.width, picture.height);
    if (size.width === picture.width) return file;
    const canvas = Object.assign(document.createElement('canvas'), size);
    canvas.getContext('2d').drawImage(picture, 0, 0, size.width, size.height);
    const blob = await new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
    return blob ? new File([blob], file.name.replace(/\.\w+$/, '') + '.jpg', {type: 'image/jpeg'}) : file;
};
document.addEventListener(
    'change',
    async ({target}) => {
        if (!target.matches?.('input[type=file][accept*=image]') || target.files.length !== 1 || target.dataset.small === 'made') {
            delete target.dataset?.small;
            return;
        }
        try {
            const made = await small(target.files[0]);
            if (made === target.files[0]) return;
            const files = new DataTransfer();
            files.items.add(made);
            target.dataset.small = 'made';
            target.files = files.files;
            target.dispatchEvent(new Event('change', {bubbles: true}));
        } catch {
            // What the browser cannot read is judged by the server.
        }
    },
    true,
);

/* Opened from the home screen it goes on where today's work was left. */
const START = 'jurvex-stage';
document.addEventListener('DOMContentLoaded', () => {
    const today = new Date().toDateString();
    if (jobHere()) {
        localStorage.setItem(START, JSON.stringify([today, location.pathname]));
    } else if (location.pathname === '/' && new URLSearchParams(location.search).has('start')) {
        const [day, stage] = JSON.parse(localStorage.getItem(START) ?? '["", ""]');
        if (day === today && /^\/jobs\//.test(stage)) location.replace(stage);
    }
});
