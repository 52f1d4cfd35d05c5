import {openingsMade} from './ahead.js';
import {timeOf} from './clock.js';
import {metresOf, told} from './distances.js';
import {valueOf} from './fields.js';
import {dangersSaid} from './gates.js';
import {passOnThePage, pressesOf, stateNow} from './pass-here.js';
import {isWaiting, readHere} from './waiting.js';
import {isFeet, jobHere} from './where.js';

/*
 * What waits for a signal is shown where it will be: as pressed, in the lists, on the ribbon, each with the sign of what waits. What the
 * server works out of it stays as of the last time, and the bar says so.
 */
const LANES = 3;
/* Of very many the newest are drawn and listed. */
const MOST = 40;
const ID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}(?=(?:\?.*)?$)/;
const withoutId = (address) => address.replace(ID, '');

/* Pressed */
const SAID_ELSEWHERE = ['_token', '_words', 'confirmed', 'from', 'back'];
const isOfForm = (form, entry) =>
    withoutId(form.getAttribute('action') ?? '') === withoutId(entry.url) &&
    [...form.querySelectorAll('input[type=hidden]')].every(
        ({name, value}) => SAID_ELSEWHERE.includes(name) || valueOf(entry, name) === value,
    );
const pressed = (form, entry) => {
    const buttons = [...form.querySelectorAll('button:not([type=button])')];
    const isNamed = (button) => button.name !== '' && entry.pairs.some(([name, value]) => name === button.name && value === button.value);
    const named = buttons.filter(isNamed);
    const isTyped = form.querySelector('input:not([type=hidden]), textarea, select') !== null;
    return named[0] ?? (buttons.length === 1 && !isTyped ? buttons[0] : null);
};
const showGateLine = (form, entry) => {
    const button = form.querySelector('.gate-line');
    if (!button) return;
    const isOn = valueOf(entry, 'confirmed') === '1';
    button.classList.toggle('on', isOn);
    button.setAttribute('aria-pressed', String(isOn));
    button.querySelector('.gate-sign').textContent = isOn ? '✓' : '';
    form.elements.confirmed.value = isOn ? '0' : '1';
};
const showPressed = (entries) => {
    document.querySelectorAll('.waits').forEach((each) => each.classList.remove('waits'));
    const forms = [...document.querySelectorAll('form[method=post][action]')];
    entries
        .filter((entry) => entry.pairs)
        .forEach((entry) => {
            const form = forms.find((each) => isOfForm(each, entry));
            if (!form) return;
            (pressed(form, entry) ?? form).classList.add('waits');
            showGateLine(form, entry);
        });
};

/* Listed */
const showListed = (entries) => {
    document.querySelectorAll('[data-waiting]').forEach((list) => {
        const paths = list.dataset.waiting.split(' ');
        const own = entries.filter((entry) => paths.some((path) => entry.url.replace(/^\/jobs\/[^/]+/, '').startsWith(path)));
        list.hidden = own.length === 0;
        list.replaceChildren(
            ...own.slice(-MOST).map((entry) => {
                const row = Object.assign(document.createElement('li'), {className: 'ghost', textContent: entry.words + ' '});
                row.append(Object.assign(document.createElement('small'), {textContent: entry.at ? timeOf(entry.at) : ''}));
                return row;
            }),
        );
    });
};

/* On the ribbon */
const placesOf = (entry, factor) => {
    const read = (name, times) => {
        const metres = metresOf(valueOf(entry, name) ?? '', isFeet());
        return metres === null ? [] : [metres * times];
    };
    if (/\/findings\//.test(entry.url)) return [...read('reading_from', factor), ...read('reading_to', factor)];
    if (/\/say\//.test(entry.url)) return read('reading', factor);
    if (/\/mark\//.test(entry.url)) return read('mark_form[atM]', 1);
    // A tool's distance counts from the mouth of the opening, the ribbon's from the foot of the drop.
    const drop = Number(document.querySelector('[data-pass]')?.dataset.drop ?? 0);
    const isPass = /\/clear\/run\/.*\/entry\//.test(entry.url) && valueOf(entry, 'kind') === 'at';
    if (isPass) return read('metres', 1).map((at) => Math.max(0, at - drop));
    return [];
};
const drawn = (name, attributes) => {
    const node = document.createElementNS('http://www.w3.org/2000/svg', name);
    Object.entries(attributes).forEach(([key, value]) => node.setAttribute(key, value));
    return node;
};
const showOnTheRibbon = (entries) => {
    document.querySelectorAll('.ribbon-ghost').forEach((ghost) => ghost.remove());
    const drawing = document.querySelector('#ribbon svg[data-metre]');
    if (!drawing) return;
    const factor = Number(document.querySelector('[data-factor]')?.dataset.factor ?? 1);
    const {zero, metre} = drawing.dataset;
    const {width, height} = drawing.viewBox.baseVal;
    const inside = (at) => Math.max(4, Math.min(width - 4, Number(zero) + at * Number(metre)));
    entries.slice(-MOST).forEach((entry, i) => {
        const places = placesOf(entry, factor).map(inside);
        if (places.length === 0) return;
        const [from, to] = [Math.min(...places), Math.max(...places)];
        // Over the axis: above the pipe stand flags and the head.
        const foot = height - 42;
        const ghost = drawn('g', {class: 'ribbon-ghost'});
        ghost.append(drawn('path', {d: `M${from} 40V${foot}M${from} ${foot}H${to}M${to} 40V${foot}`}));
        const isRight = from > width - 160;
        const y = foot - 6 - (i % LANES) * 16;
        const text = drawn('text', {x: isRight ? from - 4 : from + 4, y, 'text-anchor': isRight ? 'end' : 'start'});
        text.textContent = entry.words;
        ghost.append(text);
        drawing.append(ghost);
    });
};

/* Openings that wait may be chosen */
const showOpenings = (job, entries) => {
    document.querySelectorAll('select[data-openings]').forEach((select) =>
        openingsMade(job, entries)
            .filter(({id}) => ![...select.options].some((option) => option.value === id))
            .forEach(({id, entry}) => select.add(new Option(valueOf(entry, 'opening_form[place]'), id))),
    );
    const picks = document.getElementById('run_form_opening');
    if (!picks) return;
    openingsMade(job, entries).forEach(({id, entry}) => {
        if (picks.querySelector('[value="' + id + '"]')) return;
        const pick = picks.querySelector('.pick')?.cloneNode(true);
        if (!pick) return;
        const input = pick.querySelector('input');
        Object.assign(input, {id: 'waits-' + id, value: id, checked: false});
        pick.querySelector('span').textContent = valueOf(entry, 'opening_form[place]');
        pick.classList.add('waits');
        picks.append(pick);
    });
};

/* Dangers stand on every bench */
const showDangers = (entries) => {
    const place = document.getElementById('dangers');
    dangersSaid(entries).forEach((state, sign) => {
        const card = place?.querySelector('[data-danger="' + sign + '"]');
        if (state !== 'present') card?.remove();
        else if (place && !card) place.append(document.getElementById('danger-' + sign).content.cloneNode(true));
    });
};
/* A tool in the line */
const showPass = (entries) => {
    const pass = passOnThePage();
    if (!pass || pressesOf(pass, entries).length === 0) return;
    const state = stateNow(pass, entries);
    const put = (name, text) => {
        const field = pass.top.querySelector('[data-' + name + ']');
        if (!field) return;
        field.textContent = text;
        field.classList.add('waits');
    };
    put('distance', told(state.at, isFeet()));
    put('twist', state.twist === 0 ? '0' : (state.twist > 0 ? '↻ ' : '↺ ') + Math.abs(state.twist));
    const stuckAt = document.getElementById('stuck-at');
    if (stuckAt && stuckAt.value === stuckAt.defaultValue) stuckAt.defaultValue = told(state.at, isFeet());
    // What follows from the distance is worked out by the server.
    document.querySelectorAll('[data-worked-out]').forEach((each) => (each.hidden = true));
    document.querySelectorAll('form[data-power]').forEach((form) => {
        form.elements.kind.value = state.isOn ? 'power_off' : 'power_on';
        form.querySelector('button').textContent = state.isOn ? form.dataset.off : form.dataset.power;
        form.querySelector('button').classList.toggle('on', state.isOn);
    });
};

/** What the server worked out is as of when it made the page. */
const showAsOf = () => {
    const made = Number(document.getElementById('made')?.dataset.at ?? 0);
    const numbers = document.getElementById('numbers-title');
    if (!numbers) return;
    numbers.dataset.asOf = isWaiting() ? document.getElementById('job').dataset.asOf.replace('%time%', timeOf(made)) : '';
};
/* While many are sent, what waits is drawn anew now and then, and once more when they are. */
const PAUSE_MS = 400;
let drawnAt = 0;
let later = 0;
const showSoon = () => {
    clearTimeout(later);
    later = setTimeout(show, Math.max(0, drawnAt + PAUSE_MS - Date.now()));
};
const show = async () => {
    drawnAt = Date.now();
    const known = await readHere();
    if (!jobHere()) return;
    showAsOf();
    showPressed(known);
    showListed(known);
    showOnTheRibbon(known);
    showOpenings('/jobs/' + jobHere(), known);
    showDangers(known);
    showPass(known);
};
window.addEventListener('jurvex-queue', showSoon);
document.addEventListener('DOMContentLoaded', show);
document.addEventListener('htmx:afterSettle', show);
document.body?.addEventListener('jurvex-waits', show);
window.addEventListener('jurvex-signal', show);

/* What the server could not be asked for does not stand there as if it had been. */
document.addEventListener('htmx:sendError', ({detail}) => {
    const {target} = detail;
    const {stale} = target?.dataset ?? {};
    if (!stale || target.querySelector('.readouts-told')) return;
    // What stood there keeps its room unseen: what is pressed next stays where it is.
    target.classList.add('readouts-stale');
    target.append(Object.assign(document.createElement('p'), {className: 'readouts-told', textContent: stale}));
});
window.addEventListener('jurvex-signal', ({detail: isThere}) => {
    if (isThere && document.querySelector('.readouts-stale')) document.getElementById('reading')?.dispatchEvent(new Event('reading'));
});
