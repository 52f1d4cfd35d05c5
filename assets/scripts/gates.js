import {valueOf} from './fields.js';

/* Whether a machine may start, by what the page knows and by what waits: without a network a gate holds as it does with one. */

const saidBy = (entry, machine) => {
    const path = entry.url.replace(/^\/jobs\/[^/]+/, '');
    if (path === '/clear/gates/' + machine) return ['gates/' + valueOf(entry, 'line'), valueOf(entry, 'confirmed') !== '1'];
    if (path === '/clear/checks/' + machine)
        return ['checks/' + valueOf(entry, 'line'), valueOf(entry, 'good') !== '1' && (valueOf(entry, 'reason') ?? '').trim() === ''];
    if (path === '/way-in/stoppage/danger') return ['danger/' + valueOf(entry, 'sign'), valueOf(entry, 'state') === 'present'];
    return [];
};

/**
 * @param {string[]} known what shuts it, as the page has it
 * @param {Object[]} entries of the job that wait, in order
 * @returns {string[]} what shuts it
 */
export const shutting = (machine, known, entries) => {
    const shut = new Set(known);
    entries.forEach((entry) => {
        const [what, isShut] = saidBy(entry, machine);
        if (what) shut[isShut ? 'add' : 'delete'](what);
    });
    return [...shut];
};

/** @returns {Map<string, string>} what was said of each danger, last */
export const dangersSaid = (entries) =>
    new Map(
        entries
            .filter((entry) => entry.url.endsWith('/way-in/stoppage/danger'))
            .map((entry) => [valueOf(entry, 'sign'), valueOf(entry, 'state')]),
    );
