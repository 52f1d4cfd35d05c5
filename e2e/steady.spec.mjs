import {expect, test} from './test.mjs';
import {signal, startDevice} from './away.mjs';
import {jobAddress, signIn} from './steps.mjs';

/* What the layout may jump while a page loads, as the browser counts it. */
const LEAST_STEADY = 0.05;
const STAGES = ['way-in', 'way-in/stoppage', 'way-in/reach', 'clear/plan', 'clear/bench', 'clear/run', 'look', 'mark'];
const ADDRESSES = ['', ...[...STAGES, 'judge', 'hand-over', 'report'].map((stage) => '/' + stage)];
const SIZES = {phone: {width: 360, height: 780}, laptop: {width: 1280, height: 800}};

const shiftOf = (page) =>
    page.evaluate(
        () =>
            new Promise((tell) => {
                let shift = 0;
                new PerformanceObserver((list) => {
                    for (const entry of list.getEntries()) if (!entry.hadRecentInput) shift += entry.value;
                }).observe({type: 'layout-shift', buffered: true});
                setTimeout(() => tell(shift), 900);
            }),
    );

for (const [name, viewport] of Object.entries(SIZES))
    test(`no stage jumps while it loads with nothing cached, ${name}`, async ({page, browser, baseURL}) => {
        test.slow();
        await signIn(page);
        const job = await jobAddress(page, 'Pottery');
        const storageState = await page.context().storageState();
        const shifts = {};
        for (const address of ADDRESSES) {
            const context = await browser.newContext({viewport, baseURL, storageState});
            const fresh = await context.newPage();
            await fresh.goto(job + address, {waitUntil: 'load'});
            shifts[address] = await shiftOf(fresh);
            await context.close();
        }
        if (process.env.SHIFTS) console.log(name, shifts);
        expect(Object.entries(shifts).filter(([, shift]) => shift >= LEAST_STEADY)).toEqual([]);
    });

test('a signal that goes, with an entry that waits, and comes again moves nothing that is pressed', async ({port}) => {
    const device = await startDevice(port);
    const {page, way} = device;
    await signIn(page);
    await page.goto((await jobAddress(page, 'Pottery')) + '/look', {waitUntil: 'networkidle'});
    const tiles = () => page.locator('.tile').evaluateAll((all) => all.map((tile) => tile.getBoundingClientRect().top + window.scrollY));
    const before = await tiles();
    way.cut();
    await page.fill('#reading', '25.6');
    await page.getByRole('button', {name: 'Roots'}).tap();
    await page.getByRole('button', {name: '25 %'}).tap();
    await page.getByRole('button', {name: /^Save/}).tap();
    await expect(signal(page)).toContainText('1 entry waits');
    await expect.poll(tiles).toEqual(before);
    way.mend();
    await expect(signal(page)).toBeHidden({timeout: 60_000});
    await expect(page.locator('#readouts')).toHaveText(/25\.6/);
    await expect.poll(tiles).toEqual(before);
    await device.end();
});
