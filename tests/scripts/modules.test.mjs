import assert from 'node:assert/strict';
import {test} from 'node:test';
import {halfHourAt, hourAt, hourText, onDial} from '../../assets/scripts/clock.js';
import {inUnits, metresOf, plainNumber, stepped, told} from '../../assets/scripts/distances.js';
import {
    asKind,
    begun,
    ends,
    fieldsOf,
    isGiven,
    isOpen,
    isWhole,
    marked,
    nextAnswer,
    readKept,
} from '../../assets/scripts/entry.js';
import {freshId} from '../../assets/scripts/ids.js';
import {dropLiveReel, liveReel, setLiveReel} from '../../assets/scripts/live.js';
import {parseReading, writeReading} from '../../assets/scripts/readings.js';
import {firstFree} from '../../assets/scripts/locator.js';
import {placeUnder, signedInUnits} from '../../assets/scripts/site.js';
import {moved, rodAtRest, rowAt, said} from '../../assets/scripts/rod.js';
import {stateOf, verdictOn} from '../../assets/scripts/verdicts.js';
import {fill} from '../../assets/scripts/known.js';

test('an identifier is a UUID of version 7 that sorts by its time', () => {
    const ids = [1, 1000, 1_700_000_000_000, 1_700_000_000_001].map((time) => freshId(time));
    ids.forEach((id) => assert.match(id, /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/));
    assert.deepEqual([...ids].sort(), ids);
    assert.equal(freshId(0, new Uint8Array(16)), '00000000-0000-7000-8000-000000000000');
});

test('a place on the picture is an hour, and an hour a place', () => {
    for (const [x, y, hour] of [
        [0, -1, 12],
        [1, 0, 3],
        [0, 1, 6],
        [-1, 0, 9],
        [0.5, -0.9, 1],
    ])
        assert.equal(halfHourAt(x, y), hour);
    for (let hour = 0.5; hour <= 12; hour += 0.5) {
        const [x, y] = onDial(hour, 40);
        assert.equal(halfHourAt(x, y), hour);
        assert.ok(Math.abs((hourAt(x, y) || 12) - hour) % 12 < 1e-9);
    }
    assert.deepEqual([hourText(0.5), hourText(12), hourText(3.5)], ['12:30', '12', '3:30']);
});

test('a distance is stepped as it was typed, and never under nought', () => {
    assert.deepEqual(['12.5', '12,5', '14\' 6"', "3'", '', 'here', '12 m'].map(plainNumber), [
        12.5,
        12.5,
        14.5,
        3,
        0,
        null,
        null,
    ]);
    assert.deepEqual([stepped('4.05', 0.1), stepped('0.05', -0.1), stepped('here', 1)], ['4.15', '0', null]);
    assert.deepEqual([inUnits(3.048, true), inUnits(3.048, false)], ['10.00', '3.05']);
});

test('where a distance that was typed would be, until the server has read it', () => {
    const feet = (typed) => Math.round(metresOf(typed, true) * 1000) / 1000;
    assert.deepEqual(["14.5", "14' 6\"", '14 6', '14ft 6in', '4.42 m', '174"'].map(feet), [4.42, 4.42, 4.42, 4.42, 4.42, 4.42]);
    assert.deepEqual(['12.5', '12,5', '1250 cm', '12500 mm'].map((typed) => metresOf(typed, false)), [12.5, 12.5, 12.5, 12.5]);
    assert.deepEqual(['', 'here', '-3', '1 2 3'].map((typed) => metresOf(typed, false)), [null, null, null, null]);
    assert.deepEqual([told(4.42, true), told(12, false), told(12.34, false)], ["14' 6\"", '12.0 m', '12.34 m']);
});

test('a reading is written as it is read, in either form, and what is none is none', () => {
    const reading = {t: 12, metres: 3.5, tilt: 1.25, roll: 4, lens: 0.35, stopped: true};
    const {roll, ...read} = reading;
    assert.equal(writeReading(reading), '12.00,3.500,1.25,4.0,lens=0.35 stop');
    assert.deepEqual(parseReading(writeReading(reading)), read);
    assert.deepEqual(parseReading('{"time_s":12,"distance_m":3.5,"tilt_deg":1.25,"flags":["lens=0.35","stop"]}'), read);
    assert.deepEqual(parseReading('1,2'), {t: 1, metres: 2, tilt: null, lens: null, stopped: false});
    for (const line of ['', 'time_s,distance_m', '{', '{"time_s":1}', ',3', 'a,b', '# said'])
        assert.equal(parseReading(line), null, line);
    assert.ok(roll > 0);
});

const view = {
    reach: 20,
    slack: 0.05,
    step: 1,
    factor: 1.02,
    noise: 0.01,
    table: Array.from({length: 21}, (_, i) => [i, 0, i > 9 ? 0.2 : null, 0]),
};
const pushed = (seconds, speed, rod = rodAtRest()) => moved({...rod, speed}, view, seconds);

test('a pushed rod lags by its slack, stops at its reach, and gives the slack back before it moves', () => {
    const far = pushed(1000, 0.6);
    assert.deepEqual([far.head, far.hand], [20, 21]);
    const slack = pushed(0.5, -1, far);
    assert.deepEqual([slack.head, slack.hand], [20, 20.5]);
    assert.equal(pushed(3, -1, slack).head, 17.5);
    assert.deepEqual([pushed(1000, -1, far).head, pushed(1000, -1, far).hand], [0, 0]);
    for (let rod = rodAtRest(), i = 0; i < 200; i++) {
        const next = pushed(0.2, i % 3 ? 0.6 : 0.12, rod);
        assert.ok(next.head >= rod.head && next.head <= next.hand && next.hand <= next.head * 1.05 + 1e-9);
        rod = next;
    }
});

test('the reel says where the counter is, trembles on the way and stands still at rest', () => {
    const moving = pushed(10, 0.6);
    const first = said(moving, view);
    const reading = parseReading(first.line);
    assert.ok(Math.abs(reading.metres - 6 / 1.02) <= 0.011);
    assert.equal(reading.tilt, rowAt(view, moving.head)[0]);
    const still = said({...first.rod, speed: 0}, view);
    assert.equal(parseReading(still.line).metres, reading.metres);
    assert.notEqual(parseReading(said(first.rod, view).line).metres, reading.metres);
    assert.equal(parseReading(said(pushed(1000, 0.6), view).line).stopped, true);
    assert.equal(rowAt(view, -5)[0], 0);
    assert.equal(rowAt(view, 99)[0], 20);
});

test('an entry is stored, waits for better times, or is refused for good', () => {
    for (const status of [200, 201, 204]) assert.equal(verdictOn(status, null), 'stored');
    for (const status of [0, 302, 401, 403, 408, 429, 500, 503])
        assert.equal(verdictOn(status, null), 'waiting', String(status));
    for (const status of [400, 404, 409, 413]) assert.equal(verdictOn(status, null), String(status));
    assert.equal(verdictOn(422, {size: 'Too much.', clock: 'No clock.'}), 'Too much. No clock.');
    assert.deepEqual(stateOf([{key: 1}, {key: 2, words: 'Crack 4', refused: '404'}, {key: 3}]), {
        waiting: 2,
        refused: [{key: 2, words: 'Crack 4', why: '404'}],
    });
});

test('only whoever put the reel on the screen takes it away', () => {
    const [mine, next] = [{}, {}];
    setLiveReel(mine);
    setLiveReel(next);
    dropLiveReel(mine);
    assert.equal(liveReel(), next);
    dropLiveReel(next);
    assert.equal(liveReel(), null);
});

test('an entry is a stretch from one end to the other, in whatever order its places were marked', () => {
    const kind = {code: 'low_spot'};
    const plain = (entry) => Object.fromEntries(fieldsOf(entry));
    const empty = begun('id', kind, '9.4', 'back', {water: 'off'});
    assert.deepEqual(
        [isGiven(empty), isOpen(empty), isWhole(empty), ends(empty)],
        [false, false, false, ['9.4', '']],
        'nothing is worth keeping of a kind and a place',
    );
    // The deepest may come first.
    for (const places of [
        ['start', 'deepest', 'end'],
        ['deepest', 'end', 'start'],
        ['end', 'start', 'deepest'],
    ]) {
        let entry = empty;
        places.forEach((place, i) => {
            entry = marked(entry, place, {start: '13.1', deepest: '11', end: '9.4'}[place]);
            assert.equal(isOpen(entry), !(entry.start && entry.end), places.slice(0, i + 1).join());
        });
        const {reading_from: from, reading_to: to, reading_deepest: deepest} = plain(entry);
        assert.deepEqual([from, to, deepest], ['13.1', '9.4', '11']);
    }
    const half = {...marked(empty, 'start', '13.1'), at: '9.4'};
    assert.deepEqual(ends(half), ['13.1', '9.4'], 'saved with one end open, it ends where it is saved');
    assert.deepEqual(ends({...half, at: '13.1'}), ['13.1', ''], 'what ends where it starts is at one place');
});

test('what is given goes out in its fields, and nothing that was not', () => {
    const entry = {...begun('id', {code: 'crack'}, '5', ''), size: ' 25 ', from: 0.5, to: 3, joint: true, note: 'wet'};
    assert.deepEqual(Object.fromEntries(fieldsOf({...entry, answers: {crack_state: 'open', other: ''}})), {
        kind: 'crack',
        reading_from: '5',
        size: '25',
        sureness: 'clear',
        at_joint: '1',
        note: 'wet',
        clock_from: '12:30',
        clock_to: '3',
        invert_on_screen: '6',
        'facts[crack_state]': 'open',
    });
    assert.deepEqual(asKind(entry, {code: 'hole'}), {...entry, kind: 'hole', size: '', answers: {}});
    for (const given of [{size: '5'}, {note: 'x'}, {from: 3}, {joint: true}, {sure: 'likely'}, {answers: {wear: 'thin'}}])
        assert.ok(isGiven({...begun('id', {code: 'crack'}, '5', '', {water: 'on'}), ...given}), JSON.stringify(given));
});

test('one key goes round the answers, and what was kept is taken up again', () => {
    const choices = [{code: 'closed'}, {code: 'open'}];
    const round = ['', 'closed', 'open'].map((answer) => nextAnswer(choices, answer));
    assert.deepEqual(round, ['closed', 'open', '']);
    const kept = begun('id', {code: 'crack'}, '5', '');
    const text = JSON.stringify([kept, {...kept, kind: 'gone_from_the_list'}, {kind: 'crack', from: '3'}]);
    assert.deepEqual(readKept(text, [{code: 'crack'}]), [kept]);
    for (const bad of [null, '', '{', '[null]']) assert.deepEqual(readKept(bad, []), []);
});

test('a tap on the plan is a place to the tenth of a metre, up is up, and heights may be under nought', () => {
    const drawing = {left: '-4', top: '10', metre: '20'};
    assert.deepEqual(placeUnder(drawing, 0, 0), {right: -4, up: 10});
    assert.deepEqual(placeUnder(drawing, 102, 240), {right: 1.1, up: -2});
    assert.deepEqual([signedInUnits(-0.3048, true), signedInUnits(1.5, false)], ['-1.00', '1.50']);
});

test('a reading goes into the first field that nothing was typed in', () => {
    const fields = [{value: '1.2'}, {value: ' '}, {value: ''}];
    assert.equal(firstFree(fields), fields[1]);
    assert.equal(firstFree([{value: '1'}]), undefined);
});

test('what is known of a place is taken over where nothing was typed yet', () => {
    const sheet = {place: {value: '14 mew'}, customer: {value: ' '}, contact: {value: 'Ines, 555 01'}};
    const filled = fill(
        {place: '14 Mews Lane', customer: 'Tide Letting', contact: 'Rui', yearBuilt: '1931'}, (name) => sheet[name] ?? null,
    );
    assert.deepEqual(
        [sheet.place.value, sheet.customer.value, sheet.contact.value, filled.length],
        ['14 Mews Lane', 'Tide Letting', 'Ines, 555 01', 2],
    );
});
