import {expect, test} from './test.mjs';
import {complaints, jobAddress, leave, signIn} from './steps.mjs';

const OTHER = 'bo@lantern.example';
const FOOT_M = 0.3048;

/** What stands in the job's first run, as its job file has it: kind, feet from and to. */
const standing = async (page, job) => {
    const file = await (await page.request.get(job + '/job.json')).json();
    const feet = (metres) => (metres === null ? null : Math.round((metres / FOOT_M) * 10) / 10);
    return file.runs[0].findings
        .filter((each) => each.withdrawn_at === null)
        .map((each) => [each.kind, feet(each.from_m), feet(each.to_m)])
        .sort((one, other) => one[1] - other[1]);
};

/** Goes to the first look of a job, by name: another may have been begun on it. */
const look = async (page, place) => {
    const job = await jobAddress(page, place);
    const before = await standing(page, job);
    const file = await (await page.request.get(job + '/job.json')).json();
    await page.goto(job + '/look?run=' + file.runs[0].id);
    return {job, before};
};

test.describe('on a phone', () => {
    test.use({viewport: {width: 360, height: 740}, hasTouch: true, isMobile: true});

    test('twelve sentences become the record', async ({page, context}) => {
        const heard = complaints(page);
        await signIn(page, OTHER);
        const {job, before} = await look(page, 'Sail loft');
        const said = page.getByLabel('Say it');
        const say = async (words, read) => {
            await said.tap();
            await page.keyboard.type(words);
            if (read !== undefined) await expect(page.locator('#said-read')).toContainText(read);
            await page.keyboard.press('Enter');
            await expect(said).toHaveValue('');
        };
        await say('uh right about twenty six feet yeah little bit of root there', 'Root cords 26\' 0"');
        await expect(page.locator('.say-told')).toContainText('Saved: Root cords 26\' 0"');
        await say('at 30 feet an offset about half an inch facing the flow', 'Offset joint 30\' 0"');
        await say('34 feet', 'Nothing here is understood as an entry');
        await say('a wye on the right', 'Tie-in 34\' 0"');
        await say('not seeing any cracks through here');
        await expect(page.locator('.say-told')).toHaveText('Saved: not seeing any cracks through here');
        await say('the belly starts at 40 feet', 'Waits for its end');
        await say('two inches of water in it');
        await say('and it ends at 47 feet', 'Low spot 40\' 0"–47\' 0"');
        await say('looks like a hairline crack along the top at 52 feet', 'Likely crack');
        await say('that was at 54', 'The last finding was at 54\' 0"');
        // Without a signal it waits, and is read when there is one.
        await context.setOffline(true);
        await said.tap();
        await page.keyboard.type('a hole at 60, sorry, 62 feet');
        await page.keyboard.press('Enter');
        await expect(page.locator('.say-told')).toContainText('Waits for a signal');
        await context.setOffline(false);
        await expect.poll(async () => (await standing(page, job)).length, {timeout: 20_000}).toBe(before.length + 6);
        await expect(page.locator('.say-told')).toContainText('Saved: a hole at 60, sorry, 62 feet');
        await say('we are at the city main at 70 feet', 'Tap into the main');

        const wanted = [
            ['root_cords', 26, null],
            ['offset_joint', 30, null],
            ['tie_in', 34, null],
            ['low_spot', 40, 47],
            ['crack', 54, null],
            ['hole', 62, null],
            ['tap', 70, null],
        ];
        await expect.poll(() => standing(page, job)).toEqual(
            [...before, ...wanted].sort((one, other) => one[1] - other[1]),
        );
        const wide = await page.evaluate(() => document.documentElement.scrollWidth);
        expect(wide).toBeLessThanOrEqual(360);
        // Without a signal the browser says so.
        expect(heard.filter((each) => !/ERR_INTERNET_DISCONNECTED|htmx:(afterRequest|sendError)/.test(each))).toEqual([]);
    });
});

test('whoever goes on typing loses no word to the page that shows what was kept', async ({page}) => {
    const heard = complaints(page);
    await signIn(page);
    // A job that no other file looks at.
    const {job, before} = await look(page, 'Cooperage');
    const said = page.getByLabel('Say it');
    // A slow answer: it comes while the next sentence is typed.
    await page.route('**/say/*', async (route) => {
        await new Promise((resolve) => setTimeout(resolve, 600));
        await route.continue();
    });
    await said.fill('roots at 3.3 metres');
    await page.keyboard.press('Enter');
    await page.keyboard.type('a hole at 4.4', {delay: 80});
    await expect.poll(async () => (await standing(page, job)).length).toBe(before.length + 1);
    await expect(said).toHaveValue('a hole at 4.4');
    await expect(page.locator('#said-read')).toContainText('Hole 4.4 m');
    // A page that is shown anew has the words that stood in the field.
    await page.reload();
    await expect(said).toHaveValue('a hole at 4.4');
    await expect(said).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.locator('#ribbon')).toContainText('Hole');
    expect((await standing(page, job)).length).toBe(before.length + 2);
    await expect(said).toHaveValue('');
    expect(heard).toEqual([]);
});

test('what was understood is changed on the bench before it is kept', async ({page}) => {
    const heard = complaints(page);
    await signIn(page);
    const {job, before} = await look(page, 'Cooperage');
    // What lies beyond the ribbon is pointed at.
    await page.getByLabel('Say it').fill('a hole at 90 metres');
    await expect(page.locator('.ribbon-said')).toHaveAttribute('d', /h-?30m/);
    await page.getByLabel('Say it').fill('');
    await page.getByLabel('Say it').blur();
    await page.keyboard.press('i');
    await page.keyboard.type('a belly from 3 feet to 5 feet two inches of water');
    await expect(page.locator('#said-read')).toContainText('Low spot');
    await page.locator('.said-change').click();
    await expect(page.locator('.entry')).toBeVisible();
    await expect(page.getByLabel('Say it')).toHaveValue('');
    await expect(page.locator('.entry [x-ref=size]')).toHaveValue('51');
    await page.fill('.entry [x-ref=size]', '75');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await standing(page, job)).length).toBe(before.length + 1);
    const after = await (await page.request.get(job + '/job.json')).json();
    const low = after.runs[0].findings.filter((each) => each.withdrawn_at === null && each.kind === 'low_spot').pop();
    expect([low.from_m, low.to_m, low.size]).toEqual([
        expect.closeTo(3 * FOOT_M, 2),
        expect.closeTo(5 * FOOT_M, 2),
        75,
    ]);
    expect(heard).toEqual([]);
});

test('the words of a recording of four minutes become a reviewed log by keys alone', async ({page}) => {
    const heard = complaints(page);
    await signIn(page, OTHER);
    const job = await jobAddress(page, 'Rope store');
    await page.goto(job + '/look');
    const link = page.getByRole('link', {name: 'What was said on the recording', includeHidden: true}).first();
    await page.goto(await link.getAttribute('href'));
    await expect(page.getByRole('status')).toContainText('14 are left to go through.');
    const press = (key) => leave(page, () => page.keyboard.press(key));
    const here = page.locator('.narration-proposal:focus');
    // Each that has a place waits on the ribbon until it is its turn.
    const waiting = page.locator('.ribbon-said.is-waiting');
    const placed = page.locator('.narration-proposal[data-unsettled][data-from]');
    await expect(waiting).toHaveCount(await placed.count());
    expect(await waiting.count()).toBeGreaterThan(10);
    // The first is turned down, taken back and kept; the hole that nobody is sure of is turned down.
    await expect(here).toContainText('Pipe at zero: Cast iron');
    await press('x');
    await page.keyboard.press('ArrowUp');
    await press('z');
    for (let left = 14; left > 0; left--) {
        await expect(here).toBeVisible();
        await press((await here.textContent()).includes('Hole') ? 'x' : 'Enter');
    }
    await expect(page.getByRole('status')).toContainText('All is gone through.');
    await expect(waiting).toHaveCount(0);
    expect(await standing(page, job)).toEqual([
        ['scale', 3, 9],
        ['tie_in', 11, null],
        ['transition', 16.5, null],
        ['offset_joint', 16.5, null],
        ['root_threads', 24, null],
        ['root_clump', 31, null],
        ['low_spot', 38, 44],
        ['crack', 51, null],
        ['separated_joint', 64, null],
        ['tap', 73, null],
    ]);
    const file = await (await page.request.get(job + '/job.json')).json();
    expect([file.runs[0].material, file.runs[0].end_reason, file.runs[0].reached_m]).toEqual([
        'cast_iron',
        'main_reached',
        expect.closeTo(22.25, 2),
    ]);
    expect(file.runs[0].marks.map((mark) => mark.depths_m)).toEqual([[expect.closeTo(1.626, 3)]]);
    expect(heard).toEqual([]);
});
