import {freshId} from './ids.js';

/** @returns {number} when a UUID of version 7 was made, in milliseconds */
const madeAt = (id) => parseInt(id.replaceAll('-', '').slice(0, 12), 16);

/**
 * A form that is sent twice without a new page between is another entry: its identifier was made for the page.
 * @param {string} action of the form
 * @param {Set<string>} used identifiers that were sent
 * @param {number} pageMade when the page was made, by the server
 */
export const withOwnId = (action, used, pageMade) => {
    const found = /^(.*\/)([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})$/.exec(action);
    if (!found || madeAt(found[2]) < pageMade) return action;
    const id = used.has(found[2]) ? freshId(Math.max(Date.now(), pageMade)) : found[2];
    used.add(id);
    return found[1] + id;
};
