/* What a key does is said by the table that the page of keys is drawn from. */
const table = () => JSON.parse(document.getElementById('job')?.dataset.keys ?? '{}');

/** A key as the table names it, whether or not capitals are on. */
export const nameOf = (event) => (event.key.length === 1 ? event.key.toLowerCase() : event.key);
/**
 * @param {string} part of the screen
 * @param {string} key by its name
 * @returns {?string} what is done
 */
export const actOf = (part, key) => table()[part]?.[key] ?? null;
