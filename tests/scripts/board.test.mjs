import assert from 'node:assert/strict';
import test from 'node:test';
import {within} from '../../assets/scripts/board-keys.js';

const at = {row: 1, column: 3, place: 2};

test('arrows move a card by a day, and within its cell by a place', () => {
    assert.deepEqual(within('ArrowLeft', false, at, 4, 3), {row: 1, column: 2, place: null});
    assert.deepEqual(within('ArrowRight', false, at, 4, 3), {row: 1, column: 4, place: null});
    assert.deepEqual(within('ArrowUp', false, at, 4, 3), {row: 1, column: 3, place: 1});
    assert.deepEqual(within('ArrowDown', false, at, 4, 3), {row: 1, column: 3, place: 3});
});

test('with Shift they move it to another person', () => {
    assert.deepEqual(within('ArrowUp', true, at, 4, 3), {row: 0, column: 3, place: null});
    assert.deepEqual(within('ArrowDown', true, at, 4, 3), {row: 2, column: 3, place: null});
});

test('nothing leaves the week, its people or its cell, and other keys do nothing', () => {
    assert.equal(within('ArrowLeft', false, {...at, column: 0}, 4, 3), null);
    assert.equal(within('ArrowRight', false, {...at, column: 6}, 4, 3), null);
    assert.equal(within('ArrowUp', true, {...at, row: 0}, 4, 3), null);
    assert.equal(within('ArrowDown', true, {...at, row: 3}, 4, 3), null);
    assert.equal(within('ArrowUp', false, {...at, place: 1}, 4, 3), null);
    assert.equal(within('ArrowDown', false, {...at, place: 3}, 4, 3), null);
    assert.equal(within('Enter', false, at, 4, 3), null);
});

test('what lies beside the week comes onto its first day', () => {
    assert.deepEqual(within('ArrowUp', false, null, 4, 0), {row: 0, column: 0, place: null});
    assert.equal(within('ArrowLeft', false, null, 4, 0), null);
});
