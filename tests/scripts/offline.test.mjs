import assert from 'node:assert/strict';
import {test} from 'node:test';
import {freshId} from '../../assets/scripts/ids.js';
import {sizeFor} from '../../assets/scripts/size.js';
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
