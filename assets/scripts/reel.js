import {serialReel, simulatedReel} from './adapters.js';
import {drawBore} from './bore.js';
import {hourAt} from './clock.js';
import {inUnits} from './distances.js';
import {freshId} from './ids.js';
import {dropLiveReel, setLiveReel} from './live.js';
import * as queue from './queue.js';
import {parseReading} from './readings.js';
import {rowAt} from './rod.js';

/* The reel on the screen: it shows what comes and sends it on in batches. */
const BATCH_MS = 2000;
const DRAWN_MS = 3000;
const SPEEDS = {slow: 0.12, fast: 0.6};

export const reel = () => ({
    words: {},
    url: '',
    feet: false,
    kind: null,
    reel: null,
    reading: null,
    going: '',
    lines: [],
    frames: 0,
    problem: '',
    isGone: false,
    tilted: false,
    waiting: 0,
    refused: [],

    init() {
        this.url = this.$root.dataset.url;
        this.feet = this.$root.dataset.units !== 'metric';
        this.words = JSON.parse(this.$root.dataset.words);
        this.onQueue = (event) => {
            this.waiting = event.detail.waiting;
            this.refused = event.detail.refused;
        };
        window.addEventListener('jurvex-queue', this.onQueue);
        queue.tell();
        const kept = sessionStorage.getItem(this.storeName);
        if (kept) this.simulate(JSON.parse(kept));
        this.sender = setInterval(() => this.sendLines(), BATCH_MS);
        this.drawer = setInterval(() => this.drawRibbon(), DRAWN_MS);
        this.sync = () => this.keep();
        window.addEventListener('pagehide', this.sync);
        setLiveReel(this);
    },
    destroy() {
        this.isGone = true;
        this.keep();
        if (this.reel) this.reel.stop();
        clearInterval(this.sender);
        clearInterval(this.drawer);
        cancelAnimationFrame(this.frame);
        window.removeEventListener('jurvex-queue', this.onQueue);
        window.removeEventListener('pagehide', this.sync);
        dropLiveReel(this);
    },
    get storeName() {
        return 'jurvex-reel-' + this.$root.dataset.run;
    },
    get isOn() {
        return this.reel !== null;
    },
    get isOff() {
        return this.reel === null;
    },
    get hasPicture() {
        return this.kind === 'simulated';
    },
    get liveMark() {
        return this.hasPicture ? '' : null;
    },
    get hasSerial() {
        return 'serial' in navigator;
    },
    get hasProblem() {
        return this.problem !== '';
    },
    get goingWords() {
        return this.going === ''
            ? ''
            : this.words[this.going] +
                  (this.reading && this.reading.stopped && this.going !== 'back' ? ' · ' + this.words.stopped : '');
    },
    get isWaiting() {
        return this.waiting > 0;
    },
    get waitingWords() {
        return this.words.waiting.replace('%count%', this.waiting);
    },
    get hasRefused() {
        return this.refused.length > 0;
    },
    get refusals() {
        return this.refused.map((each) => ({
            key: each.key,
            words: each.words + ': ' + each.why,
            drop: () => queue.drop(each.key),
        }));
    },
    get lensWords() {
        return this.reading && this.reading.lens !== null ? this.words.lens : '';
    },

    /* Connecting */
    async connectSimulated() {
        await this.simulate({});
    },
    async simulate(kept) {
        this.problem = '';
        try {
            const answer = await fetch(this.url + '/reel.json');
            if (!answer.ok) throw new Error(String(answer.status));
            const line = await answer.json();
            // Whoever has left the screen meanwhile has no picture, and nothing would stop the reel.
            if (this.isGone) return;
            this.take('simulated', simulatedReel(line, kept));
            this.animate();
        } catch {
            this.problem = this.words.unreachable;
        }
    },
    async connectSerial() {
        this.problem = '';
        try {
            this.take('serial', serialReel(await navigator.serial.requestPort()));
        } catch {
            this.problem = this.words.noPort;
        }
    },
    take(kind, reel) {
        this.kind = kind;
        this.reel = reel;
        Promise.resolve(reel.start((line) => this.hear(line))).catch(() => {
            this.problem = this.words.noPort;
        });
    },
    disconnect() {
        this.sendLines();
        this.reel.stop();
        this.reel = this.kind = null;
        this.going = '';
        sessionStorage.removeItem(this.storeName);
    },
    keep() {
        this.sendLines();
        if (this.kind === 'simulated')
            sessionStorage.setItem(this.storeName, JSON.stringify({...this.reel.state, speed: 0}));
    },

    /* Readings */
    hear(line) {
        const reading = parseReading(line);
        if (reading === null) return;
        const moved = this.reading === null ? 0 : reading.metres - this.reading.metres;
        this.lines.push(line);
        if (Math.abs(moved) > 0.002) this.going = moved > 0 ? 'in' : 'back';
        this.reading = reading;
        const input = document.getElementById('reading');
        if (input === document.activeElement) return;
        input.value = inUnits(reading.metres, this.feet);
        document.getElementById('tilt').value = reading.tilt === null ? '' : reading.tilt;
        this.moveHead(reading.metres);
        if (Date.now() - (this.asked || 0) > 500) {
            this.asked = Date.now();
            input.dispatchEvent(new Event('reading'));
        }
    },
    /** The head on the ribbon goes with the camera; the server draws the rest anew every few seconds. */
    moveHead(metres) {
        const drawing = document.querySelector('#ribbon svg');
        const head = drawing && drawing.querySelector('.head');
        if (!head || !drawing.dataset.metre) return;
        const x =
            Number(drawing.dataset.zero) + Number(drawing.dataset.metre) * metres * Number(this.$root.dataset.factor);
        const y = /translate\([-\d.]+ ([-\d.]+)\)/.exec(head.getAttribute('transform'))[1];
        head.setAttribute('transform', `translate(${x.toFixed(1)} ${y})`);
    },
    sendLines() {
        if (this.lines.length === 0) return queue.flush();
        const lines = this.lines;
        this.lines = [];
        const id = freshId();
        this.tilted = true;
        const how = this.kind === 'simulated' ? '?simulated=1' : '';
        return queue.put({
            id,
            url: this.url + '/readings/' + id + how,
            words: this.words.readings,
            text: lines.join('\n'),
        });
    },
    drawRibbon() {
        if (!this.tilted || this.going === '') return;
        this.tilted = false;
        if (!document.querySelector('.panel[data-open]')) document.body.dispatchEvent(new Event('logged'));
    },

    /* The rod */
    push(speed) {
        if (this.reel) this.reel.push(speed);
    },
    pushIn() {
        this.push(SPEEDS.slow);
    },
    pushFast() {
        this.push(SPEEDS.fast);
    },
    drawBack() {
        this.push(-SPEEDS.slow);
    },
    drawFast() {
        this.push(-SPEEDS.fast);
    },
    halt() {
        this.push(0);
    },
    wheel(event) {
        event.preventDefault();
        this.push(
            Math.sign(-event.deltaY) * Math.min(SPEEDS.fast, SPEEDS.slow * Math.max(1, Math.abs(event.deltaY) / 60)),
        );
        clearTimeout(this.wheeling);
        this.wheeling = setTimeout(() => this.halt(), 250);
    },

    /* The picture */
    animate() {
        const canvas = this.$refs.picture;
        let drawn = '';
        const draw = () => {
            if (this.kind !== 'simulated') return;
            this.frame = requestAnimationFrame(draw);
            const camera = {s: this.reel.headNow(), water: this.$root.dataset.water === 'on'};
            // While the rod stands still the picture does too: nothing is drawn, and the battery lasts.
            const seen = JSON.stringify(camera);
            if (drawn === seen) return;
            drawn = seen;
            drawBore(canvas, this.reel.view, camera);
            this.frames += 1;
            canvas.dataset.frames = String(this.frames);
            canvas.dataset.head = camera.s.toFixed(2);
        };
        this.$nextTick(() => {
            this.frame = requestAnimationFrame(draw);
        });
    },
    /** A tap is the water's line while a low spot is open, else the bottom of the pipe. */
    tapPicture(event) {
        const box = this.$refs.picture.getBoundingClientRect();
        const x = (event.clientX - box.left - box.width / 2) / (box.height / 2);
        const y = (event.clientY - box.top - box.height / 2) / (box.height / 2);
        const roll = this.reel?.view ? (rowAt(this.reel.view, this.reel.headNow())[1] * Math.PI) / 180 : 0;
        const up = -(y * Math.cos(roll) - x * Math.sin(roll));
        const detail = {clock: hourAt(x, y), lens: Math.max(-1, Math.min(1, up))};
        window.dispatchEvent(new CustomEvent('jurvex-tap', {detail}));
    },
});
