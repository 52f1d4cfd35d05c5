/** Clock positions on a picture: 12 at the crown, 3 on the right. */

/** @param {number} hours over 0, up to 12 */
export const hourText = (hours) => (Math.floor(hours) === 0 ? 12 : Math.floor(hours)) + (hours % 1 ? ':30' : '');

/** @returns {[number, number]} where an hour stands on a dial of that radius */
export const onDial = (hours, radius) => [
    radius * Math.sin((hours / 6) * Math.PI),
    -radius * Math.cos((hours / 6) * Math.PI),
];

/** The nearest half hour of a place off the middle, x to the right and y down. */
export const halfHourAt = (x, y) => Math.round((((Math.atan2(x, -y) / Math.PI) * 6 + 12) % 12) * 2) / 2 || 12;

/** The hour of a place off the middle, 0 up to 12. */
export const hourAt = (x, y) => ((Math.atan2(x, -y) / Math.PI) * 6 + 12) % 12;

const twoDigits = (number) => String(number).padStart(2, '0');
/** @returns {string} `14:05` of a moment in milliseconds since 1970: written out, since a formatter takes long to make */
export const timeOf = (ms) => {
    const moment = new Date(ms);
    return twoDigits(moment.getHours()) + ':' + twoDigits(moment.getMinutes());
};
