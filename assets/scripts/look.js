import {halfHourAt, hourText, onDial} from './clock.js';
import {stepped} from './distances.js';
import {PLACES, asKind, begun, ends, fieldsOf, isGiven, isOpen, isWhole, marked, nextAnswer, readKept} from './entry.js';
import {freshId} from './ids.js';
import {actOf, nameOf} from './keys.js';
import {liveReel} from './live.js';
import * as queue from './queue.js';

const SURENESS = ['clear', 'likely', 'cannot_say'];
const CHIPS_AT_MOST = 4;
/** The head on the invert as it is drawn: its middle and half its height, in the drawing's own units. */
const HEAD = {middle: 62, half: 46};

/*
 * The Look bench: one key or tap for the kind, the distance is already there, then the size, and Enter saves. What is shown
 * of the line (ribbon, list, numbers) comes from the server after every entry.
 */
export const look = () => ({
    tiles: [],
    words: {},
    entry: null,
    aside: [],
    pictures: {},
    rolling: false,
    errors: null,
    told: '',
    busy: false,
    helping: false,
    ending: false,
    last: null,
    watering: false,
    lens: null,
    leftBy: null,

    init() {
        this.watering = this.$root.dataset.water === 'on';
        this.onTap = (event) => this.tapped(event.detail);
        window.addEventListener('jurvex-tap', this.onTap);
        this.onChange = (event) => this.takeOver(event.detail);
        window.addEventListener('jurvex-change', this.onChange);
        this.onStored = () => document.body.dispatchEvent(new Event('logged'));
        window.addEventListener('jurvex-stored', this.onStored);
        // It is pressed within the reel, whose own words would hide those of this bench.
        this.logFall = this.logFall.bind(this);
        this.tiles = JSON.parse(this.$root.dataset.tiles);
        this.words = JSON.parse(this.$root.dataset.words);
        this.aside = readKept(localStorage.getItem(this.storeName), this.allKinds);
    },
    destroy() {
        window.removeEventListener('jurvex-tap', this.onTap);
        window.removeEventListener('jurvex-stored', this.onStored);
        window.removeEventListener('jurvex-change', this.onChange);
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
    get allKinds() {
        return this.tiles.flatMap((family) => family.kinds);
    },
    get kind() {
        return this.entry && this.allKinds.find((kind) => kind.code === this.entry.kind);
    },
    get family() {
        return this.entry && this.familyOf(this.entry.kind);
    },
    familyOf(code) {
        return this.tiles.find((family) => family.kinds.some((kind) => kind.code === code));
    },
    nameOf(entry) {
        return this.allKinds.find((kind) => kind.code === entry.kind).name;
    },
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
        return this.entry !== null;
    },
    get openMark() {
        return this.entry === null ? null : '';
    },
    get kinds() {
        return (this.family ? this.family.kinds : []).map((kind, i) => ({
            code: kind.code,
            name: kind.name,
            number: '⇧' + (i + 1),
            state: kind === this.kind ? 'on' : '',
            pressed: String(kind === this.kind),
            choose: () => this.chooseKind(kind),
        }));
    },
    /** Again, it is the next kind; a stretch of its kinds that is still open is what it opens first. */
    openFamily(family) {
        if (this.family === family) {
            this.chooseKind(family.kinds[(family.kinds.indexOf(this.kind) + 1) % family.kinds.length]);
            return;
        }
        this.putAside();
        const stretch = this.aside.find((entry) => isOpen(entry) && this.familyOf(entry.kind) === family);
        if (stretch) this.takeUp(stretch);
        else this.openKind(family.kinds[0]);
    },
    openKind(kind) {
        /* The place is where the first key was pressed: naming it may take its time. */
        this.show(begun(freshId(), kind, this.reading, liveReel()?.going ?? '', this.answersOf(kind)));
    },
    /** What was said is changed as if it were being given. */
    takeOver({kind: code, at, answers, ...given}) {
        const kind = this.allKinds.find((each) => each.code === code);
        if (!kind) return;
        this.putAside();
        this.show({...begun(freshId(), kind, at, '', {...this.answersOf(kind), ...answers}), ...given});
    },
    chooseKind(kind) {
        if (kind === this.kind) return;
        if (isOpen(this.entry)) {
            // What has begun stays what it is: this is another thing.
            this.putAside();
            this.openKind(kind);
        } else {
            this.show(asKind(this.entry, kind, this.answersOf(kind)));
        }
    },
    answersOf(kind) {
        return kind.water ? {water: this.$root.dataset.water} : {};
    },
    show(entry) {
        this.entry = entry;
        this.errors = this.lens = null;
        this.told = '';
        this.ending = false;
        this.$refs.size.value = entry.size;
        this.$refs.note.value = entry.note;
        this.$refs.photo.value = '';
        this.keep();
        document.activeElement.blur();
        // A fast hand may have closed it again by then.
        if (this.kind.sized)
            this.$nextTick(() => {
                if (this.entry && this.entry.id === entry.id && this.isSized) this.$refs.size.focus({preventScroll: true});
            });
    },

    /* What is not saved yet waits: through another tile, a reload, a closed page */
    keep() {
        this.write(this.entry !== null && isGiven(this.entry) ? [...this.aside, this.entry] : this.aside);
    },
    write(kept) {
        localStorage.setItem(this.storeName, JSON.stringify(kept));
    },
    change(changes) {
        this.entry = {...this.entry, ...changes};
        this.keep();
    },
    putAside() {
        if (this.entry !== null && isGiven(this.entry)) this.aside = [...this.aside, this.entry];
        this.close();
    },
    close() {
        this.entry = this.errors = this.lens = null;
        this.rolling = false;
        this.$refs.size.blur();
        this.$refs.size.value = this.$refs.note.value = this.$refs.photo.value = '';
        this.keep();
    },
    takeUp(entry) {
        this.putAside();
        this.aside = this.aside.filter((each) => each.id !== entry.id);
        // A stretch goes on where the camera is now; anything else stays where it was seen.
        this.show(isOpen(entry) ? {...entry, at: this.reading} : {...entry});
    },
    drop(entry) {
        this.aside = this.aside.filter((each) => each.id !== entry.id);
        delete this.pictures[entry.id];
        this.ending = this.ending && this.hasAside;
        this.keep();
    },
    get hasAside() {
        return this.aside.length > 0;
    },
    get asides() {
        return this.aside.map((entry) => ({
            id: entry.id,
            name: this.nameOf(entry),
            told: isOpen(entry) ? this.stretchOf(entry) : (isWhole(entry) ? ends(entry).join('–') : entry.at) + ' · ' + this.words.half,
            take: () => this.takeUp(entry),
            drop: () => this.drop(entry),
        }));
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
            unit: '\u00a0' + this.kind.unit,
            state: this.entry.size === value ? 'on' : '',
            pressed: String(this.entry.size === value),
            choose: () => this.setSize(this.entry.size === value ? '' : value),
        }));
    },
    typeSize(event) {
        this.change({size: event.target.value});
    },
    setSize(size) {
        this.$refs.size.value = size;
        this.change({size});
    },
    get facts() {
        return (this.kind ? this.kind.facts : []).map((fact) => ({
            code: fact.code,
            name: fact.name,
            ask: fact.name + '?',
            id: 'fact-' + fact.code,
            isChoice: fact.choices.length > 0 && fact.choices.length <= CHIPS_AT_MOST,
            isAsked: fact.choices.length > 0,
            // A narrow screen has the list of every question; a wide one of the long ones.
            list: fact.choices.length > CHIPS_AT_MOST ? 'entry-list-long' : 'entry-list',
            isTyped: fact.choices.length === 0,
            value: this.entry.answers[fact.code] || '',
            type: (event) => this.answer(fact.code, event.target.value),
            choices: fact.choices.map((choice) => ({
                code: choice.code,
                name: choice.name,
                told: fact.name + ': ' + choice.name,
                state: this.entry.answers[fact.code] === choice.code ? 'on' : '',
                pressed: String(this.entry.answers[fact.code] === choice.code),
                isChosen: this.entry.answers[fact.code] === choice.code,
                choose: () => this.answer(fact.code, this.entry.answers[fact.code] === choice.code ? '' : choice.code),
            })),
        }));
    },
    answer(fact, answer) {
        this.change({answers: {...this.entry.answers, [fact]: answer}});
    },
    /** The next answer to what decides its class. */
    answerNext() {
        const fact = this.kind && this.kind.facts[0];
        if (fact && fact.choices.length > 0)
            this.answer(fact.code, nextAnswer(fact.choices, this.entry.answers[fact.code]));
    },
    get sureState() {
        return Object.fromEntries(SURENESS.map((sure) => [sure, this.entry && this.entry.sure === sure ? 'on' : '']));
    },
    get surePressed() {
        return Object.fromEntries(SURENESS.map((sure) => [sure, String(this.entry !== null && this.entry.sure === sure)]));
    },
    chooseSure(event) {
        this.change({sure: event.currentTarget.dataset.sure});
    },
    get jointState() {
        return this.entry && this.entry.joint ? 'on' : '';
    },
    get jointPressed() {
        return String(this.entry !== null && this.entry.joint);
    },
    toggleJoint() {
        this.change({joint: !this.entry.joint});
    },
    typeNote(event) {
        this.change({note: event.target.value});
    },
    takePicture(event) {
        this.pictures = {...this.pictures, [this.entry.id]: event.target.files[0]};
    },
    get pictureName() {
        const file = this.entry && this.pictures[this.entry.id];
        return file ? file.name : '';
    },

    /* Stretches: each of their places in one key, in whatever order they come */
    get canStretch() {
        return this.kind !== null && this.kind.stretch;
    },
    get isWater() {
        return this.kind !== null && this.kind.water;
    },
    get isRound() {
        return !this.isWater;
    },
    get placeState() {
        return Object.fromEntries(PLACES.map((place) => [place, this.entry && this.entry[place] !== '' ? 'on' : '']));
    },
    get placeAt() {
        return Object.fromEntries(PLACES.map((place) => [place, this.entry ? this.entry[place] : '']));
    },
    /** What is there and what is still open: "starts 13.1 · deepest open · ends open". */
    stretchOf(entry) {
        const places = this.allKinds.find((kind) => kind.code === entry.kind).water ? PLACES : ['start', 'end'];
        return places.map((place) => this.words[place] + ' ' + (entry[place] || this.words.open)).join(' · ');
    },
    markPlace(place) {
        if (!this.canStretch || (place === 'deepest' && !this.isWater)) return;
        this.entry = marked(this.entry, place, this.entry.at);
        this.keep();
        // The next place is some way on: until then the hand is free.
        if (isOpen(this.entry)) this.putAside();
    },
    markStart() {
        this.markPlace('start');
    },
    markDeepest() {
        this.markPlace('deepest');
    },
    markEnd() {
        this.markPlace('end');
    },

    /* The clock: tapped on the dial where it stands on the picture; the server corrects for roll */
    get clockText() {
        if (this.entry === null || this.entry.from === null) return this.words.noClock;
        return hourText(this.entry.from) + (this.entry.to === null ? '' : '–' + hourText(this.entry.to));
    },
    get dialWater() {
        const bottom = this.entry ? this.entry.bottom : 6;
        const [x1, y1] = onDial(bottom - 1.2, 44);
        const [x2, y2] = onDial(bottom + 1.2, 44);
        return `M${x2} ${y2}A44 44 0 0 0 ${x1} ${y1}Z`;
    },
    get dialArc() {
        if (this.entry === null || this.entry.from === null) return '';
        const {from, to} = this.entry;
        const end = to === null ? from : to;
        const [x1, y1] = onDial(from - 0.12, 40);
        const [x2, y2] = onDial(end + 0.12, 40);
        return `M${x1} ${y1}A40 40 0 ${(end - from + 12) % 12 > 6 ? 1 : 0} 1 ${x2} ${y2}`;
    },
    get rollState() {
        return this.rolling ? 'on' : '';
    },
    toggleRoll() {
        this.rolling = !this.rolling;
    },
    clearClock() {
        this.change({from: null, to: null});
    },
    tapDial(event) {
        const box = this.$refs.dial.getBoundingClientRect();
        this.setClock(halfHourAt(event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2));
    },
    setClock(hours) {
        if (this.rolling) {
            this.rolling = false;
            this.change({bottom: hours});
        } else if (this.entry.from === null || this.entry.to !== null) {
            this.change({from: hours, to: null});
        } else {
            this.change({to: hours});
        }
    },
    turnClock(by) {
        this.change({from: this.entry.from === null ? 12 : ((this.entry.from + by + 11.5) % 12) + 0.5});
    },

    /* The water's line on the lens: tapped on the picture of the head, or on the live one */
    get windowHalf() {
        return HEAD.half * Number(this.$root.dataset.window);
    },
    get headWater() {
        if (this.lens === null) return '';
        const y = HEAD.middle - this.lens * this.windowHalf;
        return `M4 ${y}H116V118H4Z`;
    },
    tapHead(event) {
        const box = this.$refs.head.getBoundingClientRect();
        const y = ((event.clientY - box.top) / box.height) * 120;
        this.waterOnLens((HEAD.middle - y) / this.windowHalf);
    },
    /** A quarter of the window up or down. */
    turnWaterLine(by) {
        this.waterOnLens(this.lens === null ? 0 : this.lens + by);
    },
    /** @param {number} lens −1 at the window's bottom edge, 1 at its top */
    async waterOnLens(lens) {
        this.lens = Math.max(-1, Math.min(1, lens));
        await liveReel()?.sendLines();
        const answer = await fetch(this.$root.dataset.url + '/lens?on=' + this.lens.toFixed(3)).catch(() => null);
        if (answer === null) this.told = this.words.stale;
        if (!answer?.ok || !this.isWater) return;
        const depth = await answer.json();
        this.setSize(depth.typed);
        this.answer('lens_under', depth.at_least ? 'yes' : 'no');
        if (liveReel()?.reel && !depth.still) {
            this.change({sure: 'likely'});
            this.told = this.words.notStill;
        }
    },

    /** A fall that is too little becomes a finding; it is saved as any other. */
    logFall(event) {
        const {fall, step, back} = event.currentTarget.dataset;
        this.putAside();
        this.openKind(this.allKinds.find((kind) => kind.code === 'short_fall'));
        this.setSize(fall);
        this.change({answers: {falls_back: back, tilt_step_deg: step}});
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
        return this.entry === null
            ? ''
            : this.words.save + ' · ' + ends(this.entry).filter((end) => end !== '').join('–');
    },
    fields() {
        const fields = [...fieldsOf(this.entry), ['entered_at', String(Date.now())]];
        if (liveReel()?.reading) fields.push(['recorded_s', liveReel().reading.t.toFixed(1)]);
        const picture = this.pictures[this.entry.id];
        if (picture) fields.push(['photo', picture]);
        return fields;
    },
    /** Written down first, then sent; without a signal it waits, and the hand goes on. */
    async save() {
        if (this.entry === null || this.busy) return;
        const entry = {...this.entry};
        const name = this.nameOf(entry);
        // It is an entry from now on; lists go by the time at which they became one.
        const id = freshId();
        this.busy = true;
        this.errors = null;
        try {
            const url = this.$root.dataset.url + '/findings/' + id;
            const made = {id, url, words: name + ' ' + entry.at, pairs: this.fields()};
            // Written down it is half given no more, whatever becomes of the page.
            const sent = await queue.put(made, () => this.write(this.aside));
            if (sent.state === 'refused') {
                await queue.drop(sent.key);
                // Told last: a fast hand mends it and saves at once.
                this.errors = sent.why;
                this.keep();
                return;
            }
            this.last = entry;
            delete this.pictures[entry.id];
            this.close();
            this.tell((sent.state === 'stored' ? this.words.saved : this.words.kept) + ': ' + name);
        } catch {
            this.errors = this.words.unsent;
        } finally {
            this.busy = false;
        }
    },
    /** A sound joint in one key. */
    async markJoint() {
        if (this.isOpen) return;
        this.openKind(this.allKinds.find((kind) => kind.code === 'sound_joint'));
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
    /** On the live picture: the water's line while water is logged, else the bottom of the pipe. */
    async tapped({clock, lens}) {
        if (this.isWater) {
            await this.waterOnLens(lens);
            return;
        }
        const bottom = Math.round(clock * 2) / 2 || 12;
        if (this.isOpen) this.change({bottom});
        this.told = this.words.bottomSet + ' ' + hourText(bottom);
    },
    /** A run does not end over what is still open without asking. */
    end(event) {
        if (!this.ending && this.isOpen) this.putAside();
        if (this.hasAside && !this.ending) {
            event?.preventDefault();
            this.ending = true;
        } else if (!event) {
            window.location.assign(this.$root.dataset.url + '/end');
        }
    },
    stay() {
        this.ending = false;
    },
    async again() {
        if (this.last === null) {
            this.told = this.words.noLast;
            return;
        }
        this.putAside();
        const {start, deepest, end, note, ...same} = this.last;
        this.show({...same, id: freshId(), at: this.reading, start: '', deepest: '', end: '', note: ''});
        await this.save();
    },
    async undo() {
        try {
            const run = this.$root.dataset.url;
            if (await queue.takeBack((entry) => entry.url.startsWith(run + '/findings/'))) {
                this.tell(this.words.undone);
                return;
            }
            const sent = await queue.put({id: freshId(), url: run + '/undo', words: this.words.undo, pairs: []});
            if (sent.state === 'refused') throw new Error(sent.why);
            this.tell(sent.state === 'stored' ? this.words.undone : this.words.undoWaits);
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
        const inReading = target === this.readingField;
        const typing = target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select') && !inSize;
        const pressed = nameOf(event);
        const act = actOf('look', pressed);
        if (this.wasFeet(pressed)) {
            event.preventDefault();
            return;
        }
        if (act === 'aside') {
            this.putAside();
            target.blur();
        } else if (act === 'save' && this.isOpen && !target.matches('button, a, summary, textarea')) {
            this.save();
        } else if (act === 'save' && inReading) {
            target.blur();
        } else if (this.isOpen && event.shiftKey && this.kindByNumber(event.code)) {
            // The number of a kind, beside the digits of a size.
        } else if (typing && !(inReading && this.leavesReading(pressed))) {
            return;
        } else if (!this.act(pressed)) {
            return;
        }
        event.preventDefault();
    },
    /** A distance is digits and marks; after them the letter of a tile is a tile: `2 6 Q`. */
    leavesReading(pressed) {
        const leaves = /[\d'"]$/.test(this.reading) && this.tiles.some((family) => family.key === pressed);
        if (leaves && pressed === 'f') this.leftBy = this.reading + 'f';
        return leaves;
    },
    /** A tile has the letter with which feet begin: `12 f` then `t` was `12 ft` all along. */
    wasFeet(pressed) {
        const [left, isFeet] = [this.leftBy, this.leftBy !== null && 'te'.includes(pressed)];
        this.leftBy = null;
        if (!isFeet) return false;
        this.close();
        this.readingField.value = left + pressed;
        this.readingField.focus();
        this.readingField.dispatchEvent(new Event('reading'));
        return true;
    },
    kindByNumber(code) {
        const number = /^Digit([1-9])$/.exec(code);
        const kind = number && this.family.kinds[Number(number[1]) - 1];
        if (kind) this.chooseKind(kind);
        return Boolean(kind);
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
            undo: () => this.undo(),
            again: () => this.again(),
            help: () => this.help(),
            starts: () => this.markStart(),
            deepest: () => this.markDeepest(),
            ends: () => this.markEnd(),
            answer: () => this.answerNext(),
            joint: () => this.markJoint(),
            water: () => this.turnWater(),
            accept: () => this.accept(),
            say: () => document.getElementById('said').focus(),
            end: () => this.end(),
            on: () => this.move(1),
            back: () => this.move(-1),
        };
        if (this.isOpen) {
            const turn = (by) => (this.isWater ? this.turnWaterLine(by / 2) : this.turnClock(by));
            Object.assign(acts, {turn_back: () => turn(-0.5), turn_on: () => turn(0.5)});
        }
        const act = acts[actOf('look', pressed)];
        if (family) this.openFamily(family);
        else if (act) act();
        else if (/^[\d.,<>]$/.test(pressed) && document.activeElement !== this.$refs.size) this.startTyping(pressed);
        else return false;
        return true;
    },
    /** Digits go to the size of an open finding, else to the distance. */
    startTyping(digit) {
        if (this.isSized) {
            // A fast hand types before the field is there to be focused.
            this.setSize(this.entry.size + digit);
            this.$refs.size.focus();
        } else if (!this.isOpen) {
            this.readingField.value = digit;
            this.readingField.focus();
            this.readingField.dispatchEvent(new Event('reading'));
        }
    },
});
