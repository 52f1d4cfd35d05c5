/** Takes the pictures of docs/screenshots/ from the demo data: node screenshots.mjs SERVER FOLDER */
import {chromium as playwright} from '@playwright/test';
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
    return (await page.locator('.day-list a', {hasText: place}).first().getAttribute('href')).match(/^\/jobs\/[0-9a-f-]{36}/)[0];
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
await shot(ana, '/jobs/new', 'call');
await shot(ana, pottery + '/way-in?at=glaze', 'line-map');
await shot(ana, pottery + '/way-in/stoppage', 'stoppage', async () => {
    for (const sign of await ana.locator('.dangers li').all()) await sign.getByRole('button', {name: 'No'}).click().then(() => ana.waitForLoadState('networkidle'));
});
await shot(ana, (await job(ana, 'Wash block')) + '/way-in/reach?target=toilets', 'reach');
await shot(ana, (await job(ana, 'Wash block')) + '/clear/plan', 'clear-plan', async () => {
    await ana.locator('.pick', {hasText: 'Soft grease'}).click();
    await ana.getByRole('button', {name: 'Work out the plans'}).click();
    await ana.locator('.plan-given:not([open])').waitFor();
});
await shot(ana, pottery + '/clear/bench', 'jet-bench');
await shot(ana, pottery + '/look', 'look');
await shot(ana, pottery + '/look', 'look-finding', async () => {
    for (const key of ['q', 'q', 'q', 'ArrowRight', 'ArrowRight', '5', '5']) await ana.keyboard.press(key);
});
await shot(ana, pottery + '/mark', 'mark');
await shot(ana, pottery + '/judge', 'judge', async () => ana.locator('.judgements summary').first().click());
await shot(ana, pottery + '/hand-over', 'hand-over');
await shot(ana, pottery + '/report', 'report');
await shot(ana, (await job(ana, 'Terraced')) + '/look', 'look-upstream');

const hand = await person('ana@tideway.example', phone);
await shot(hand, (await job(hand, 'Wash block')) + '/way-in/stoppage', 'phone-stoppage', async () => hand.locator('.plan-sheet').evaluate((sheet) => sheet.scrollIntoView()));
await shot(hand, pottery + '/look', 'phone-look');
await shot(hand, pottery + '/judge', 'phone-judge');
await shot(hand, pottery + '/report', 'phone-report');

const bo = await person('bo@lantern.example', laptop);
await bo.goto('/settings');
await bo.locator('.pick', {hasText: 'Basement'}).click();
await bo.getByRole('button', {name: 'Keep'}).first().click();
await shot(bo, (await job(bo, 'Sail')) + '/look', 'look-basement-feet');
await browser.close();
