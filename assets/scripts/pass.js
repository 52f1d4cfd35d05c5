/* A tool in the line by the presses that wait: how much of it is in and whether it turns or sprays. */

const HAIR_M = 1e-9;
const next = (marks, at) => marks.find((mark) => mark > at + HAIR_M) ?? at;
const previous = (marks, at) => marks.filter((mark) => mark < at - HAIR_M).at(-1) ?? 0;

/**
 * @param {{at: number, isOn: boolean, twist: number}} state in metres, as the page has it
 * @param {{kind: string, metres: ?number, said: string}} press
 * @param {number[]} marks that can be counted, in metres from the head, in order
 */
export const afterPress = (state, {kind, metres, said}, marks) => {
    const turns = Math.max(1, Number(said) || 1);
    switch (kind) {
        case 'at':
            return {...state, at: metres ?? state.at};
        case 'mark_in':
            return {...state, at: next(marks, state.at)};
        case 'mark_out':
            return {...state, at: previous(marks, state.at)};
        case 'power_on':
            return {...state, isOn: true};
        case 'power_off':
            return {...state, isOn: false};
        case 'turn_right':
            return {...state, twist: state.twist + turns};
        case 'turn_left':
            return {...state, twist: state.twist - turns};
        default:
            return state;
    }
};

/** Whether a press of a jet would have water on with the nozzle at the mouth of the opening, where it comes out. */
export const bringsWaterToTheMouth = (state, press, marks, mouth) => {
    const then = afterPress(state, press, marks);
    return then.isOn && then.at < mouth && (!state.isOn || then.at !== state.at);
};
