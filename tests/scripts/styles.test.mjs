import assert from 'node:assert/strict';
import {readdirSync, readFileSync} from 'node:fs';
import {test} from 'node:test';

const folder = new URL('../../assets/styles/', import.meta.url);

/** The class with which each selector of a file begins: that is what the rule styles, or styles within. */
const firstClasses = (css) => {
    const plain = css.replace(/\/\*[\s\S]*?\*\//g, '').replace(/@(media|supports)[^{]*\{/g, '');
    const selectors = [...plain.matchAll(/([^{}]+)\{[^{}]*\}/g)].flatMap(([, list]) => list.split(','));
    return selectors.map((selector) => /\.([a-z][\w-]*)/i.exec(selector)?.[1]).filter(Boolean);
};

test('no class is styled from two files, so that no screen can change another', () => {
    const owner = {};
    for (const file of readdirSync(folder).filter((name) => name.endsWith('.css'))) {
        for (const name of firstClasses(readFileSync(new URL(file, folder), 'utf8'))) {
            assert.equal((owner[name] ??= file), file, `.${name}`);
        }
    }
    assert.ok(Object.keys(owner).length > 100);
});
