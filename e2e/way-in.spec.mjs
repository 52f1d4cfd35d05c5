import {expect, test} from './test.mjs';
import {keys, pick, press, tabTo, type} from './keyboard.mjs';
import {complaints, leave, signIn} from './steps.mjs';

/** Opens a job at a place that nobody has been to. */
async function openJob(page, place) {
    await page.goto('/jobs/new');
    await page.fill('#call_form_place', place);
    await page.fill('#call_form_customer', 'Odd Marsk');
    await leave(page, () => page.keyboard.press('Enter'));
}

test('a house is sketched from nothing by keyboard, its stoppage found, and opening, tool and reach chosen', async ({
    page,
}) => {
    const heard = complaints(page);
    await signIn(page);
    await openJob(page, 'Net loft, 2 Cod Wynd');

    // A toilet at the end of the line, a cleanout in it, a kitchen sink and a bath by their junctions.
    await press(page, 'Toilet');
    await expect(page.locator('#chosen h2')).toHaveText('Toilet');
    await type(page, 'pipe_form_lengthM', '18');
    await tabTo(page, 'pipe_form_lengthSource');
    await page.keyboard.type('Measured');
    await tabTo(page, 'pipe_form_material');
    await page.keyboard.type('Clay');
    await press(page, 'Save');
    await expect(page.locator('.pipe-label')).toContainText('18.0 m');

    // Down the line with the arrow key: from the toilet to its pipe.
    await page.locator('.plan a[aria-current]').focus();
    await leave(page, () => page.keyboard.press('ArrowRight'));
    await expect(page.locator('#add h2')).toContainText('Toilet: its pipe');
    await type(page, 'up', '6');
    await press(page, 'Cleanout');
    await expect(page.locator('#chosen h2')).toHaveText('Cleanout');
    await page.locator('.plan a[aria-current]').focus();
    await leave(page, () => page.keyboard.press('ArrowLeft'));
    await expect(page.locator('#add h2')).toContainText('Toilet: its pipe');
    await type(page, 'up', '4 m');
    await press(page, 'Kitchen sink');
    await page.locator('.plan a[aria-current]').focus();
    await leave(page, () => page.keyboard.press('ArrowRight'));
    await leave(page, () => page.keyboard.press('ArrowRight'));
    await leave(page, () => page.keyboard.press('ArrowRight'));
    await expect(page.locator('#add h2')).toContainText('Line below junction of Kitchen sink');
    await press(page, 'Bath');

    // One thing too many, and back.
    await press(page, 'Yard gully');
    await expect(page.locator('.plan .fixture')).toHaveCount(4);
    await page.locator('.plan a[aria-current]').focus();
    await leave(page, () => page.keyboard.press('z'));
    await expect(page.locator('.plan .fixture')).toHaveCount(3);

    // A loop is refused where it is said, and nothing that was typed is lost.
    await leave(page, () =>
        page
            .locator('.plan a[aria-label^="Line below junction of Bath"]')
            .focus()
            .then(() => page.keyboard.press('Enter')),
    );
    await tabTo(page, 'pipe_form_runsInto');
    await page.keyboard.type('Bath');
    await type(page, 'pipe_form_lengthM', '7.5');
    await press(page, 'Save');
    await expect(page.locator('.field-bad')).toContainText('would run into itself');
    await expect(page.locator('#pipe_form_lengthM')).toHaveValue('7.5');

    await press(page, 'The stoppage');
    for (const sign of await page.locator('.dangers li').all())
        await leave(page, () =>
            sign
                .getByRole('button', {name: 'No'})
                .focus()
                .then(() => page.keyboard.press('Enter')),
        );
    await expect(page.locator('.next-check h2').first()).toContainText('Next best check');
    const tap = async (place, answer) => {
        await page.locator('.tap', {hasText: place}).getByRole('button', {name: answer}).focus();
        await leave(page, () => page.keyboard.press('Enter'));
    };
    await tap('Bath', 'Backs up');
    await tap('Kitchen sink', 'Slow');
    await tap('Toilet', 'Slow');
    await expect(page.locator('.likeliest li').first()).toContainText('from Cleanout');
    await tap('Cleanout', 'Water stands');
    await expect(page.locator('.likeliest li').first()).toContainText('Line below Cleanout');
    await expect(page.locator('.likeliest li').first()).toContainText('0.0–6.0 m down the line from Cleanout');
    await expect(page.locator('.suspect').first()).toBeVisible();

    await leave(page, () =>
        page
            .locator('.likeliest')
            .getByRole('link', {name: 'How to get there'})
            .first()
            .focus()
            .then(() => page.keyboard.press('Enter')),
    );
    await expect(page.locator('.answer')).toContainText('Use Cleanout with the');
    await expect(page.locator('.options tbody tr').first()).toContainText('Comes out');
    await expect(page.locator('.ribbon-caption')).toContainText('Expected from Cleanout');
    await tabTo(page, 'reach-target');
    // Typed letter by letter; it is sent once the keys rest.
    await leave(page, () => page.keyboard.type('Kitchen sink: its', {delay: 80}));
    await expect(page.locator('#reach-target option:checked')).toHaveText('Kitchen sink: its pipe');
    await expect(page.locator('.answer')).toContainText('Nothing of the kit gets through');
    await expect(page.locator('.else')).toContainText('A new opening');
    await press(page, 'Openings');
    await pick(page, 'Rim of the opening');
    await press(page, 'Use this opening');
    await keys(page, 'Escape');
    expect(heard.filter((words) => !words.includes('422'))).toEqual([]);
});

test.describe('by touch', () => {
    test.use({viewport: {width: 360, height: 740}, hasTouch: true, isMobile: true});

    test('the same on a phone, from a starting point', async ({page}) => {
        const heard = complaints(page);
        const tap = (locator) => leave(page, () => locator.tap());
        const noWiderThanTheScreen = async () =>
            expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
        await signIn(page);
        await openJob(page, 'Oar maker, 7 Rowlock Street');
        await tap(page.getByRole('button', {name: 'House with a basement'}));
        await expect(page.locator('.plan .fixture')).toHaveCount(4);
        await noWiderThanTheScreen();
        // The drawing is made for this width: nothing of it has to be scrolled to.
        expect(Number((await page.locator('svg.plan').getAttribute('viewBox')).split(' ')[2])).toBeLessThan(360);

        await tap(page.locator('.plan a.node', {hasText: 'Washer'}));
        await tap(page.getByRole('button', {name: 'Take it off the map'}));
        await expect(page.locator('.plan .fixture')).toHaveCount(3);
        await tap(page.getByRole('button', {name: 'Undo'}));
        await expect(page.locator('.plan .fixture')).toHaveCount(4);
        await tap(page.getByRole('button', {name: 'Shower', exact: true}));
        await expect(page.locator('#chosen h2')).toHaveText('Shower');

        await tap(page.getByRole('link', {name: 'The stoppage'}));
        await tap(page.locator('.dangers li', {hasText: 'Sewage rises'}).getByRole('button', {name: 'Yes'}));
        await expect(page.locator('.danger-card')).toContainText('Turn the water off');
        await tap(page.getByRole('button', {name: 'It has been made safe'}));
        await expect(page.locator('.danger-card')).toHaveCount(0);
        await tap(page.locator('.tap', {hasText: 'Floor drain'}).getByRole('button', {name: 'Backs up'}));
        await tap(page.locator('.tap', {hasText: 'Cleanout'}).getByRole('button', {name: 'Dry'}));
        await tap(page.locator('.tap', {hasText: 'Washer'}).getByRole('button', {name: 'Slow'}));
        await expect(page.locator('.likeliest li').first()).toContainText('Line below junction of Floor drain');
        await noWiderThanTheScreen();
        await tap(page.locator('.likeliest').getByRole('link', {name: 'How to get there'}).first());
        await expect(page.locator('.answer h2')).toBeVisible();
        await noWiderThanTheScreen();
        await tap(page.locator('.plan a.node', {hasText: 'Shower'}));
        await expect(page.locator('#reach-target option:checked')).toHaveText('Shower: its pipe');
        expect(heard).toEqual([]);
    });
});
