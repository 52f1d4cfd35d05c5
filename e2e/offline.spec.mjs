import {expect, test} from '@playwright/test';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import {chromium as playwright} from '@playwright/test';
import {chromium} from './chromium.mjs';
import {startWay} from './cut.mjs';
import {jobAddress, signIn} from './steps.mjs';

const SERVER = 8398;
const OTHER = 'bo@lantern.example';

/** A browser of its own that can be closed and opened again, behind a way that can be cut. */
const opened = async (way, profile) => {
    const context = await playwright.launchPersistentContext(profile, {
        ...chromium,
        baseURL: way.address,
        viewport: {width: 390, height: 800},
        hasTouch: true,
    });
    return {context, page: context.pages()[0] ?? (await context.newPage())};
};
const waiting = (page) => page.locator('.signal-row:not(.signal-refused)');

test('a job goes on without a network, through a closed browser, and arrives once, in order, at the times of the device', async () => {
    const way = await startWay(SERVER);
    const profile = fs.mkdtempSync(path.join(os.tmpdir(), 'jurvex-profile-'));
    let {context, page} = await opened(way, profile);
    await signIn(page, OTHER);
    const job = await jobAddress(page, 'Net store');
    await page.goto(job + '/way-in');
    // It is taken along by itself while somebody stays on it.
    const needed = ['/way-in/stoppage', '/way-in/openings', '/clear'].map((bench) => job + bench);
    const missing = () =>
        page.evaluate(async (all) => {
            const found = await Promise.all(all.map((address) => caches.match(address)));
            return all.filter((address, i) => !found[i]);
        }, needed);
    await expect.poll(missing, {timeout: 60_000}).toEqual([]);

    way.cut();
    await page.goto(job + '/way-in/stoppage');
    await expect(page.locator('.signal')).toContainText('No signal');
    await page.locator('.bench form', {hasText: 'Yes'}).first().getByRole('button', {name: 'Yes'}).tap();
    await expect(page.locator('.signal')).toContainText('1 entry waits');
    await page.goto(job + '/way-in/openings');
    await page.fill('#opening_form_place', 'Gully at the gate');
    await page.locator('form[name=opening_form] button.go').tap();
    await expect(page.locator('.signal')).toContainText('2 entries wait');
    await page.goto(job + '/clear');
    await page.locator('.bench details').evaluateAll((all) => all.forEach((each) => (each.open = true)));
    await page.fill('#flow_test_form_minutes', '5');
    await page.locator('form[name=flow_test_form] label', {hasText: 'Drains freely'}).tap();
    await page.getByRole('button', {name: 'Log the test'}).tap();
    await expect(page.locator('.signal')).toContainText('3 entries wait');
    // Through a shut gate nothing goes, later either.
    await page.locator('form[name=pass_form] label', {hasText: 'Jet'}).first().tap();
    await page.fill('#pass_form_head', 'Flusher');
    await page.fill('#pass_form_inM', '18');
    await page.locator('form[name=pass_form] button.go:not([type=button])').tap();
    await expect(page.locator('.signal')).toContainText('4 entries wait');
    const made = Date.now();

    await context.close();
    ({context, page} = await opened(way, profile));
    await page.goto(job + '/clear');
    await expect(page.locator('.signal')).toContainText('4 entries wait');
    await page.locator('.signal button').first().tap();
    await expect(waiting(page).nth(1)).toContainText('Gully at the gate');
    // Whoever would sign out is told first.
    await page.locator('.bar-more').tap();
    await page.getByRole('button', {name: 'Sign out'}).tap();
    await expect(page.locator('.bar-warned')).toBeVisible();

    await page.waitForTimeout(3000);
    const mended = Date.now();
    way.mend();
    await signIn(page, OTHER);
    await expect(page.locator('.signal')).toContainText('1 wait for you', {timeout: 30_000});
    await expect(waiting(page)).toHaveCount(0);
    await page.locator('.signal button').first().tap();
    await expect(page.locator('.signal-refused')).toContainText('first make safe');
    const file = await (await page.request.get(job + '/job.json')).json();
    expect(file.openings.map((each) => each.place)).toEqual(['Gully at the gate']);
    expect(file.passes).toEqual([]);
    expect(file.flow_tests).toHaveLength(1);
    const logged = new Date(file.flow_tests[0].logged_at).getTime();
    expect(logged).toBeLessThan(mended - 2000);
    expect(Math.abs(logged - made)).toBeLessThan(20_000);
    await page.locator('.signal-refused button', {hasText: 'Throw away'}).tap();
    await expect(page.locator('.signal')).toBeHidden();
    // Nobody after them reads what was kept for them.
    await page.locator('.bar-more').tap();
    await page.getByRole('button', {name: 'Sign out'}).tap();
    await expect(page).toHaveURL(/sign-in/);
    const keptFor = () => page.evaluate(async () => (await caches.keys()).filter((name) => name.startsWith('pages-')));
    await expect.poll(keptFor).toEqual([]);
    way.cut();
    await page.goto(job + '/clear');
    await expect(page.locator('h1')).toHaveText('No signal');
    await context.close();
    way.end();
    fs.rmSync(profile, {recursive: true, force: true});
});
