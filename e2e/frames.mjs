/** Counts the frames of the view down the bore on a long line, rod going in: node frames.mjs SERVER */
import {chromium as playwright} from '@playwright/test';
import {chromium} from './chromium.mjs';

const SECONDS = 8;
const browser = await playwright.launch(chromium);
const page = await (
    await browser.newContext({viewport: {width: 1280, height: 800}, baseURL: process.argv[2]})
).newPage();
await page.goto('/sign-in');
await page.fill('#email', 'ana@tideway.example');
await page.fill('#password', 'jurvex-demo');
await page.click('button.go');
await page.goto('/practice');
await page.fill('#seed', '8');
await page.locator('.pick', {hasText: 'Hard'}).click();
await page.getByRole('button', {name: 'Begin'}).click();
await page.getByRole('button', {name: 'Simulated reel'}).click();
await page.locator('.picture canvas').waitFor();
await page.keyboard.down('Shift');
await page.keyboard.down('ArrowUp');
const frames = async () => Number(await page.locator('.picture canvas').getAttribute('data-frames'));
await page.waitForTimeout(1000);
const [first, began] = [await frames(), Date.now()];
await page.waitForTimeout(1000 * SECONDS);
const rate = ((await frames()) - first) / ((Date.now() - began) / 1000);
console.log(
    `view down the bore, 1280 x 800, headless: ${rate.toFixed(1)} frames a second, bound 30 ${rate >= 30 ? 'kept' : 'UNDER'}`,
);
await browser.close();
