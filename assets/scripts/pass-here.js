import {metresOf} from './distances.js';
import {valueOf} from './fields.js';
import {afterPress} from './pass.js';
import {isFeet} from './where.js';

/* The tool in the line that the page shows, by what the page knows and by the presses that wait. */

export const pressOf = (entry) => ({
    kind: valueOf(entry, 'kind'),
    metres: metresOf(valueOf(entry, 'metres') ?? '', isFeet()),
    said: valueOf(entry, 'said') ?? '',
});
export const passOnThePage = () => {
    const top = document.querySelector('[data-pass]');
    if (!top) return null;
    const {pass, machine, at, on, twist, marks, mouth} = top.dataset;
    return {
        top,
        id: pass,
        machine,
        mouth: Number(mouth),
        marks: JSON.parse(marks),
        state: {at: Number(at), isOn: on === '1', twist: Number(twist)},
    };
};
export const pressesOf = (pass, entries) => entries.filter((entry) => entry.url.includes('/clear/run/' + pass.id + '/entry/'));
export const stateNow = (pass, entries) =>
    pressesOf(pass, entries).reduce((state, entry) => afterPress(state, pressOf(entry), pass.marks), pass.state);
