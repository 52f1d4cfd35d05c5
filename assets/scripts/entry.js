import {hourText} from './clock.js';

/*
 * An entry that is being given: what was seen, where, and what is known of it so far. Nothing of it is stored until it is
 * saved; put aside, it waits in the browser. All values are as they were typed, empty where nothing was.
 */

/** What a stretch is marked with: one end, the deepest place, the other end; in whatever order they come. */
export const PLACES = ['start', 'deepest', 'end'];

/** @param {string} at the counter's reading, at which the entry was opened */
export const begun = (id, kind, at, going, answers = {}) => ({
    id,
    kind: kind.code,
    at,
    going,
    start: '',
    deepest: '',
    end: '',
    size: '',
    answers,
    sure: 'clear',
    joint: false,
    from: null,
    to: null,
    bottom: 6,
    note: '',
});

/** Taken for another kind: what is asked of the first is not asked of the second. */
export const asKind = (entry, kind, answers = {}) => ({...entry, kind: kind.code, size: '', answers});

/** Whether one end of a stretch is there and the other is not, or only its deepest place. */
export const isOpen = (entry) => PLACES.some((place) => entry[place] !== '') && !isWhole(entry);
export const isWhole = (entry) => entry.start !== '' && entry.end !== '';

/** Whether anything was given beside the kind and the place. */
export const isGiven = (entry) =>
    PLACES.some((place) => entry[place] !== '') ||
    entry.size !== '' ||
    entry.note !== '' ||
    entry.from !== null ||
    entry.joint ||
    entry.sure !== 'clear' ||
    Object.entries(entry.answers).some(([fact, answer]) => answer !== '' && fact !== 'water');

/** Marks a place of the stretch; the same key again moves it. */
export const marked = (entry, place, at) => ({...entry, [place]: at});

/** Saved with one end open, it ends where it is saved; a thing at one place has but that. */
export const ends = (entry) => {
    if (entry.start === '' && entry.end === '') return [entry.at, ''];
    const [start, end] = [entry.start || entry.at, entry.end || entry.at];
    return start === end ? [start, ''] : [start, end];
};

/** The next answer to a question: from none through each of them to none again. */
export const nextAnswer = (choices, answer) => {
    const codes = ['', ...choices.map((choice) => choice.code)];
    return codes[(codes.indexOf(answer || '') + 1) % codes.length];
};

/** @returns {Array<[string, string]>} the fields that are sent */
export const fieldsOf = (entry) => {
    const [start, end] = ends(entry);
    const fields = [
        ['kind', entry.kind],
        ['reading_from', start],
        ['reading_to', end],
        ['reading_deepest', end === '' ? '' : entry.deepest],
        ['going', entry.going],
        ['size', entry.size.trim()],
        ['sureness', entry.sure],
        ['at_joint', entry.joint ? '1' : ''],
        ['note', entry.note],
    ];
    if (entry.from !== null)
        fields.push(
            ['clock_from', hourText(entry.from)],
            ['clock_to', entry.to === null ? '' : hourText(entry.to)],
            ['invert_on_screen', hourText(entry.bottom)],
        );
    Object.entries(entry.answers).forEach(([fact, answer]) => fields.push([`facts[${fact}]`, answer]));
    return fields.filter(([, value]) => value !== '');
};

/** @returns {Array<object>} what was put aside and can be taken up again */
export const readKept = (text, kinds) => {
    try {
        return JSON.parse(text || '[]').filter((entry) => entry.id && kinds.some((kind) => kind.code === entry.kind));
    } catch {
        return [];
    }
};
