import {chromium as playwright, expect} from '@playwright/test';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import {chromium} from './chromium.mjs';
import {startWay} from './cut.mjs';

/** A device of its own: a browser that can be closed and opened again, behind a way to the server that can be cut. */
export const startDevice = async (port, size = {width: 390, height: 800}) => {
    const way = await startWay(port);
    const profile = fs.mkdtempSync(path.join(os.tmpdir(), 'jurvex-profile-'));
    const device = {way, context: null, page: null};
    device.open = async () => {
        device.context = await playwright.launchPersistentContext(profile, {
            ...chromium,
            baseURL: way.address,
            viewport: size,
            hasTouch: true,
        });
        device.page = device.context.pages()[0] ?? (await device.context.newPage());
        return device.page;
    };
    device.close = () => device.context.close();
    device.end = async () => {
        await device.context.close().catch(() => {});
        way.end();
        fs.rmSync(profile, {recursive: true, force: true});
    };
    await device.open();
    return device;
};

/** Takes pages along as a press at Home does; by itself a browser does so only where it finds the signal good. */
export const takeAlong = async (page, job, benches) => {
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    const needed = benches.map((bench) => job + bench);
    const missing = () =>
        page.evaluate(async (all) => {
            await Promise.all(all.map((address) => fetch(address, {headers: {'X-Along': '1'}}).then((answer) => answer.text())));
            const found = await Promise.all(all.map((address) => caches.match(address)));
            return all.filter((address, i) => !found[i]);
        }, needed);
    await expect.poll(missing, {timeout: 60_000, intervals: [1000]}).toEqual([]);
};

export const signal = (page) => page.locator('.signal');
export const waiting = (page) => page.locator('.signal-waits');

/** How many entries are written down in the browser; none can be told while the page goes elsewhere. */
export const countWritten = (page) =>
    page
        .evaluate(
            () =>
                new Promise((resolve) => {
                    const asked = indexedDB.open('jurvex', 1);
                    asked.onsuccess = () => {
                        const count = asked.result.transaction('entries').objectStore('entries').count();
                        count.onsuccess = () => resolve(count.result);
                    };
                }),
        )
        .catch(() => 'away');

/** Waits until nothing waits any more. */
export const allSent = (page) => expect.poll(() => countWritten(page), {timeout: 60_000}).toBe(0);
