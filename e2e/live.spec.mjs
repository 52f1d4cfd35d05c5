import {expect, test} from './test.mjs';
import {complaints, jobAddress, leave, signIn} from './steps.mjs';

/** Begins to practise on a line by its number; what the line is comes back. */
async function practise(page, difficulty, seed) {
    await page.goto('/practice');
    await page.locator('.pick', {hasText: difficulty}).click();
    await page.fill('#seed', String(seed));
    await leave(page, () => page.getByRole('button', {name: 'Begin'}).click());
    const url = await page.locator('.look').getAttribute('data-url');
    return {url, view: await (await page.request.get(url + '/reel.json')).json()};
}
const shown = async (page) => Number(await page.inputValue('#reading'));
/** Holds a key until the counter is there. */
async function rod(page, keys, isThere) {
    for (const key of keys) await page.keyboard.down(key);
    await expect.poll(async () => isThere(await shown(page)), {timeout: 90_000, intervals: [40]}).toBe(true);
    for (const key of keys.reverse()) await page.keyboard.up(key);
}
const back = async (page, to) => {
    if ((await shown(page)) > to + 0.4) await rod(page, ['Shift', 'ArrowDown'], (at) => at <= to + 0.25);
    await rod(page, ['ArrowDown'], (at) => at <= to + 0.05);
    // A busy machine lets go late: on again, and back, until it stands there.
    for (let tries = 0; tries < 6 && Math.abs((await shown(page)) - to) > 0.2; tries++) {
        await rod(page, ['ArrowUp'], (at) => at >= to - 0.05);
        await rod(page, ['ArrowDown'], (at) => at <= to + 0.05);
    }
};

test('a whole look on a simulated reel by keys alone, and the record is the line', async ({page}) => {
    test.setTimeout(240_000);
    const heard = complaints(page);
    await signIn(page);
    const {url, view} = await practise(page, 'Easy', 13);
    await page.getByRole('button', {name: 'Simulated reel'}).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('.picture canvas')).toBeVisible();
    await page.evaluate(() => document.activeElement.blur());

    await rod(page, ['Shift', 'ArrowUp'], (at) => at >= view.length * 1.0095);
    // The key may have been let go a hand's breadth before the end.
    await page.keyboard.down('ArrowUp');
    await expect(page.locator('.going')).toContainText('goes no farther');
    await page.keyboard.up('ArrowUp');
    await page.keyboard.press('t');
    await expect(page.locator('#readouts')).toContainText('off for 0 min');
    await expect(page.locator('#readouts')).toContainText(/\d% .*(meets|short|cannot)|%/);

    const tiles = JSON.parse(await page.locator('.look').getAttribute('data-tiles'));
    const press = async (key, times = 1) => {
        for (let i = 0; i < times; i++) await page.keyboard.press(key);
    };
    const open = async (kind) => {
        const family = tiles.find((each) => each.kinds.some((one) => one.code === kind));
        await press(family.key, 1 + family.kinds.findIndex((one) => one.code === kind));
        await expect(page.locator('.entry')).toBeVisible();
        return family.kinds.find((one) => one.code === kind);
    };
    /* What has begun is what its key opens again. */
    const reopen = async (kind) => {
        await press(tiles.find((each) => each.kinds.some((one) => one.code === kind)).key);
        await expect(page.locator('.entry')).toBeVisible();
    };
    const truth = view.things.filter((thing) => thing.kind !== 'tap').sort((a, b) => b.to - a.to);
    for (const thing of truth) {
        await back(page, thing.to);
        const kind = await open(thing.kind);
        if (thing.to > thing.from + 0.05) {
            // Start, deepest and end while drawing back; from the far end on.
            await press('x');
            await back(page, (thing.from + thing.to) / 2);
            if (kind.water) {
                await reopen(thing.kind);
                await press('c');
            }
            await back(page, thing.from);
            await reopen(thing.kind);
            await press('v');
        }
        const clock = thing.clock === null ? 0 : (thing.clock % 12) * 2 + 1;
        if (clock) await press('ArrowRight', clock);
        if (kind.sized) await page.keyboard.type(String(thing.size));
        await press('Enter');
        await expect(page.locator('.entry')).toBeHidden();
    }
    await rod(page, ['Shift', 'ArrowDown'], (at) => at <= 0.02);
    await expect(page.locator('.queue-state')).toBeHidden();

    const stored = await (await page.request.get(url.replace(/\/look\/runs.*/, '/job.json'))).json();
    const logged = stored.runs[0].findings.filter((finding) => !finding.withdrawn_at);
    expect(logged.length).toBe(truth.length);
    for (const thing of truth) {
        const finding = logged.find((each) => each.kind === thing.kind && Math.abs(each.from_m - thing.from) <= 0.25);
        expect(finding, thing.kind + ' at ' + thing.from).toBeTruthy();
        if (thing.to > thing.from + 0.05) expect(Math.abs(finding.to_m - thing.to)).toBeLessThanOrEqual(0.25);
        if (thing.size !== null) expect(finding.size).toBe(thing.size);
    }
    const spot = view.things.find((thing) => thing.kind === 'low_spot');
    await page.reload();
    await expect(page.locator('.ribbon .pool')).toHaveCount(1);
    await expect(page.locator('#numbers')).toContainText('Low spot');
    expect(spot.size).toBeGreaterThan(0);

    await page.evaluate(() => document.activeElement.blur());
    await press('End');
    await page.waitForURL(/\/end$/);
    await page.getByRole('radio', {name: 'Main reached'}).focus();
    await press('Space');
    await page.fill('#run_end_form_reachedM', String(view.length));
    await page.locator('#run_end_form_reachedM').press('Enter');
    await page.getByRole('link', {name: 'See the truth'}).press('Enter');
    const score = Number((await page.locator('.score').textContent()).match(/\d+/)[0]);
    expect(score).toBeGreaterThanOrEqual(90);
    await expect(page.locator('.ribbon')).toHaveCount(2);
    expect(heard).toEqual([]);
});

test("entries outlive the network, the page and the browser's patience, and are stored once each", async ({
    page,
    context,
}) => {
    await signIn(page);
    const {url, view} = await practise(page, 'Easy', 4);
    await page.getByRole('button', {name: 'Simulated reel'}).click();
    await expect(page.locator('.picture canvas')).toBeVisible();
    const log = async (metres, size) => {
        await page.evaluate(() => document.activeElement.blur());
        await page.keyboard.press('q');
        await expect(page.locator('.entry')).toBeVisible();
        await page.keyboard.type(String(size));
        await page.keyboard.press('Enter');
        await expect(page.locator('.entry')).toBeHidden();
    };
    await rod(page, ['ArrowUp'], (at) => at >= 1);
    await log(1, 11);
    await expect(page.locator('#findings li')).toHaveCount(1);

    await context.setOffline(true);
    await rod(page, ['ArrowUp'], (at) => at >= 2);
    await log(2, 12);
    await expect(page.locator('.queue-state')).toContainText('waiting to be sent');
    await expect(page.locator('.told')).toContainText('Kept here');
    await rod(page, ['ArrowUp'], (at) => at >= 3);
    await log(3, 13);
    // One that was wrong is taken back before it was ever sent.
    await log(3, 14);
    await page.keyboard.press('z');
    await expect(page.locator('.told')).toContainText('Taken back');
    await page.close();

    await context.setOffline(false);
    const again = await context.newPage();
    await again.goto(url.replace(/\/runs.*/, ''));
    await expect(again.locator('#findings li')).toHaveCount(3);
    await expect(again.locator('.queue-state')).toBeHidden();
    await again.reload();
    const stored = await (await again.request.get(url.replace(/\/look\/runs.*/, '/job.json'))).json();
    expect(stored.runs[0].findings.map((finding) => finding.size).sort()).toEqual([11, 12, 13]);
    expect(new Set(stored.runs[0].findings.map((finding) => finding.id)).size).toBe(3);
    expect(view.length).toBeGreaterThan(3);
    const lines = (await (await again.request.get(url + '/readings.csv')).text()).trim().split('\n').slice(1);
    expect(lines.length).toBeGreaterThan(20);
    expect(new Set(lines).size).toBe(lines.length);
});

test('a reel on a serial port drives the bench with the same lines', async ({page}) => {
    const heard = complaints(page);
    await page.addInitScript(() => {
        const encoder = new TextEncoder();
        let timer = null;
        const port = {
            async open(options) {
                window.opened = options.baudRate;
            },
            readable: new ReadableStream({
                start(controller) {
                    let i = 0;
                    // Lines come in pieces, as they do from a wire.
                    timer = setInterval(() => {
                        i += 1;
                        const line = `${i / 5},${(i * 0.05).toFixed(3)},-1.20,4.0,\r\n`;
                        controller.enqueue(encoder.encode(line.slice(0, 5)));
                        controller.enqueue(encoder.encode(line.slice(5)));
                    }, 60);
                },
                cancel() {
                    clearInterval(timer);
                },
            }),
            async close() {},
        };
        Object.defineProperty(navigator, 'serial', {value: {requestPort: async () => port}});
    });
    await signIn(page);
    const {url} = await practise(page, 'Easy', 6);
    await page.getByRole('button', {name: 'Reel on a serial port'}).click();
    await expect.poll(() => shown(page)).toBeGreaterThan(1.5);
    expect(await page.evaluate(() => window.opened)).toBe(9600);
    await expect(page.locator('.going')).toContainText('Going in');
    await expect(page.locator('#readouts')).toContainText('2.1 %');
    await expect(page.locator('#readouts')).toContainText('2.0–2.2 %: meets the minimum');
    await page.getByRole('button', {name: 'Reel off'}).click();
    await expect
        .poll(async () => (await (await page.request.get(url + '/readings.csv')).text()).split('\n').length)
        .toBeGreaterThan(30);
    expect(heard).toEqual([]);
});

test('the rod goes by touch and by wheel, and a tap sets the bottom', async ({page}) => {
    await signIn(page);
    await practise(page, 'Easy', 6);
    await page.getByRole('button', {name: 'Simulated reel'}).click();
    const canvas = page.locator('.picture canvas');
    await expect(canvas).toBeVisible();
    const push = page.getByRole('button', {name: 'Push ▶'});
    await push.dispatchEvent('pointerdown');
    await expect.poll(() => shown(page)).toBeGreaterThan(0.3);
    await push.dispatchEvent('pointerup');
    const before = await shown(page);
    await canvas.hover();
    for (let i = 0; i < 12; i++) {
        await page.mouse.wheel(0, -120);
        await page.waitForTimeout(100);
    }
    expect(await shown(page)).toBeGreaterThan(before + 0.1);
    const {width, height} = await canvas.boundingBox();
    await canvas.click({position: {x: width - 20, y: height / 2}});
    await expect(page.locator('.told')).toContainText('Bottom of the pipe at 3');
    // With a low spot open, the tap is the line of the water on the lens.
    await page.keyboard.press('w');
    await canvas.click();
    await expect(page.locator('#size')).not.toHaveValue('');
});
