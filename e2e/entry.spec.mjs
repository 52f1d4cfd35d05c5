import {expect, test} from './test.mjs';
import {complaints, jobAddress, signIn} from './steps.mjs';

async function freshRun(page, person = 'office@tideway.example', place = 'Wash block') {
    await signIn(page, person);
    await page.goto((await jobAddress(page, place)) + '/look?start=1');
    await page.getByRole('button', {name: 'Zero the counter and start'}).click();
    await expect(page.locator('.tiles .tile')).toHaveCount(8);
    await page.evaluate(() => document.activeElement.blur());
}

/** Presses one key after another, and says how many they were. */
const press = async (page, ...keys) => {
    for (const key of keys) await page.keyboard.press(key);
    return keys.length;
};
const place = async (page, reading) => {
    await page.fill('#reading', reading);
    await page.evaluate(() => document.activeElement.blur());
};
const newest = (page) => page.locator('#findings li').first();
const entry = (page) => page.locator('.entry');
const PARTS = ['.entry', '.entry-go .go', '#note', '.entry-kinds'];
/** Of the parts, and one of the dials, those that are not whole on the screen; runs in the page. */
const outOfSight = (parts) => {
    const isShown = (each) => each?.checkVisibility({visibilityProperty: true});
    const isWhole = (each) => {
        const box = each.getBoundingClientRect();
        return box.width > 0 && box.height > 0 && box.top >= 0 && box.left >= 0 && box.bottom <= innerHeight && box.right <= innerWidth;
    };
    const dial = [...document.querySelectorAll('.entry-dial')].find(isShown);
    return [...parts.map((part) => [part, document.querySelector(part)]), ['.entry-dial', dial]]
        .filter(([, each]) => !isShown(each) || !isWhole(each))
        .map(([part]) => part);
};

for (const [name, viewport] of Object.entries({
    laptop: {width: 1280, height: 800},
    phone: {width: 360, height: 740},
})) {
    test(`whatever is logged, all of it is in sight from kind to Save on a ${name}`, async ({page}) => {
        await page.setViewportSize(viewport);
        await freshRun(page);
        await page.evaluate(() => scrollTo(0, 0));
        for (const tile of await page.locator('.tile').all()) {
            const box = await tile.boundingBox();
            expect(box.y + box.height, 'the eight tiles').toBeLessThanOrEqual(viewport.height);
        }
        const families = JSON.parse(await page.locator('.look').getAttribute('data-tiles'));
        for (const family of families) {
            for (const [i, kind] of family.kinds.entries()) {
                await press(page, family.key);
                await press(page, 'Shift+Digit' + (i + 1));
                await expect(page.locator('.entry-kinds .on')).toContainText(kind.name);
                // What the kind before asked for goes in the next frame.
                await expect.poll(() => page.evaluate(outOfSight, PARTS), {message: kind.code, timeout: 5000}).toEqual([]);
                await press(page, 'Escape');
            }
        }
    });
}

test('a root takes four keys, and a low spot drawn back nine', async ({page}) => {
    const heard = complaints(page);
    await freshRun(page);
    await place(page, '12.4');
    expect(await press(page, 'q', '2', '5', 'Enter')).toBe(4);
    await expect(newest(page)).toContainText('12.4');
    await expect(newest(page)).toContainText('25 %');

    // From the far end on; the counter moves between the keys.
    await place(page, '13.1');
    let count = await press(page, 'w', 'x');
    await expect(page.locator('.aside')).toContainText('Low spot starts 13.1 · deepest still open · ends still open');
    await place(page, '11');
    count += await press(page, 'w', 'c');
    await place(page, '9.4');
    count += await press(page, 'w', 'v', '3', '1', 'Enter');
    expect(count).toBe(9);
    await expect(newest(page)).toContainText('9.4–13.1');
    await expect(page.locator('.aside')).toBeHidden();

    // The deepest may come first, and either end last.
    for (const [reading, key] of [
        ['4', 'c'],
        ['3', 'v'],
        ['5.5', 'x'],
    ]) {
        await place(page, reading);
        await press(page, 'w', key);
    }
    await page.keyboard.type('>40');
    await press(page, 'Enter');
    await expect(newest(page)).toContainText('3.0–5.5');
    await expect(newest(page)).toContainText('at least 40 mm');
    expect(heard).toEqual([]);
});

test('a number and a letter are a distance and a tile; a kind has its number; nothing saves itself', async ({page}) => {
    await freshRun(page);
    await press(page, '2', '6', 'q');
    await expect(page.locator('.entry-go .go')).toContainText('26');
    await press(page, 'Shift+Digit3');
    await expect(page.locator('.entry-kinds .on')).toContainText('Root clump');
    await press(page, '5', '5', 'ArrowRight', 'ArrowRight', 'Enter');
    await expect(newest(page)).toContainText('Root clump');
    await expect(newest(page)).toContainText('26');
    await expect(newest(page)).toContainText("12:30 o'clock");
    // Feet begin with the letter of a tile, and are feet all the same.
    await press(page, '1', '2', 'f', 't');
    await expect(page.locator('#readouts')).toContainText('3.66 m');
    await press(page, 'Enter');

    await press(page, 'r', 'b');
    await expect(page.locator('.entry-choices .on')).toHaveText('closed');
    await expect(page.locator('#findings li')).toHaveCount(1);
    await press(page, 'Enter');
    await expect(newest(page)).toContainText('Crack');
});

test('what is half given survives another tile and a reload, and the run does not end over it', async ({page}) => {
    await freshRun(page);
    await place(page, '7');
    await press(page, 'a', '3', '0');
    await page.fill('#note', 'white, hard');
    await page.evaluate(() => document.activeElement.blur());
    await place(page, '8');
    await press(page, 'e', '1', '2', 'Enter');
    await expect(newest(page)).toContainText('Offset joint');
    await page.reload();
    await expect(page.locator('.aside')).toContainText('Grease 7 · not saved yet');
    await page.evaluate(() => document.activeElement.blur());
    await press(page, 'End');
    await expect(page.locator('.aside')).toContainText('Something is not saved yet.');
    await page.locator('.aside-take').click();
    await expect(page.locator('#size')).toHaveValue('30');
    await expect(page.locator('#note')).toHaveValue('white, hard');
    await page.locator('.entry-go .go').click();
    await expect(newest(page)).toContainText('white, hard');
    await expect(newest(page)).toContainText('7.0');

    await place(page, '5');
    await press(page, 'w', 'x');
    await page.getByRole('link', {name: 'End the run'}).click();
    await expect(page.getByRole('link', {name: 'End the run all the same'})).toBeVisible();
    await page.getByRole('button', {name: 'Throw it away'}).click();
    await expect(page.locator('.aside')).toBeHidden();
    await page.getByRole('link', {name: 'End the run'}).click();
    await expect(page).toHaveURL(/\/end$/);
});

test('the depth comes from a tap on the head, and the fall from the tilt on the screen', async ({page}) => {
    await freshRun(page, 'bo@lantern.example', 'Sail');
    await page.fill('#tilt', '-1');
    await expect(page.locator('.readout-fall')).toContainText('cannot tell');
    await page.fill('#tilt', '2');
    await expect(page.locator('.readout-fall')).toContainText('in/ft');
    await expect(page.locator('.readout-fall')).toContainText('short of the minimum');
    await page.getByRole('button', {name: 'Log it here'}).click();
    await expect(page.locator('#size')).toHaveValue('3.49');
    await press(page, 'Enter');
    await expect(newest(page)).toContainText('Fall');
    await expect(newest(page)).toContainText('Watch');

    await press(page, 'w');
    await page.locator('.entry-dial:visible svg').click({position: {x: 74, y: 76}});
    await expect(page.locator('#size')).toHaveValue('3/4');
});
