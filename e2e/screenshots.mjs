/** Takes the pictures of docs/screenshots/ from the demo data: node screenshots.mjs SERVER FOLDER */
import {chromium as playwright} from '@playwright/test';
import {freshId} from '../assets/scripts/ids.js';
import {chromium} from './chromium.mjs';

const [, , server, folder] = process.argv;
const laptop = {width: 1280, height: 800};
const phone = {width: 360, height: 780};
const browser = await playwright.launch(chromium);

async function person(email, viewport) {
    const page = await (await browser.newContext({viewport, baseURL: server, hasTouch: viewport === phone})).newPage();
    await page.goto('/sign-in');
    await page.fill('#email', email);
    await page.fill('#password', 'jurvex-demo');
    await page.click('button.go');
    await page.waitForURL(server + '/');
    return page;
}

async function job(page, place) {
    await page.goto('/?find=' + encodeURIComponent(place));
    return (await page.locator('.day-list a', {hasText: place}).first().getAttribute('href')).match(
        /^\/jobs\/[0-9a-f-]{36}/,
    )[0];
}

/** Address of the property of a job. */
async function place(page, address) {
    await page.goto(server + address);
    return page.locator('.bar-place').getAttribute('href');
}

async function shot(page, address, name, before = async () => {}) {
    await page.goto(address);
    await page.waitForLoadState('networkidle');
    await before();
    await page.waitForTimeout(400);
    await page.screenshot({path: `${folder}/${name}.png`});
}

const ana = await person('ana@tideway.example', laptop);
const pottery = await job(ana, 'Pottery');
await shot(ana, '/', 'day');
await shot(ana, (await job(ana, 'Café')) + '/hand-over/before-after', 'before-after');
await shot(ana, pottery + '/way-in?at=glaze', 'line-map');
await shot(ana, pottery + '/way-in/stoppage', 'stoppage', async () => {
    for (const sign of await ana.locator('.dangers li').all())
        await sign
            .getByRole('button', {name: 'No'})
            .click()
            .then(() => ana.waitForLoadState('networkidle'));
});
await shot(ana, (await job(ana, 'Wash block')) + '/way-in/reach?target=toilets', 'reach');
await shot(ana, (await job(ana, 'Wash block')) + '/clear/plan', 'clear-plan', async () => {
    await ana.locator('.pick', {hasText: 'Soft grease'}).click();
    await ana.getByRole('button', {name: 'Work out the plans'}).click();
    await ana.locator('.plan-given:not([open])').waitFor();
});
await shot(ana, await place(ana, await job(ana, 'Smokehouse')), 'property');
await shot(ana, pottery + '/look', 'look');
await shot(ana, pottery + '/mark', 'mark');
await shot(ana, pottery + '/judge', 'judge');
await shot(ana, pottery + '/judge/options', 'options');
await shot(ana, pottery + '/judge/dig-sheet', 'dig-sheet');
await shot(ana, pottery + '/hand-over', 'hand-over');
await shot(ana, pottery + '/report', 'report');
const wash = await job(ana, 'Wash block');
await shot(ana, wash + '/clear/run', 'clear-run', async () => {
    const lines = ana.locator('#gate-jet .gate-line:not(.on)');
    while (await lines.count()) {
        if (!(await lines.first().isVisible())) await ana.locator('#gate-jet summary').click();
        await lines.first().click();
        await ana.waitForLoadState('networkidle');
        await ana.waitForTimeout(150);
    }
    await ana.locator('.run-start button', {hasText: 'Free spinner'}).click();
    for (const name of [
        'One mark in',
        'Water on',
        'One mark in',
        'One mark in',
        'One mark in',
        'One mark in',
        'Drag',
    ]) {
        await ana.waitForTimeout(300);
        await ana.getByRole('button', {name, exact: true}).first().click();
    }
    await ana.waitForTimeout(300);
});
/** A line that nobody knows: the reel on, some of it looked at. */
await ana.goto('/practice');
await ana.fill('#seed', '8');
await ana.locator('.pick', {hasText: 'Usual'}).click();
await ana.getByRole('button', {name: 'Begin'}).click();
await ana.waitForURL(/look$/);
const practised = ana.url().match(/\/jobs\/[0-9a-f-]{36}/)[0];
const run = await ana.locator('.look').getAttribute('data-url');
const line = await (await ana.request.get(run + '/reel.json')).json();
await shot(ana, practised + '/look', 'look-live', async () => {
    await ana.getByRole('button', {name: 'Simulated reel'}).click();
    await ana.locator('.picture canvas').waitFor();
    await ana.keyboard.press('t');
    await ana.keyboard.down('Shift');
    await ana.keyboard.down('ArrowUp');
    await ana.waitForFunction(
        (to) => Number(document.querySelector('.picture canvas').dataset.head) >= to,
        line.length - 0.05,
        {timeout: 90000},
    );
    await ana.keyboard.up('ArrowUp');
    await ana.keyboard.down('ArrowDown');
    const seen = line.things
        .filter((thing) => thing.kind !== 'bend' && thing.kind !== 'tap' && thing.family !== 'water')
        .pop();
    await ana.waitForFunction(
        (to) => Number(document.querySelector('.picture canvas').dataset.head) <= to,
        seen.from - 0.25,
        {timeout: 90000},
    );
    await ana.keyboard.up('ArrowDown');
    await ana.keyboard.up('Shift');
    await ana.keyboard.down('ArrowDown');
    await ana.waitForTimeout(4500);
    await ana.keyboard.up('ArrowDown');
    await ana.waitForTimeout(600);
});
for (const thing of line.things.slice(0, -3)) {
    const token = await ana.locator('meta[name=csrf]').getAttribute('content');
    const id = freshId();
    await ana.request.post(run + '/findings/' + id, {
        headers: {'X-Csrf-Token': token, 'X-Requested-With': 'XMLHttpRequest'},
        form: {
            kind: thing.kind,
            reading_from: String(thing.from),
            reading_to: thing.to > thing.from ? String(thing.to) : '',
            size: thing.size === null ? '' : String(thing.size),
            clock_from: String(thing.clock ?? ''),
        },
    });
}
await ana.goto(run + '/end');
await ana.locator('.pick', {hasText: 'Main reached'}).click();
await ana.fill('#run_end_form_reachedM', String(line.length));
await ana.getByRole('button', {name: 'End the run'}).click();
await ana.getByRole('link', {name: 'See the truth'}).waitFor();
await shot(ana, practised + '/practice', 'practice');

const hand = await person('ana@tideway.example', phone);
/* Without a signal: what is logged waits at its place. */
await hand.evaluate(() => navigator.serviceWorker.ready);
await hand.goto(pottery + '/look');
await hand.waitForLoadState('networkidle');
await hand.context().setOffline(true);
await shot(hand, pottery + '/look', 'phone-look', async () => {
    await hand.fill('#reading', '25.6');
    await hand.locator('.tile', {hasText: 'Roots'}).tap();
    await hand.locator('.entry-sizes').first().tap();
    await hand.getByRole('button', {name: /^Save/}).tap();
    await hand.locator('.ribbon-ghost').waitFor();
});

const bo = await person('bo@lantern.example', laptop);
await bo.goto('/settings');
await bo.locator('.pick', {hasText: 'Basement'}).click();
await bo.getByRole('button', {name: 'Save'}).first().click();
await shot(bo, (await job(bo, 'Rope store')) + '/look', 'narration', async () => {
    await bo.goto(await bo.locator('a[href$="/narration"]').first().getAttribute('href'));
    await bo.waitForLoadState('networkidle');
    for (let i = 0; i < 4; i++) await bo.keyboard.press('ArrowDown');
});
await browser.close();
