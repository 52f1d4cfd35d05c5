import {inUnits} from './distances.js';
import {actOf, nameOf} from './keys.js';

/* Small Alpine components that every page shares, for its CSP build: it calls methods and reads properties only. */

/* Arrow keys walk the line map: left is upstream, right downstream, up and down the next part drawn. Z undoes. */
export const plan = () => ({
    key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        const links = [...this.$root.querySelectorAll('.plan a')];
        const at = event.target.closest('.plan a') || this.$root.querySelector('.plan a[aria-current]');
        const act = actOf('map', nameOf(event));
        const along = ['left', 'right'].find((side) => side === act);
        const step = {before: -1, next: 1}[act];
        let next = null;
        if (along && at) next = links.find((link) => link.dataset.id === at.dataset[along]);
        if (step && at) next = links[links.indexOf(at) + step];
        if (act === 'undo' && this.$refs.undo) this.$refs.undo.requestSubmit();
        if (!next) return;
        event.preventDefault();
        next.dispatchEvent(new MouseEvent('click', {bubbles: true, cancelable: true}));
    },
});

/* What stands in the bar: on a narrow screen behind a button. */
export const menu = () => ({
    open: false,
    get state() {
        return this.open ? 'on' : '';
    },
    get expanded() {
        return String(this.open);
    },
    toggle() {
        this.open = !this.open;
    },
    close() {
        this.open = false;
    },
});

/* What to do when it goes wrong: one key or one tap away, whatever is on the screen. */
export const stopCard = () => ({
    init() {
        this.onKey = (event) => {
            if (actOf('job', event.key) === 'stop' && !event.target.matches('input, textarea, select')) this.show();
        };
        document.addEventListener('keydown', this.onKey);
    },
    show() {
        const card = document.getElementById('stop-card');
        if (card && !card.open) card.showModal();
    },
    destroy() {
        document.removeEventListener('keydown', this.onKey);
    },
});

/* Counts the turns given to the hose; the net twist should come back to nought. */
export const turns = () => ({
    net: 0,
    init() {
        this.sum();
    },
    get twist() {
        return this.net === 0 ? '0' : (this.net > 0 ? '↻ ' : '↺ ') + Math.abs(this.net);
    },
    field(name) {
        return this.$root.querySelector('input[name*="' + name + '"]');
    },
    sum() {
        this.net = Number(this.field('turnsRight').value || 0) - Number(this.field('turnsLeft').value || 0);
    },
    more(name) {
        this.field(name).value = Number(this.field(name).value || 0) + 1;
        this.sum();
    },
    left() {
        this.more('turnsLeft');
    },
    right() {
        this.more('turnsRight');
    },
});

/* The clock of a tool in the line, and how long the tank still lasts. */
export const runClock = () => ({
    seconds: 0,
    tank: 0,
    timer: null,
    init() {
        const {seconds: since, began: at} = this.$root.dataset;
        this.seconds = Number(at) ? Math.max(0, Math.round((Date.now() - Number(at)) / 1000)) : Number(since);
        this.tank = Number(this.$root.dataset.tank);
        if (this.$root.dataset.runs !== '1') return;
        const began = Date.now();
        const [seconds, tank] = [this.seconds, this.tank];
        this.timer = setInterval(() => {
            const gone = Math.floor((Date.now() - began) / 1000);
            this.seconds = seconds + gone;
            if (this.$root.dataset.on === '1') this.tank = Math.max(0, tank - gone);
        }, 500);
    },
    written(seconds) {
        return Math.floor(seconds / 60) + ':' + String(seconds % 60).padStart(2, '0');
    },
    get clock() {
        return this.written(this.seconds);
    },
    get left() {
        return this.written(this.tank);
    },
    destroy() {
        clearInterval(this.timer);
    },
});

/* Beside the ribbon, each finding is a jump in the recording. */
export const recording = () => ({
    jump(event) {
        this.$refs.video.currentTime = Number(event.currentTarget.dataset.at);
        this.$refs.video.play().catch(() => {});
    },
});

/* A form of choices that needs no button. Typing in a choice goes through it letter by letter: it is sent once the keys rest. */
const KEYS_REST_MS = 900;
export const chooser = () => ({
    typed: false,
    waiting: 0,
    key(event) {
        this.typed = event.key !== 'Enter' && event.key !== 'Tab';
        if (this.waiting) this.later();
        if (event.key === 'Enter' && this.waiting) this.submit();
    },
    send() {
        if (this.typed) this.later();
        else this.submit();
    },
    left() {
        if (this.waiting) this.submit();
    },
    later() {
        clearTimeout(this.waiting);
        this.waiting = setTimeout(() => this.submit(), KEYS_REST_MS);
    },
    submit() {
        clearTimeout(this.waiting);
        this.waiting = 0;
        this.$root.requestSubmit();
    },
    pointed() {
        this.typed = false;
    },
    destroy() {
        clearTimeout(this.waiting);
    },
});

/* The ribbon's zoom: three steps; the drawing stays the server's. */
export const ribbon = () => ({
    /* Kept while the page is: every entry draws the ribbon anew. */
    zoom: Number(sessionStorage.getItem('ribbon-zoom') || 0),
    /* Where the drawing is wider than the screen, the head is in sight: that is where the hands are. */
    init() {
        this.show();
        // With the next frame, which lays the page out anyhow.
        requestAnimationFrame(() => this.showHead());
    },
    showHead() {
        const scroll = this.$refs.scroll;
        const head = scroll?.querySelector('.head');
        if (head)
            scroll.scrollLeft +=
                head.getBoundingClientRect().left - scroll.getBoundingClientRect().left - scroll.clientWidth / 2;
    },
    zoomKey(event) {
        const act = actOf('ribbon', event.key);
        if (act === 'closer') this.step(1);
        if (act === 'wider') this.step(-1);
    },
    /* Where a place is asked for, a press on the drawing gives it. */
    choose(event) {
        const field = document.querySelector('[data-from-ribbon]');
        if (!field || event.target.closest('a')) return;
        const drawing = this.$refs.drawing;
        const box = drawing.getBoundingClientRect();
        const x = ((event.clientX - box.left) / box.width) * drawing.viewBox.baseVal.width;
        const metres = Math.max(0, (x - Number(drawing.dataset.zero)) / Number(drawing.dataset.metre));
        field.value = inUnits(Math.round(metres * 10) / 10, drawing.dataset.units !== 'metric');
        field.focus({preventScroll: true});
    },
    closer() {
        this.step(1);
    },
    wider() {
        this.step(-1);
    },
    show() {
        this.$root.classList.toggle('near', this.zoom === 1);
        this.$root.classList.toggle('nearest', this.zoom === 2);
    },
    step(by) {
        const scroll = this.$refs.scroll;
        const middle = (scroll.scrollLeft + scroll.clientWidth / 2) / scroll.scrollWidth;
        this.zoom = Math.max(0, Math.min(2, this.zoom + by));
        sessionStorage.setItem('ribbon-zoom', String(this.zoom));
        this.show();
        scroll.scrollLeft = middle * scroll.scrollWidth - scroll.clientWidth / 2;
    },
});

/* Times the flow test and writes the minutes into the form. */
export const stopwatch = () => ({
    began: 0,
    seconds: 0,
    timer: null,
    get running() {
        return this.timer !== null;
    },
    get stopped() {
        return this.timer === null;
    },
    get clock() {
        return Math.floor(this.seconds / 60) + ':' + String(this.seconds % 60).padStart(2, '0');
    },
    toggle() {
        if (this.timer === null) {
            this.began = Date.now();
            this.seconds = 0;
            this.timer = setInterval(() => {
                this.seconds = Math.floor((Date.now() - this.began) / 1000);
            }, 250);
            return;
        }
        clearInterval(this.timer);
        this.timer = null;
        this.$refs.minutes.querySelector('input').value = Math.max(
            0.1,
            Math.round((Date.now() - this.began) / 6000) / 10,
        );
    },
    destroy() {
        clearInterval(this.timer);
    },
});
