import {expect, test} from './test.mjs';
import {allSent, signal, startDevice, takeAlong, waiting} from './away.mjs';
import {jobAddress, leave, signIn, technician} from './steps.mjs';

const OFFICE = 'office@tideway.example';
const place = (page) => page.locator('#opening_form_place');
const addOpening = async (page, name) => {
    if (!(await place(page).isVisible())) await page.locator('summary', {hasText: 'Add an opening'}).tap();
    await place(page).fill(name);
    await page.locator('form[name=opening_form] button.go').tap();
};
/** A run of a job of its own, at whose bench one is. */
const beginRun = async (page, where) => {
    await page.goto('/jobs/new');
    await page.locator('.pick', {hasText: 'Stoppage'}).first().tap();
    await page.getByLabel('Where').fill(where);
    await page.getByLabel('Customer', {exact: true}).fill('Ida Brandt');
    await page.getByRole('button', {name: 'Open the job'}).tap();
    await page.waitForURL(/\/jobs\/[0-9a-f-]{36}(?!\/open)/);
    const job = new URL(page.url()).pathname.match(/^\/jobs\/[0-9a-f-]{36}/)[0];
    await page.goto(job + '/way-in/openings');
    await place(page).fill('Yard gully');
    await page.locator('form[name=opening_form] button.go').tap();
    await expect(page.locator('.opening-list')).toContainText('Yard gully');
    await page.goto(job + '/look');
    await page.getByRole('button', {name: 'Zero the counter and start'}).tap();
    await expect(page.getByLabel('Counter reads')).toBeVisible();
    return job;
};
const logRoot = async (page, at) => {
    await page.getByLabel('Counter reads').fill(String(at));
    await page.getByRole('button', {name: 'Roots'}).first().tap();
    await page.getByRole('button', {name: '25 %'}).tap();
    await page.getByRole('button', {name: /^Save/}).tap();
    await expect(page.locator('.entry')).toBeHidden();
};
const findings = async (page, job) => (await (await page.request.get(job + '/job.json')).json()).runs[0].findings;

test('two on one job, one without a signal: nothing of either is lost, and what both changed waits for a person', async ({port}) => {
    const [away, near] = [await startDevice(port), await startDevice(port)];
    await signIn(away.page, technician);
    await signIn(near.page, OFFICE);
    const job = await jobAddress(away.page, 'Animal clinic');
    await away.page.goto(job);
    await takeAlong(away.page, job, ['', '/way-in/openings']);
    await near.page.goto(job);

    away.way.cut();
    await away.page.goto(job + '/way-in/openings');
    await addOpening(away.page, 'Behind the boiler');
    await expect(signal(away.page)).toContainText('1 entry waits');
    await away.page.goto(job);
    await away.page.getByLabel('What backs up').fill('Basin in the kennels');
    await away.page.getByRole('button', {name: 'Save'}).first().tap();
    await expect(signal(away.page)).toContainText('2 entries wait');

    await near.page.getByLabel('What backs up').fill('Floor drain of the wash room');
    await near.page.getByRole('button', {name: 'Save'}).first().tap();
    await near.page.goto(job + '/way-in/openings');
    await addOpening(near.page, 'By the side door');
    await expect(near.page.locator('.opening-list')).toContainText('By the side door');

    away.way.mend();
    await away.page.reload();
    await expect(signal(away.page)).toContainText('Waiting for you: 1', {timeout: 30_000});
    await expect(waiting(away.page)).toHaveCount(0);
    await signal(away.page).locator('button').first().tap();
    const refused = away.page.locator('.signal-refused');
    await expect(refused).toContainText('Basin in the kennels');
    await expect(refused).toContainText('Floor drain of the wash room');
    // One goes there, sees what stands there now, and gives it in anew.
    await refused.getByRole('link', {name: 'Go there'}).tap();
    await expect(away.page.getByLabel('What backs up')).toHaveValue('Floor drain of the wash room');
    await away.page.getByLabel('What backs up').fill('Floor drain and basin');
    await leave(away.page, () => away.page.getByRole('button', {name: 'Save'}).first().tap());
    await signal(away.page).locator('button').first().tap();
    await away.page.locator('.signal-refused button', {hasText: 'Throw away'}).tap();
    await expect(signal(away.page)).toBeHidden();
    const file = await (await away.page.request.get(job + '/job.json')).json();
    const places = file.openings.map((each) => each.place);
    for (const name of ['Behind the boiler', 'By the side door']) expect(places.filter((each) => each === name)).toHaveLength(1);
    await away.page.goto(job);
    await expect(away.page.getByLabel('What backs up')).toHaveValue('Floor drain and basin');
    await away.end();
    await near.end();
});

test('a signal that comes and goes every few seconds stores every entry once, in order', async ({port}) => {
    const device = await startDevice(port);
    const {page, way} = device;
    await signIn(page, technician);
    const job = await beginRun(page, 'Boat shed, north slip');
    let isThere = true;
    const flaps = setInterval(() => {
        isThere = !isThere;
        if (isThere) way.mend();
        else way.cut();
    }, 1500);
    const places = Array.from({length: 15}, (_, i) => i + 1);
    for (const at of places) await logRoot(page, at);
    clearInterval(flaps);
    way.mend();
    await allSent(page);
    const logged = await findings(page, job);
    expect(logged.map((each) => each.from_m)).toEqual(places);
    expect(new Set(logged.map((each) => each.id)).size).toBe(places.length);
    await device.end();
});

test('another version arrives between jobs and not in a run, and what waited is sent by it', async ({port}) => {
    const device = await startDevice(port);
    const {way} = device;
    let {page} = device;
    await signIn(page, technician);
    const job = await beginRun(page, 'Boat shed, south slip');
    await takeAlong(page, job, ['/look']);
    const state = () =>
        page.evaluate(async () => {
            const registration = await navigator.serviceWorker.getRegistration();
            return [registration.waiting !== null, (await caches.keys()).includes('build-another')];
        });
    way.cut();
    await logRoot(page, 4);
    await expect(signal(page)).toContainText('1 entry waits');
    way.change('/worker.js', (text) => text.replace(/const BUILD = '\w+'/, "const BUILD = 'another'"));
    // Nothing is sent yet: the pages are found, the entries not.
    way.mend();
    await page.evaluate(() => navigator.serviceWorker.getRegistration().then((registration) => registration.update()));
    await expect.poll(state).toEqual([true, true]);
    await page.waitForTimeout(3000);
    expect(await state()).toEqual([true, true]);
    await page.goto('/');
    // A browser that is watched may hold on to the version before; one that is opened again does not.
    await device.close();
    page = await device.open();
    await signIn(page, technician);
    await expect.poll(state).toEqual([false, true]);
    await allSent(page);
    expect((await findings(page, job)).map((each) => each.from_m)).toEqual([4]);
    await device.end();
});

test('a device that has no room says so at once, and what was typed stays', async ({port}) => {
    const device = await startDevice(port);
    const {page, way, context} = device;
    await signIn(page, technician);
    const job = await beginRun(page, 'Boat shed, west slip');
    await takeAlong(page, job, ['/way-in/openings']);
    const fill = () => {
        IDBObjectStore.prototype.add = () => {
            throw new DOMException('full', 'QuotaExceededError');
        };
    };
    way.cut();
    await page.evaluate(fill);
    await page.getByLabel('Counter reads').fill('3');
    await page.getByRole('button', {name: 'Roots'}).first().tap();
    await page.getByRole('button', {name: '25 %'}).tap();
    await page.getByRole('button', {name: /^Save/}).tap();
    await expect(signal(page)).toContainText('This device keeps nothing');
    await expect(page.locator('.entry .error')).toBeVisible();
    await expect(page.locator('#size')).toHaveValue('25');
    await context.serviceWorkers()[0].evaluate(fill);
    await page.goto(job + '/way-in/openings');
    await addOpening(page, 'At the ramp');
    await expect(signal(page)).toContainText('This device keeps nothing');
    await expect(place(page)).toHaveValue('At the ramp');
    await device.end();
});
