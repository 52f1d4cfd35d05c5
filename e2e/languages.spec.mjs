import {expect, test} from './test.mjs';
import {jobAddress, signIn} from './steps.mjs';

test.use({locale: 'es-MX'});

const STAGES = [
    '',
    '/way-in',
    '/way-in/stoppage',
    '/clear/plan',
    '/clear/run/ahead/jet',
    '/look',
    '/mark',
    '/judge',
    '/judge/options',
    '/hand-over',
];
const PAGES = ['/', '/jobs/new', '/settings', '/kit', '/due', '/board', '/keys'];
const SIZES = [
    [1280, 800],
    [390, 844],
];

/** Every word of a page a third longer, as in a language that needs more letters. */
const lengthen = () => {
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (texts.nextNode()) {
        const text = texts.currentNode;
        if (/\p{L}{3}/u.test(text.data) && !text.parentElement.closest('script, style, svg, [hidden]'))
            text.data = text.data.replace(/\p{L}{3,}/gu, (word) => word + 'ñ'.repeat(Math.ceil(word.length / 3)));
    }
};

/** What is pressed or read first and loses some of its words, or hangs over the edge of the screen. */
const cut = () =>
    [...document.querySelectorAll('main :is(button, a, summary, label, legend, h1, h2, h3, th), .bar-nav *')]
        .filter((each) => each.checkVisibility() && !each.closest('svg, [hidden], .visually-hidden'))
        .filter((each) => {
            const style = getComputedStyle(each);
            return style.overflowX !== 'visible' && style.overflowX !== 'auto' && each.scrollWidth > each.clientWidth + 1;
        })
        .map((each) => each.outerHTML.slice(0, 90));

test('every main view holds words that are a third longer, on a laptop and on a phone', async ({page}) => {
    await signIn(page);
    const job = await jobAddress(page, 'Pottery');
    for (const address of [...PAGES, ...STAGES.map((stage) => job + stage), job + '/report']) {
        await page.goto(address);
        await expect(page.locator('html')).toHaveAttribute('lang', 'es');
        await page.evaluate(lengthen);
        for (const [width, height] of SIZES) {
            await page.setViewportSize({width, height});
            const over = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
            await expect.poll(over, {message: `${address} at ${width}`}).toBeLessThanOrEqual(0);
            expect.soft(await page.evaluate(cut), `${address} at ${width}`).toEqual([]);
        }
    }
});
