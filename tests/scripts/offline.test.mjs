import assert from 'node:assert/strict';
import {test} from 'node:test';
import {onward, standIn, swapped} from '../../assets/scripts/ahead.js';
import {dangersSaid, shutting} from '../../assets/scripts/gates.js';
import {freshId} from '../../assets/scripts/ids.js';
import {afterPress, bringsWaterToTheMouth} from '../../assets/scripts/pass.js';
import {sizeFor} from '../../assets/scripts/size.js';
import {patienceFor} from '../../assets/scripts/verdicts.js';
import {withOwnId} from '../../assets/scripts/own-id.js';

const PAGE = 1_790_000_000_000;

test('a form that is pressed twice on one page is two entries', () => {
    const used = new Set();
    const action = '/jobs/j/clear/run/p/entry/' + freshId(PAGE + 5);
    const first = withOwnId(action, used, PAGE);
    assert.equal(first, action);
    const second = withOwnId(first, used, PAGE);
    assert.notEqual(second, first);
    assert.equal(second.length, first.length);
    assert.notEqual(withOwnId(second, used, PAGE), second);
});

test('what was there before the page is corrected, not made anew', () => {
    const used = new Set();
    const action = '/jobs/j/marks/' + freshId(PAGE - 1);
    assert.equal(withOwnId(action, used, PAGE), action);
    assert.equal(withOwnId(action, used, PAGE), action);
    assert.equal(withOwnId('/jobs/j/clear/gates/jet', used, PAGE), '/jobs/j/clear/gates/jet');
});

test('a picture is as large as anybody looks at, and never larger than it was', () => {
    assert.deepEqual(sizeFor(4000, 3000), {width: 2000, height: 1500});
    assert.deepEqual(sizeFor(1500, 6000), {width: 500, height: 2000});
    assert.deepEqual(sizeFor(640, 480), {width: 640, height: 480});
});

const JOB = '/jobs/01a219a1-6aa6-78fb-b8e6-d3c57a64a24a';
const [RUN, PASS, OPENING] = ['1', '2', '3'].map((sign) => '01a219a1-0000-7000-8000-00000000000' + sign);
const begins = {url: `${JOB}/look/runs/${RUN}`, words: 'Start · By the <vat>', pairs: [['run_form[opening]', OPENING]]};
const opens = {url: `${JOB}/way-in/openings/${OPENING}`, words: 'Add it', pairs: [['opening_form[place]', 'By the "vat"']]};
const goesIn = {url: `${JOB}/clear/run/${PASS}/begin`, words: 'Auger', pairs: [['machine', 'cable'], ['head', 'auger']]};
const comesOut = {url: `${JOB}/clear/run/${PASS}/out`, words: 'It is out', pairs: []};

test('what has begun and waits has the screen that was made ahead, with what the server could not know put in', () => {
    const look = standIn(JOB + '/look', [opens, begins]);
    assert.equal(look.page, JOB + '/look/ahead');
    assert.equal(
        swapped('00000000-0000-7000-8000-000000000000: {begun}', look.swaps),
        RUN + ': Start · By the &#60;vat&#62;',
    );
    assert.equal(standIn(`${JOB}/look?run=${RUN}`, [begins]).page, JOB + '/look/ahead');
    assert.equal(standIn(`${JOB}/look/runs/${RUN}/end`, [begins]).page, JOB + '/look/ahead/end');
    assert.equal(standIn(JOB + '/mark', [begins]).page, JOB + '/mark/ahead');
    assert.deepEqual(standIn(JOB + '/look', [opens]), {
        page: JOB + '/look/ahead/start',
        swaps: [
            ['00000000-0000-7000-8000-000000000000', OPENING],
            ['{place}', 'By the &#34;vat&#34;'],
        ],
        isBehind: true,
    });
    assert.equal(standIn(JOB + '/clear/run', [goesIn]).page, JOB + '/clear/run/ahead/cable');
    assert.equal(standIn(JOB + '/clear/run', [goesIn, comesOut]).page, JOB + '/clear/run/ahead/none');
    assert.equal(standIn(JOB + '/clear/run', [comesOut, goesIn]).page, JOB + '/clear/run/ahead/cable');
});

test('a page that rests on nothing that waits is the one that was kept', () => {
    const other = {...begins, url: begins.url.replace('/jobs/0', '/jobs/1')};
    const corrected = {...begins, pairs: [['run_form[zero]', 'foot']]};
    for (const [address, entries] of [
        [JOB + '/look', []],
        [JOB + '/look', [other]],
        [JOB + '/look', [corrected]],
        [`${JOB}/look?run=${PASS}`, [begins]],
        [`${JOB}/look/runs/${PASS}/end`, [begins]],
        [JOB + '/judge', [begins, goesIn]],
        ['/', [begins]],
    ])
        assert.equal(standIn(address, entries), null, address);
    assert.equal(onward(begins.url), `${JOB}/look?run=${RUN}`);
    assert.equal(onward(begins.url + '/end'), `${JOB}/look?run=${RUN}`);
    assert.equal(onward(goesIn.url), JOB + '/clear/run');
    assert.equal(onward(opens.url), null);
});

test('a gate is shut by what the page knows and what waits, in its order', () => {
    const line = (confirmed) => ({url: JOB + '/clear/gates/jet', pairs: [['line', 'eyes'], ['confirmed', confirmed]]});
    const danger = (state) => ({url: JOB + '/way-in/stoppage/danger', pairs: [['sign', 'gas_smell'], ['state', state]]});
    const check = (good, reason = '') => ({url: JOB + '/clear/checks/jet', pairs: [['line', 'hose'], ['good', good], ['reason', reason]]});
    assert.deepEqual(shutting('jet', ['gates/eyes'], []), ['gates/eyes']);
    assert.deepEqual(shutting('jet', ['gates/eyes'], [line('1')]), []);
    assert.deepEqual(shutting('jet', ['gates/eyes'], [line('1'), line('0')]), ['gates/eyes']);
    assert.deepEqual(shutting('cable', ['gates/eyes'], [line('1')]), ['gates/eyes'], 'another machine');
    assert.deepEqual(shutting('cable', [], [danger('present')]), ['danger/gas_smell']);
    assert.deepEqual(shutting('cable', ['danger/gas_smell'], [danger('made_safe')]), []);
    assert.deepEqual(shutting('jet', [], [check('0')]), ['checks/hose']);
    assert.deepEqual(shutting('jet', [], [check('0', 'Ida says so')]), []);
    assert.deepEqual([...dangersSaid([danger('present'), line('1'), danger('made_safe')])], [['gas_smell', 'made_safe']]);
});

test('presses that wait say how much is in and whether it sprays, and none brings water to the mouth', () => {
    const start = {at: 0, isOn: false, twist: 0};
    const press = (kind, metres = null, said = '') => ({kind, metres, said});
    const marks = [2, 4, 6];
    const after = (...presses) => presses.reduce((state, each) => afterPress(state, each, marks), start);
    assert.deepEqual(after(press('at', 4.4), press('power_on'), press('turn_left', null, '2'), press('felt', null, 'grabs')), {
        at: 4.4,
        isOn: true,
        twist: -2,
    });
    const places = [after(press('mark_in')), after(press('at', 4.4), press('mark_out')), after(press('at', 2), press('mark_out'))];
    assert.deepEqual(places.map(({at}) => at), [2, 4, 0]);
    assert.equal(after(press('at', 6), press('mark_in')).at, 6);
    const isBad = (state, each) => bringsWaterToTheMouth(state, each, marks, 0.3);
    assert.equal(isBad(start, press('power_on')), true);
    assert.equal(isBad(after(press('at', 0.3)), press('power_on')), false);
    const on = after(press('at', 1), press('power_on'));
    const presses = [press('at', 0.2), press('mark_out'), press('at', 0.4), press('power_off')];
    assert.deepEqual(presses.map((each) => isBad(on, each)), [true, true, false, false]);
});

test('who has more to send is waited for longer, and nobody for ever', () => {
    const small = patienceFor({pairs: [['kind', 'root_cords']]});
    const picture = patienceFor({pairs: [['kind', 'root_cords'], ['photo', new Blob([new Uint8Array(3_200_000)])]]});
    assert.ok(small >= 30_000 && small < 31_000);
    assert.ok(Math.abs(picture - small - 100_000) < 1);
    assert.equal(patienceFor({text: 'x'.repeat(32_000)}), 31_000);
});
