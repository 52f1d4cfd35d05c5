import {shutting} from './gates.js';
import {bringsWaterToTheMouth} from './pass.js';
import {passOnThePage, pressOf, pressesOf, stateNow} from './pass-here.js';
import * as queue from './queue.js';
import {isWaiting, waitingHere} from './waiting.js';

/*
 * Before the worker writes it down: what a gate, a danger or the mouth of the opening forbids is not begun. With a signal the server
 * says so.
 */
const gatesHere = () => JSON.parse(document.getElementById('job')?.dataset.gates ?? '{}');
/** @returns {'danger'|'gate'|null} what holds a machine back */
const shutBy = (machine, entries) => {
    const by = shutting(machine, gatesHere()[machine] ?? [], entries);
    if (by.some((what) => what.startsWith('danger/'))) return 'danger';
    return by.length > 0 ? 'gate' : null;
};
const refuse = (form, machine, why) => {
    const gate = why === 'gate' ? document.getElementById('gate-' + machine) : null;
    const place = gate ?? form;
    let error = place.querySelector('.gate-told');
    if (!error) {
        error = Object.assign(document.createElement('p'), {className: 'error gate-told'});
        error.setAttribute('role', 'alert');
        if (gate) gate.querySelector('summary').after(error);
        else form.prepend(error);
    }
    error.textContent = document.getElementById('refused-' + why)?.content.textContent ?? '';
    if (gate) gate.open = true;
    error.scrollIntoView({block: 'center'});
};

const machineOf = (form) => form.dataset.gate || form.querySelector('[name="' + form.dataset.gateFrom + '"]:checked')?.value;
document.addEventListener(
    'submit',
    (event) => {
        const form = event.target;
        if (!isWaiting() || !(form instanceof HTMLFormElement)) return;
        const machine = machineOf(form);
        const pass = passOnThePage();
        const isPress = pass && form.action.includes('/clear/run/' + pass.id + '/entry/');
        const press = isPress ? pressOf({pairs: [...new FormData(form)]}) : null;
        const starts = form.hasAttribute('data-power') ? press?.kind === 'power_on' : Boolean(machine);
        const isAtMouth = () =>
            press && pass.machine === 'jet' && bringsWaterToTheMouth(stateNow(pass, waitingHere()), press, pass.marks, pass.mouth);
        const why = (starts && machine ? shutBy(machine, waitingHere()) : null) ?? (isAtMouth() ? 'mouth' : null);
        if (why === null) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        refuse(form, machine, why);
    },
    true,
);
/* What still waits is taken back where it waits. */
document.addEventListener(
    'submit',
    async (event) => {
        const form = event.target;
        const pass = passOnThePage();
        if (!pass || !form.matches('[data-undo]') || pressesOf(pass, waitingHere()).length === 0) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        await queue.takeBack((entry) => entry.url.includes('/clear/run/' + pass.id + '/entry/'));
        location.reload();
    },
    true,
);
