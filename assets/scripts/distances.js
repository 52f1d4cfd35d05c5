/** Distances as they stand in a field. The server reads what is typed; here a plain number is only stepped. */

const FEET = 0.3048;

/** @returns {?number} of `12.5`, `12,5` or whole feet and inches such as `14' 6"`; none for anything else */
export const plainNumber = (typed) => {
    const feet = typed.match(/^\s*(\d+)'\s*(\d+)?"?\s*$/);
    if (feet) return Number(feet[1]) + Number(feet[2] || 0) / 12;
    const number = typed.trim() === '' ? 0 : Number(typed.replace(',', '.'));
    return Number.isNaN(number) ? null : number;
};

/** @returns {?string} a step farther, never under nought, to the hundredth; none where nothing can be stepped */
export const stepped = (typed, step) => {
    const now = plainNumber(typed);
    return now === null ? null : String(Math.max(0, Math.round((now + step) * 100) / 100));
};

/** Metres as the person's unit has them, for a field. */
export const inUnits = (metres, isFeet) => (isFeet ? metres / FEET : metres).toFixed(2);

const UNITS = {m: 1, cm: 0.01, mm: 0.001, ft: FEET, "'": FEET, in: FEET / 12, '"': FEET / 12};

/**
 * Where a distance that was typed would be: for a sign on the drawing, until the server has read it.
 * @returns {?number} metres; none where it cannot be told
 */
export const metresOf = (typed, isFeet) => {
    const found = /^(\d+(?:[.,]\d+)?)\s*(m|cm|mm|ft|in|'|")?(?:\s*(\d+(?:\.\d+)?)\s*(?:in|")?)?$/.exec(typed.trim());
    if (!found) return null;
    const [, first, unit, inches] = found;
    const metres = Number(first.replace(',', '.')) * (UNITS[unit] ?? (isFeet ? FEET : 1));
    return inches === undefined ? metres : metres + (Number(inches) * FEET) / 12;
};
/** A distance as it is told. */
export const told = (metres, isFeet) => {
    if (!isFeet) return metres.toFixed(2).replace(/0$/, '') + ' m';
    const inches = Math.round((metres / FEET) * 12);
    return Math.floor(inches / 12) + "' " + (inches % 12) + '"';
};
