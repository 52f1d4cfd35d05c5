'use strict';

/*
 * Reels. An adapter is {start(line), stop(), push(speed)}: it calls `line` with every reading in the open text format, whether a rod is pushed
 * through data or a reel talks on a serial port. The bench shows what comes and sends it on in batches.
 */
window.jurvex = window.jurvex || {};
document.addEventListener('alpine:init', () => {
    const EVERY_MS = 200;
    const BATCH_MS = 2000;
    const DRAWN_MS = 3000;
    const STILL_S = 10;
    const BAUD = 9600;
    const SPEEDS = {slow: 0.12, fast: 0.6};

    const {freshId} = window.jurvex;

    /** The rod in a line that is only data: what it would show at each place comes from the server. */
    const simulatedReel = (view, kept) => {
        const state = {hand: 0, head: 0, t: 0, turn: 0, speed: 0, ...kept};
        let timer = null;
        let before = 0;
        const row = () => view.table[Math.max(0, Math.min(view.table.length - 1, Math.round(state.head / view.step)))];
        const step = (seconds) => {
            state.t += seconds;
            state.hand = Math.max(0, Math.min(state.hand + state.speed * seconds, view.reach * (1 + view.slack)));
            /* Pushed, the rod lies in waves and the head lags; drawn back, the slack comes out before the head moves. */
            if (state.speed > 0) state.head = Math.min(view.reach, Math.max(state.head, state.hand / (1 + view.slack)));
            if (state.speed < 0) state.head = Math.min(state.head, state.hand);
        };
        const line = () => {
            const [tilt, roll, lens] = row();
            state.turn += 1;
            const read = Math.max(0, state.hand / view.factor + view.noise * Math.sin(12.9898 * state.turn));
            const flags = [lens === null ? '' : 'lens=' + lens.toFixed(2), state.head >= view.reach - 1e-9 ? 'stop' : ''].filter(Boolean).join(' ');
            return [state.t.toFixed(2), (state.speed === 0 && state.last !== undefined ? state.last : read).toFixed(3), tilt.toFixed(2), roll.toFixed(1), flags].join(',');
        };
        return {
            view, state,
            start(said) {
                before = performance.now();
                timer = setInterval(() => {
                    const now = performance.now();
                    step(Math.min(1, (now - before) / 1000));
                    before = now;
                    const written = line();
                    state.last = Number(written.split(',')[1]);
                    said(written);
                }, EVERY_MS);
            },
            stop() { clearInterval(timer); },
            push(speed) { state.speed = speed; },
            /** Where the head is between two readings, for the picture. */
            headNow() { return Math.max(0, Math.min(view.reach, state.head)); },
        };
    };

    /** A reel on a serial port, by the browser's own access to it. */
    const serialReel = (port) => {
        let reader = null;
        let going = true;
        return {
            view: null, state: null,
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
                    lines.forEach((line) => { if (/^[\d{]/.test(line)) said(line); });
                }
            },
            async stop() {
                going = false;
                if (reader) await reader.cancel();
                await port.close();
            },
            push() {},
            headNow() { return null; },
        };
    };

    const parse = (line) => {
        const json = line.startsWith('{') ? JSON.parse(line) : null;
        const cells = json ? [json.time_s, json.distance_m, json.tilt_deg, json.roll_deg, [].concat(json.flags || []).join(' ')] : line.split(',');
        const lens = /lens=(-?[\d.]+)/.exec(cells[4] || '');
        return {t: Number(cells[0]), metres: Number(cells[1]), tilt: cells[2] === '' || cells[2] === undefined ? null : Number(cells[2]), lens: lens ? Number(lens[1]) : null, stopped: /\bstop\b/.test(cells[4] || '')};
    };

    window.Alpine.data('reel', () => ({
        words: {}, url: '', feet: false, kind: null, reel: null, reading: null, going: '', stillSince: 0, lines: [], frames: 0, problem: '', tilted: false, waiting: 0, refused: [],

        init() {
            this.url = this.$root.dataset.url;
            this.feet = this.$root.dataset.units !== 'metric';
            this.words = JSON.parse(this.$root.dataset.words);
            this.onQueue = (event) => { this.waiting = event.detail.waiting; this.refused = event.detail.refused; };
            window.addEventListener('jurvex-queue', this.onQueue);
            window.jurvex.queue.tell();
            const kept = sessionStorage.getItem(this.storeName);
            if (kept) this.simulate(JSON.parse(kept));
            this.sender = setInterval(() => this.sendLines(), BATCH_MS);
            this.drawer = setInterval(() => this.drawRibbon(), DRAWN_MS);
            this.sync = () => this.keep();
            window.addEventListener('pagehide', this.sync);
            window.jurvex.live = this;
        },
        destroy() {
            this.keep();
            if (this.reel) this.reel.stop();
            clearInterval(this.sender);
            clearInterval(this.drawer);
            cancelAnimationFrame(this.frame);
            window.removeEventListener('jurvex-queue', this.onQueue);
            window.removeEventListener('pagehide', this.sync);
            if (window.jurvex.live === this) window.jurvex.live = null;
        },
        get storeName() { return 'jurvex-reel-' + this.$root.dataset.run; },
        get isOn() { return this.reel !== null; },
        get isOff() { return this.reel === null; },
        get hasPicture() { return this.kind === 'simulated'; },
        get hasSerial() { return 'serial' in navigator; },
        get hasProblem() { return this.problem !== ''; },
        get goingWords() { return this.going === '' ? '' : this.words[this.going] + (this.reading && this.reading.stopped && this.going !== 'back' ? ' · ' + this.words.stopped : ''); },
        get isWaiting() { return this.waiting > 0; },
        get waitingWords() { return this.words.waiting.replace('%count%', this.waiting); },
        get hasRefused() { return this.refused.length > 0; },
        get refusals() { return this.refused.map((each) => ({key: each.key, words: each.words + ': ' + each.why, drop: () => window.jurvex.queue.drop(each.key)})); },
        get lensWords() { return this.reading && this.reading.lens !== null ? this.words.lens : ''; },
        get stillFor() { return this.stillSince === 0 ? 0 : (Date.now() - this.stillSince) / 1000; },
        get isStill() { return this.reel !== null && this.stillFor >= STILL_S; },

        /* Connecting */
        async connectSimulated() { await this.simulate({}); },
        async simulate(kept) {
            this.problem = '';
            try {
                const answer = await fetch(this.url + '/reel.json');
                if (!answer.ok) throw new Error(String(answer.status));
                this.take('simulated', simulatedReel(await answer.json(), kept));
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
            Promise.resolve(reel.start((line) => this.hear(line))).catch(() => { this.problem = this.words.noPort; });
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
            if (this.kind === 'simulated') sessionStorage.setItem(this.storeName, JSON.stringify({...this.reel.state, speed: 0}));
        },

        /* Readings */
        hear(line) {
            let reading;
            try {
                reading = parse(line);
            } catch {
                return;
            }
            if (Number.isNaN(reading.metres)) return;
            const moved = this.reading === null ? 0 : reading.metres - this.reading.metres;
            this.lines.push(line);
            if (Math.abs(moved) > 0.002) {
                this.going = moved > 0 ? 'in' : 'back';
                this.stillSince = 0;
            } else if (this.stillSince === 0) {
                this.stillSince = Date.now();
            }
            this.reading = reading;
            const input = document.getElementById('reading');
            if (input === document.activeElement) return;
            input.value = this.feet ? (reading.metres / 0.3048).toFixed(2) : reading.metres.toFixed(2);
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
            const x = Number(drawing.dataset.zero) + Number(drawing.dataset.metre) * metres * Number(this.$root.dataset.factor);
            const y = /translate\([-\d.]+ ([-\d.]+)\)/.exec(head.getAttribute('transform'))[1];
            head.setAttribute('transform', `translate(${x.toFixed(1)} ${y})`);
        },
        sendLines() {
            if (this.lines.length === 0) return;
            const lines = this.lines;
            this.lines = [];
            const id = freshId();
            this.tilted = true;
            window.jurvex.queue.put({id, url: this.url + '/readings/' + id, words: this.words.readings, text: lines.join('\n')});
        },
        drawRibbon() {
            if (!this.tilted || this.going === '') return;
            this.tilted = false;
            if (!document.querySelector('.panel[data-open]')) document.body.dispatchEvent(new Event('logged'));
        },

        /* The rod */
        push(speed) { if (this.reel) this.reel.push(speed); },
        pushIn() { this.push(SPEEDS.slow); },
        pushFast() { this.push(SPEEDS.fast); },
        drawBack() { this.push(-SPEEDS.slow); },
        drawFast() { this.push(-SPEEDS.fast); },
        halt() { this.push(0); },
        wheel(event) {
            event.preventDefault();
            this.push(Math.sign(-event.deltaY) * Math.min(SPEEDS.fast, SPEEDS.slow * Math.max(1, Math.abs(event.deltaY) / 60)));
            clearTimeout(this.wheeling);
            this.wheeling = setTimeout(() => this.halt(), 250);
        },

        /* The picture */
        animate() {
            const canvas = this.$refs.picture;
            const draw = () => {
                if (this.kind !== 'simulated') return;
                window.jurvex.bore.draw(canvas, this.reel.view, {s: this.reel.headNow(), water: this.$root.dataset.water === 'on'});
                this.frames += 1;
                canvas.dataset.frames = String(this.frames);
                this.frame = requestAnimationFrame(draw);
            };
            this.$nextTick(() => { this.frame = requestAnimationFrame(draw); });
        },
        /** A tap is the water's line while a low spot is open, else the bottom of the pipe. */
        tapPicture(event) {
            const box = this.$refs.picture.getBoundingClientRect();
            const x = (event.clientX - box.left - box.width / 2) / (box.height / 2);
            const y = (event.clientY - box.top - box.height / 2) / (box.height / 2);
            const clock = ((Math.atan2(x, -y) / Math.PI) * 6 + 12) % 12;
            const roll = this.reel && this.reel.view ? (this.reel.view.table[Math.max(0, Math.min(this.reel.view.table.length - 1, Math.round(this.reel.headNow() / this.reel.view.step)))][1] * Math.PI) / 180 : 0;
            const up = -(y * Math.cos(roll) - x * Math.sin(roll));
            window.dispatchEvent(new CustomEvent('jurvex-tap', {detail: {clock, lens: Math.max(-1, Math.min(1, up)), still: this.isStill}}));
        },
    }));
});
