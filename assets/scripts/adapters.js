import {moved, rodAtRest, said} from './rod.js';

/*
 * Reels. An adapter is {start(say), stop(), push(speed)}: it calls `say` with every reading in the open text format,
 * whether a rod is pushed through data or a reel talks on a serial port. The bench shows what comes and sends it on in batches.
 */
const EVERY_MS = 200;
const BAUD = 9600;

/** The rod in a line that is only data: what it would show at each place comes from the server. */
export const simulatedReel = (view, kept) => {
    let rod = rodAtRest(kept);
    let timer = null;
    let before = 0;
    let past = rod.head;
    return {
        view,
        get state() {
            return rod;
        },
        start(say) {
            before = performance.now();
            timer = setInterval(() => {
                const now = performance.now();
                const next = said(moved(rod, view, Math.min(1, (now - before) / 1000)), view);
                before = now;
                past = rod.head;
                rod = next.rod;
                say(next.line);
            }, EVERY_MS);
        },
        stop() {
            clearInterval(timer);
        },
        push(speed) {
            rod = {...rod, speed};
        },
        /** Where the head is between the last two readings, for the picture: it comes to rest where the last one is. */
        headNow() {
            const share = Math.min(1, (performance.now() - before) / EVERY_MS);
            return Math.max(0, Math.min(view.reach, past + share * (rod.head - past)));
        },
    };
};

/** A reel on a serial port, by the browser's own access to it. */
export const serialReel = (port) => {
    let reader = null;
    let going = true;
    return {
        view: null,
        state: null,
        async start(said) {
            await port.open({baudRate: BAUD});
            reader = port.readable.getReader();
            const decoder = new TextDecoder();
            let rest = '';
            while (going) {
                const {value, done} = await reader.read();
                if (done) break;
                rest += decoder.decode(value, {stream: true});
                const lines = rest.split(/\r?\n/);
                rest = lines.pop();
                lines.forEach((line) => {
                    if (/^[\d{]/.test(line)) said(line);
                });
            }
        },
        async stop() {
            going = false;
            if (reader) await reader.cancel();
            await port.close();
        },
        push() {},
        headNow() {
            return null;
        },
    };
};
