import {readFileSync} from 'node:fs';
import {expect, test} from './test.mjs';
import {complaints, jobAddress, signIn} from './steps.mjs';

const office = 'office@tideway.example';

// Each person has a theme, so that they do not switch each other's screen, a job, and a size of screen. Of the other themes only contrast
// can differ.
const people = [
    {person: office, theme: 'Daylight', code: 'light', place: 'Pottery', others: ['dark', 'sun'], viewport: {width: 1280, height: 800}},
    {person: 'bo@lantern.example', theme: 'Basement', code: 'dark', place: 'Sail', others: [], viewport: {width: 390, height: 800}},
];
const axe = readFileSync(new URL('node_modules/axe-core/axe.min.js', import.meta.url), 'utf8');
/** What is seriously wrong on a page: all rules, or those that are named. No page has frames of others, so one pass is enough. */
const serious = async (page, address, ...rules) => {
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe);
    const found = await page.evaluate(async (only) => {
        // The styles are the page's own, so none has to be fetched first.
        const options = {resultTypes: ['violations'], preload: false, ...(only.length ? {runOnly: only} : {})};
        const {violations} = await window.axe.run(document, options);
        return violations.map(({id, impact, nodes: [{html, failureSummary}]}) => ({id, impact, html, failureSummary}));
    }, rules);
    return found
        .filter(({impact}) => ['serious', 'critical'].includes(impact))
        .map(({id, html, failureSummary}) => `${address}: ${id} ${html.slice(0, 160)} ${failureSummary}`);
};
for (const {person, theme, code, place, others, viewport} of people) {
    test(`nothing serious for axe on any main screen, ${theme.toLowerCase()} ${others.join(' ')}`, async ({page}) => {
        // Some twenty pages one after the other: the usual minute is for one.
        test.slow();
        const heard = complaints(page);
        await page.setViewportSize(viewport);
        await signIn(page, person);
        await page.goto('/settings');
        await page.locator('.pick', {hasText: theme}).click();
        await page.getByRole('button', {name: 'Save'}).first().click();
        await expect(page.locator('html')).toHaveAttribute('data-bs-theme', code);
        const job = await jobAddress(page, place);
        const pages = [
            '/',
            '/jobs/new',
            '/settings',
            '/settings/way-in',
            '/settings/clearing',
            '/kit',
            '/settings/prices',
            '/practice',
            '/import',
            '/due',
            job,
            ...[
                'way-in',
                'way-in/stoppage',
                'way-in/openings',
                'way-in/reach',
                'clear/plan',
                'clear/bench',
                'clear/run',
                'clear',
                'look',
                'mark',
                'mark/site',
                'mark/ground',
                'judge',
                'judge/options',
                'judge/dig-sheet',
                'hand-over',
                'hand-over/before-after',
                'report',
            ].map((stage) => job + '/' + stage),
        ];
        await page.goto(job);
        pages.push(await page.locator('.bar-place').getAttribute('href'));
        pages.push('/keys');
        if (person === office) pages.push('/numbers', '/settings/people', '/board');
        for (const address of pages) {
            await page.goto(address);
            if (address.endsWith('/look')) {
                await page.keyboard.press('w');
                await expect(page.locator('.entry')).toBeVisible();
            }
            if (address.endsWith('/judge')) await page.locator('.judgements summary').first().click();
            expect(await serious(page, address)).toEqual([]);
            // A report is on paper, whatever the theme.
            for (const other of address.endsWith('/report') ? [] : others) {
                await page.evaluate((name) => document.documentElement.setAttribute('data-bs-theme', name), other);
                expect(await serious(page, address + ' ' + other, 'color-contrast')).toEqual([]);
            }
        }
        expect(heard).toEqual([]);
    });
}

test('the ribbon says in words what it draws, and leads to the finding', async ({page}) => {
    await signIn(page, office);
    const job = await jobAddress(page, 'Pottery');
    await page.goto(job + '/mark');
    await expect(page.locator('#ribbon ol')).toContainText('24.8 m: Root clump, 55 %, Now');
    await expect(page.locator('#ribbon ol')).toContainText('26.9 m – 31.4 m: Not reached');
    await page.goto(job + '/judge');
    await page.locator('#ribbon .sign.need-now').click();
    await expect(page.locator('.judgements li:target')).toContainText('Root clump');
    const width = () => page.locator('#ribbon .drawing').evaluate((svg) => svg.getBoundingClientRect().width);
    const before = await width();
    await page.getByRole('button', {name: 'Closer'}).click();
    expect(await width()).toBeCloseTo(2 * before, -1);
    await page.locator('.ribbon-scroll').focus();
    await page.keyboard.press('-');
    expect(await width()).toBeCloseTo(before, -1);
});

test('a share link opens the report on a phone without an account, until it is revoked', async ({page, browser}) => {
    await signIn(page, office);
    const hand = (await jobAddress(page, 'Animal')) + '/hand-over';
    await page.goto(hand);
    await page.getByRole('button', {name: 'Make a share link'}).click();
    const address = await page.locator('.share-address').first().getAttribute('href');
    const stranger = await (await browser.newContext({viewport: {width: 360, height: 740}})).newPage();
    await stranger.goto(address);
    await expect(stranger.locator('h1')).toHaveText('Animal clinic, 17 Rope Walk');
    expect(await stranger.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    await page.getByRole('button', {name: 'Revoke'}).first().click();
    await expect(page.locator('.links')).toContainText('revoked');
    expect((await stranger.goto(address)).status()).toBe(404);
});
