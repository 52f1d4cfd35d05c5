import {halfHourAt, hourText, onDial} from './clock.js';
import {stepped} from './distances.js';
import {freshId} from './ids.js';
import {liveReel} from './live.js';
import * as queue from './queue.js';

/*
 * The Look bench: one key or tap for the kind, the distance is already there, one more for the size, and it is saved.
 * What is shown of the line (ribbon, list, numbers) comes from the server after every entry.
 */
export const look = () => ({
    tiles: [],
    words: {},
    family: null,
    kind: null,
    size: '',
    answers: {},
    sure: 'clear',
    joint: false,
    from: null,
    to: null,
    bottom: 6,
    rolling: false,
    errors: null,
    told: '',
    busy: false,
    helping: false,
    open: [],
    last: null,
    id: null,
    at: '',
    going: '',
    watering: false,

    init() {
        this.watering = this.$root.dataset.water === 'on';
        this.onTap = (event) => this.tapped(event.detail);
        window.addEventListener('jurvex-tap', this.onTap);
        this.onStored = () => document.body.dispatchEvent(new Event('logged'));
        window.addEventListener('jurvex-stored', this.onStored);
        this.tiles = JSON.parse(this.$root.dataset.tiles);
        this.words = JSON.parse(this.$root.dataset.words);
        try {
            this.open = JSON.parse(localStorage.getItem(this.storeName)) || [];
        } catch {
            this.open = [];
        }
    },
    destroy() {
        window.removeEventListener('jurvex-tap', this.onTap);
        window.removeEventListener('jurvex-stored', this.onStored);
    },
    get storeName() {
        return 'jurvex-open-' + this.$root.dataset.run;
    },
    get readingField() {
        return document.getElementById('reading');
    },
    get reading() {
        return this.readingField.value.trim();
    },

    /* Tiles and kinds */
    get families() {
        return this.tiles.map((family) => ({
            code: family.code,
            name: family.name,
            holds: family.holds,
            letter: family.key.toUpperCase(),
            state: this.family === family ? 'on' : '',
            open: () => this.openFamily(family),
        }));
    },
    get tilesState() {
        return this.isOpen ? 'compact' : '';
    },
    get isOpen() {
        return this.kind !== null;
    },
    get openMark() {
        return this.kind === null ? null : '';
    },
    get kinds() {
        return (this.family ? this.family.kinds : []).map((kind) => ({
            code: kind.code,
            name: kind.name,
            state: kind === this.kind ? 'on' : '',
            pressed: String(kind === this.kind),
            choose: () => this.chooseKind(kind),
        }));
    },
    openFamily(family) {
        if (this.family === family && this.kind) {
            const next = (family.kinds.indexOf(this.kind) + 1) % family.kinds.length;
            this.chooseKind(family.kinds[next]);
            return;
        }
        this.shut();
        this.family = family;
        const begun = this.open.find((stretch) => family.kinds.some((kind) => kind.code === stretch.kind));
        this.chooseKind(begun ? family.kinds.find((kind) => kind.code === begun.kind) : family.kinds[0]);
    },
    chooseKind(kind) {
        /* The place is where the first key was pressed: naming it may take its time. */
        if (this.kind === null) {
            this.at = this.reading;
            this.going = liveReel()?.going ?? '';
        }
        this.kind = kind;
        this.id = freshId();
        this.errors = null;
        this.told = '';
        this.answers = kind.water ? {water: this.$root.dataset.water} : {};
        document.activeElement.blur();
        // A fast hand may have shut it again by then.
        if (kind.sized)
            this.$nextTick(() => {
                if (this.kind === kind) this.$refs.size.focus({preventScroll: true});
            });
    },
    shut() {
        this.family = this.kind = this.errors = this.from = this.to = null;
        this.size = '';
        this.sure = 'clear';
        this.joint = this.rolling = false;
        this.$refs.size.blur();
        this.$refs.size.value = this.$refs.note.value = this.$refs.photo.value = '';
    },

    /* Size and facts */
    get isSized() {
        return this.kind !== null && this.kind.sized;
    },
    get measureName() {
        return this.kind ? this.kind.measure : '';
    },
    get unit() {
        return this.kind ? this.kind.unit : '';
    },
    get sizes() {
        return (this.kind ? this.kind.sizes : []).map((value) => ({
            value,
            label: value + ' ' + this.kind.unit,
            save: () => {
                this.size = value;
                this.$refs.size.value = value;
                this.save();
            },
        }));
    },
    typeSize(event) {
        this.size = event.target.value;
    },
    get facts() {
        return (this.kind ? this.kind.facts : []).map((fact) => ({
            code: fact.code,
            name: fact.name,
            id: 'fact-' + fact.code,
            isChoice: fact.choices.length > 0,
            isTyped: fact.choices.length === 0,
            value: this.answers[fact.code] || '',
            type: (event) => {
                this.answers[fact.code] = event.target.value;
            },
            choices: fact.choices.map((choice) => ({
                code: choice.code,
                name: choice.name,
                state: this.answers[fact.code] === choice.code ? 'on' : '',
                pressed: String(this.answers[fact.code] === choice.code),
                choose: () => this.answer(fact, choice.code),
            })),
        }));
    },
    /** Where a kind has no size, its first choice is what one more tap decides: it saves. */
    answer(fact, code) {
        this.answers[fact.code] = this.answers[fact.code] === code ? '' : code;
        if (!this.kind.sized && fact === this.kind.facts[0] && this.answers[fact.code]) this.save();
    },
    get sureState() {
        return Object.fromEntries(
            ['clear', 'likely', 'cannot_say'].map((sure) => [sure, this.sure === sure ? 'on' : '']),
        );
    },
    chooseSure(event) {
        this.sure = event.currentTarget.dataset.sure;
    },
    get jointState() {
        return this.joint ? 'on' : '';
    },
    toggleJoint() {
        this.joint = !this.joint;
    },

    /* Stretches: started here, ended later; kept in the browser until then */
    get canStretch() {
        return this.kind !== null && this.kind.stretch;
    },
    get isWater() {
        return this.kind !== null && this.kind.water;
    },
    get begun() {
        return this.kind ? this.open.find((stretch) => stretch.kind === this.kind.code) : undefined;
    },
    get stretchText() {
        const begun = this.begun;
        return begun
            ? this.words.started +
                  ' ' +
                  begun.from +
                  (begun.deepest ? ' · ' + begun.deepest : '') +
                  (begun.to ? ' – ' + begun.to : '')
            : '';
    },
    get hasOpen() {
        return this.open.length > 0;
    },
    get openStretches() {
        const kinds = this.tiles.flatMap((family) => family.kinds.map((kind) => [family, kind]));
        return this.open.map((stretch) => {
            const [family, kind] = kinds.find(([, each]) => each.code === stretch.kind);
            return {
                key: stretch.kind,
                label: kind.name + ' ' + this.words.started + ' ' + stretch.from,
                finish: () => {
                    this.shut();
                    this.family = family;
                    this.chooseKind(kind);
                    this.markEnd();
                },
            };
        });
    },
    keepOpen(open) {
        this.open = open;
        localStorage.setItem(this.storeName, JSON.stringify(open));
    },
    markStart() {
        if (!this.canStretch) return;
        this.keepOpen([
            ...this.open.filter((stretch) => stretch.kind !== this.kind.code),
            {kind: this.kind.code, from: this.at},
        ]);
        this.shut();
    },
    markDeepest() {
        if (!this.isWater || !this.begun) return;
        this.keepOpen(
            this.open.map((stretch) => (stretch.kind === this.kind.code ? {...stretch, deepest: this.at} : stretch)),
        );
        this.shut();
    },
    markEnd() {
        if (!this.canStretch || !this.begun) return;
        this.keepOpen(
            this.open.map((stretch) => (stretch.kind === this.kind.code ? {...stretch, to: this.at} : stretch)),
        );
    },

    /* The clock: tapped on the dial where it stands on the picture; the server corrects for roll */
    get clockText() {
        if (this.from === null) return '–';
        return hourText(this.from) + (this.to === null ? '' : '–' + hourText(this.to));
    },
    get dialWater() {
        const [x1, y1] = onDial(this.bottom - 1.2, 44);
        const [x2, y2] = onDial(this.bottom + 1.2, 44);
        return `M${x2} ${y2}A44 44 0 0 0 ${x1} ${y1}Z`;
    },
    get dialArc() {
        if (this.from === null) return '';
        const [x1, y1] = onDial(this.from - 0.12, 40);
        const end = this.to === null ? this.from : this.to;
        const [x2, y2] = onDial(end + 0.12, 40);
        return `M${x1} ${y1}A40 40 0 ${(end - this.from + 12) % 12 > 6 ? 1 : 0} 1 ${x2} ${y2}`;
    },
    get rollState() {
        return this.rolling ? 'on' : '';
    },
    toggleRoll() {
        this.rolling = !this.rolling;
    },
    clearClock() {
        this.from = this.to = null;
    },
    tapDial(event) {
        const box = this.$refs.dial.getBoundingClientRect();
        this.setClock(halfHourAt(event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2));
    },
    setClock(hours) {
        if (this.rolling) {
            this.bottom = hours;
            this.rolling = false;
        } else if (this.from === null || this.to !== null) {
            this.from = hours;
            this.to = null;
        } else {
            this.to = hours;
        }
    },
    turnClock(by) {
        this.from = this.from === null ? 12 : ((this.from + by + 11.5) % 12) + 0.5;
    },

    /* The distance */
    less() {
        this.move(-1);
    },
    more() {
        this.move(1);
    },
    /** Only a plain number can be stepped; what is typed as feet and inches is read by the server. */
    move(steps) {
        const input = this.readingField;
        const value = stepped(input.value, steps * Number(input.dataset.step));
        if (value === null) return;
        input.value = value;
        input.dispatchEvent(new Event('reading'));
    },

    /* Saving */
    get hasError() {
        return this.errors !== null;
    },
    get errorText() {
        return this.errors === null ? '' : this.errors;
    },
    get saveText() {
        return this.kind ? this.kind.name + ' · ' + this.at : '';
    },
    fields() {
        const begun = this.begun;
        const data = new FormData();
        const put = (name, value) => {
            if (value !== null && value !== undefined && value !== '') data.append(name, value);
        };
        put('kind', this.kind.code);
        put('reading_from', begun && begun.to ? begun.from : this.at);
        put('going', this.going);
        put('entered_at', String(Date.now()));
        if (liveReel()?.reading) put('recorded_s', liveReel().reading.t.toFixed(1));
        if (begun && begun.to) {
            put('reading_to', begun.to);
            put('reading_deepest', begun.deepest);
        }
        put('size', this.size.trim());
        put('sureness', this.sure);
        put('at_joint', this.joint ? '1' : '');
        put('note', this.$refs.note.value);
        if (this.from !== null) {
            put('clock_from', hourText(this.from));
            put('clock_to', this.to === null ? '' : hourText(this.to));
            put('invert_on_screen', hourText(this.bottom));
        }
        Object.entries(this.answers).forEach(([fact, value]) => put(`facts[${fact}]`, value));
        if (this.$refs.photo.files.length > 0) data.append('photo', this.$refs.photo.files[0]);
        return data;
    },
    async post(path, body) {
        const token = document.querySelector('meta[name=csrf]').content;
        return fetch(this.$root.dataset.url + path, {
            method: 'POST',
            body,
            headers: {'X-Csrf-Token': token, 'X-Requested-With': 'XMLHttpRequest'},
        });
    },
    /** Written down first, then sent; without a signal it waits, and the hand goes on. */
    async save() {
        if (this.kind === null || this.busy) return;
        const begun = this.begun;
        if (begun && !begun.to) this.markEnd();
        const kind = this.kind;
        const pairs = [...this.fields().entries()];
        this.busy = true;
        this.errors = null;
        try {
            const sent = await queue.put({
                id: this.id,
                url: this.$root.dataset.url + '/findings/' + this.id,
                words: kind.name + ' ' + this.at,
                pairs,
            });
            if (sent.state === 'refused') {
                this.errors = sent.why;
                await queue.drop(sent.key);
                return;
            }
            if (begun) this.keepOpen(this.open.filter((stretch) => stretch.kind !== kind.code));
            this.last = {
                family: this.family,
                kind,
                size: this.size,
                answers: {...this.answers},
                from: this.from,
                to: this.to,
                joint: this.joint,
                sure: this.sure,
            };
            this.shut();
            this.tell((sent.state === 'stored' ? this.words.saved : this.words.kept) + ': ' + kind.name);
        } catch {
            this.errors = this.words.unsent;
        } finally {
            this.busy = false;
        }
    },
    /** A sound joint in one key. */
    async markJoint() {
        if (this.isOpen) return;
        const family = this.tiles.find((each) => each.kinds.some((kind) => kind.code === 'sound_joint'));
        this.family = family;
        this.chooseKind(family.kinds.find((kind) => kind.code === 'sound_joint'));
        await this.save();
    },
    /* Water on or off, with the time at which it was */
    get waterWords() {
        return this.watering ? this.words.turnOff : this.words.turnOn;
    },
    async turnWater() {
        this.watering = !this.watering;
        const water = this.watering ? 'on' : 'off';
        this.$root.dataset.water = water;
        const id = freshId();
        await queue.put({
            id,
            url: this.$root.dataset.url + '/water',
            words: this.words.water + ' ' + water,
            pairs: [
                ['water', water],
                ['entered_at', String(Date.now())],
            ],
        });
        this.readingField.dispatchEvent(new Event('reading'));
    },
    /** Takes what the machine proposes: the water that it saw on the lens. */
    accept() {
        const proposal = document.querySelector('#numbers [data-proposal]');
        if (proposal) proposal.requestSubmit();
    },
    /** On the picture: the water's line while water is logged, else the bottom of the pipe. */
    async tapped({clock, lens}) {
        if (!this.isWater) {
            this.bottom = Math.round(clock * 2) / 2 || 12;
            this.told = this.words.bottomSet + ' ' + hourText(this.bottom);
            return;
        }
        await liveReel()?.sendLines();
        const answer = await fetch(this.$root.dataset.url + '/lens?on=' + lens.toFixed(3));
        if (!answer.ok || !this.isWater) return;
        const depth = await answer.json();
        this.size = depth.typed;
        this.$refs.size.value = depth.typed;
        this.answers.lens_under = depth.at_least ? 'yes' : 'no';
        if (!depth.still) {
            this.sure = 'likely';
            this.told = this.words.notStill;
        }
    },
    end() {
        window.location.assign(this.$root.dataset.url + '/end');
    },
    again() {
        if (this.last === null) {
            this.told = this.words.noLast;
            return;
        }
        const last = this.last;
        this.shut();
        this.family = last.family;
        this.chooseKind(last.kind);
        Object.assign(this, {
            size: last.size,
            answers: {...last.answers},
            from: last.from,
            to: last.to,
            joint: last.joint,
            sure: last.sure,
        });
        this.save();
    },
    async undo() {
        try {
            const run = this.$root.dataset.url;
            if (await queue.takeBack((entry) => entry.url.startsWith(run + '/findings/'))) {
                this.tell(this.words.undone);
                return;
            }
            const answer = await this.post('/undo', new FormData());
            if (!answer.ok) throw new Error(String(answer.status));
            this.tell(this.words.undone);
        } catch {
            this.told = this.words.unsent;
        }
    },
    tell(words) {
        this.told = words;
        document.body.dispatchEvent(new Event('logged'));
    },
    help() {
        this.helping = !this.helping;
    },

    /* Keys */
    key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        if (this.pushes(event)) return;
        const target = event.target;
        const inSize = target === this.$refs.size;
        const typing = target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select') && !inSize;
        const pressed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
        if (pressed === 'Escape') {
            this.shut();
            target.blur();
        } else if (pressed === 'Enter' && inSize) {
            this.save();
        } else if (pressed === 'Enter' && target === this.readingField) {
            target.blur();
        } else if (typing) {
            return;
        } else if (pressed === 'Enter' && this.isOpen && !target.matches('button, a, summary')) {
            this.save();
        } else if (!this.act(pressed)) {
            return;
        }
        event.preventDefault();
    },
    /** With a reel on, the arrows push and draw while they are held; Shift is fast. */
    pushes(event) {
        const live = liveReel();
        if (
            !live ||
            !live.reel ||
            !['ArrowUp', 'ArrowDown'].includes(event.key) ||
            event.target.matches('textarea, select')
        )
            return false;
        event.preventDefault();
        if (event.key === 'ArrowUp') event.shiftKey ? live.pushFast() : live.pushIn();
        else event.shiftKey ? live.drawFast() : live.drawBack();
        return true;
    },
    released(event) {
        if (['ArrowUp', 'ArrowDown'].includes(event.key)) liveReel()?.halt();
    },
    /** @returns {boolean} whether the key means something here */
    act(pressed) {
        const family = this.tiles.find((each) => each.key === pressed);
        const acts = {
            z: () => this.undo(),
            g: () => this.again(),
            '?': () => this.help(),
            x: () => this.markStart(),
            c: () => this.markDeepest(),
            v: () => this.markEnd(),
            j: () => this.markJoint(),
            t: () => this.turnWater(),
            y: () => this.accept(),
            End: () => this.end(),
            ArrowUp: () => this.move(1),
            ArrowDown: () => this.move(-1),
        };
        if (this.isOpen)
            Object.assign(acts, {ArrowLeft: () => this.turnClock(-0.5), ArrowRight: () => this.turnClock(0.5)});
        if (family) this.openFamily(family);
        else if (acts[pressed]) acts[pressed]();
        else if (/^[\d.,]$/.test(pressed) && document.activeElement !== this.$refs.size) this.startTyping(pressed);
        else return false;
        return true;
    },
    /** Digits go to the size of an open finding, else to the distance. */
    startTyping(digit) {
        if (this.isSized) {
            // A fast hand types before the field is there to be focused.
            this.size += digit;
            this.$refs.size.value = this.size;
            this.$refs.size.focus();
        } else if (!this.isOpen) {
            this.readingField.value = digit;
            this.readingField.focus();
            this.readingField.dispatchEvent(new Event('reading'));
        }
    },
});
