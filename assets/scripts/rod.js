import {writeReading} from './readings.js';

/** What a rod shows in a line that is only data. */
const clamp = (value, least, most) => Math.max(least, Math.min(most, value));

/** @returns {{hand: number, head: number, t: number, turn: number, speed: number}} */
export const rodAtRest = (kept = {}) => ({hand: 0, head: 0, t: 0, turn: 0, speed: 0, ...kept});

/**
 * The rod some time later. Pushed, it lies in waves and the head lags; drawn back, the slack comes out before the head moves.
 * @param {{reach: number, slack: number}} view
 */
export const moved = (rod, view, seconds) => {
    const hand = clamp(rod.hand + rod.speed * seconds, 0, view.reach * (1 + view.slack));
    let head = rod.head;
    if (rod.speed > 0) head = Math.min(view.reach, Math.max(head, hand / (1 + view.slack)));
    if (rod.speed < 0) head = Math.min(head, hand);
    return {...rod, t: rod.t + seconds, hand, head};
};

/** The row of the view's table where the head is: tilt, roll, water on the lens, depth of the water. */
export const rowAt = (view, place) => view.table[clamp(Math.round(place / view.step), 0, view.table.length - 1)];

/** The next line that the reel says, and the rod with it: a counter that counts wrong, and trembles unless it stands still. */
export const said = (rod, view) => {
    const [tilt, roll, lens] = rowAt(view, rod.head);
    const turn = rod.turn + 1;
    const counted = Math.max(0, rod.hand / view.factor + view.noise * Math.sin(12.9898 * turn));
    const metres = rod.speed === 0 && rod.last !== undefined ? rod.last : Number(counted.toFixed(3));
    const line = writeReading({t: rod.t, metres, tilt, roll, lens, stopped: rod.head >= view.reach - 1e-9});
    return {rod: {...rod, turn, last: metres}, line};
};
