import {freshId} from './ids.js';
import {actOf, nameOf} from './keys.js';
import {liveReel} from './live.js';
import * as queue from './queue.js';

const ON_AXIS = 40;
const HINT = 22;
const ARROW = 34;

const plain = (words) => words.replace(/\s+/g, ' ').trim();

/**
 * Shows on the ribbon where things would be.
 * @param {HTMLElement[]} entries those in hand, with data-from and data-to in metres, where they have a place
 * @param {HTMLElement[]} others that wait for their turn
 */
export const point = (entries, others = []) => {
    document.querySelectorAll('.ribbon-said').forEach((mark) => mark.remove());
    const drawing = document.querySelector('#ribbon svg[data-metre]');
    if (!drawing) return;
    const {zero, metre} = drawing.dataset;
    const box = drawing.viewBox.baseVal;
    const foot = box.height - ON_AXIS;
    const isPlaced = (entry) => entry.dataset.from !== undefined;
    // What lies beyond what is drawn yet is pointed at.
    const beyond = (isBefore) => {
        const [begin, way] = isBefore ? [ARROW, -1] : [box.width - ARROW, 1];
        return `M${begin} ${foot - HINT}h${way * (ARROW - 4)}m${-8 * way} -8l${8 * way} 8l${-8 * way} 8`;
    };
    const mark = (entry, name, top) => {
        const [from, to] = [entry.dataset.from, entry.dataset.to].map((at) => Number(zero) + Number(at) * Number(metre));
        const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
        path.setAttribute('class', name);
        const isDrawn = from >= 0 && from <= box.width;
        path.setAttribute('d', isDrawn ? `M${from} ${foot}V${top}` + (to > from ? `H${to}V${foot}` : '') : beyond(from < 0));
        drawing.append(path);
    };
    const placed = entries.filter(isPlaced);
    others.filter(isPlaced).forEach((entry) => mark(entry, 'ribbon-said is-waiting', foot - HINT));
    placed.forEach((entry) => mark(entry, 'ribbon-said', 2));
    // A narrow screen shows a part of the ribbon: the one that is spoken of.
    const view = drawing.closest('.ribbon-scroll');
    if (!view || placed.length === 0) return;
    const at = Number(zero) + Number(placed[0].dataset.from) * Number(metre);
    view.scrollLeft = (at * drawing.clientWidth) / box.width - view.clientWidth / 2;
};

/*
 * The say line: one sentence, typed or dictated, is shown by the server as the entry that it would become, and kept at Enter. Without a
 * signal it waits with the other entries and is read when it arrives.
 */
export const say = () => ({
    told: '',
    problem: '',
    // These words are on their way into the browser's store: pressed twice, they are kept once.
    writing: '',
    // What was said last and had no signal yet.
    waiting: '',
    // What was kept is not shown yet: somebody had gone on typing.
    isOld: false,

    init() {
        const key = 'said-' + this.$root.dataset.url;
        const field = this.$refs.said;
        const words = sessionStorage.getItem(key);
        sessionStorage.removeItem(key);
        window.addEventListener('pagehide', () => field.isConnected && field.value !== '' && sessionStorage.setItem(key, field.value));
        if (!words) return;
        field.value = words;
        field.focus();
        field.dispatchEvent(new Event('asked'));
    },

    get hasTold() {
        return this.told !== '';
    },
    get hasProblem() {
        return this.problem !== '';
    },
    get words() {
        return JSON.parse(this.$root.dataset.words);
    },
    /** What is shown may be of fewer words yet, or of those before. */
    get isOfIt() {
        return plain(this.$root.querySelector('.said-words')?.textContent ?? '') === plain(this.$refs.said.value);
    },
    async keep() {
        const field = this.$refs.said;
        const typed = field.value;
        const said = typed.trim();
        if (said === '' || said === this.writing) return;
        this.writing = said;
        const id = freshId();
        const words = (each) => [...each.childNodes].filter((node) => node.nodeName !== 'BUTTON').map((node) => node.textContent);
        // What was not understood is kept as its words.
        const entries = this.isOfIt ? [...this.$root.querySelectorAll('.said-entry:has(strong)')] : [];
        const read = entries.map((each) => plain(words(each).join(' ')));
        const pairs = [
            ['said', said],
            ['reading', document.getElementById('reading')?.value.trim() ?? ''],
            ['entered_at', String(Date.now())],
        ];
        if (liveReel()?.reading) pairs.push(['recorded_s', liveReel().reading.t.toFixed(1)]);
        this.problem = '';
        const entry = {id, url: this.$root.dataset.url + '/say/' + id, words: said, pairs};
        // Not before they are written down: a page that goes just then would take them along.
        const isWritten = () => {
            this.writing = '';
            field.value = field.value.replace(typed, '');
        };
        const sent = await queue.put(entry, isWritten).finally(() => (this.writing = ''));
        if (sent.state === 'refused') {
            this.problem = sent.why;
            field.value = said;
            await queue.drop(sent.key);
            return;
        }
        const isStored = sent.state === 'stored';
        this.waiting = isStored ? '' : said;
        this.told = isStored ? this.words.saved + ': ' + (read.join('; ') || said) : this.words.waits + ': ' + said;
        this.isOld = this.isOld || isStored;
        this.renew();
        // What was shown is no longer asked for.
        field.dispatchEvent(new Event('asked'));
    },
    /** What waited has arrived; of what was refused the page tells by itself. */
    arrive({detail}) {
        if (this.waiting === '' || detail.waiting > 0) return;
        this.told = detail.refused.length > 0 ? '' : this.words.saved + ': ' + this.waiting;
        this.waiting = '';
        this.isOld = true;
        this.renew();
    },
    /** Shows what was kept, once nobody types. */
    renew() {
        const shown = this.$root.dataset.shown;
        // What was refused before stands at an address that nobody can go to: not loaded anew, but gone to.
        if (this.isOld && navigator.onLine && shown && this.$refs.said.value === '') window.location.replace(shown);
    },
    /** What was understood is given in by hand from here on. */
    change(event) {
        if (!this.isOfIt) return;
        window.dispatchEvent(new CustomEvent('jurvex-change', {detail: JSON.parse(event.target.dataset.bench)}));
        this.$refs.said.value = '';
        this.$refs.said.dispatchEvent(new Event('asked'));
    },
    /** Look has keys of its own. */
    heard(event) {
        const isTyped = event.target.matches('input, textarea, select') || event.ctrlKey || event.metaKey || event.altKey;
        if (isTyped || !this.$root.dataset.shown || actOf('run', nameOf(event)) !== 'say') return;
        event.preventDefault();
        this.$refs.said.focus();
    },
    point() {
        point([...this.$root.querySelectorAll('.said-entry')]);
    },
});
