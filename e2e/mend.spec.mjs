import {expect, test} from './test.mjs';
import {pick, press, tabTo, type} from './keyboard.mjs';
import {complaints, jobAddress, leave, signIn} from './steps.mjs';

test.describe('on a phone', () => {
    test.use({viewport: {width: 360, height: 740}, hasTouch: true, isMobile: true});

    test('a low spot is marked at both ends by touch', async ({page}) => {
        const heard = complaints(page);
        const tap = (locator) => leave(page, () => locator.tap());
        const button = (name) => page.getByRole('button', {name, exact: true}).first();
        const choose = (name) => page.locator('.pick', {hasText: name}).first().tap();
        await signIn(page);
        const job = await jobAddress(page, 'Terraced');

        // What stays is tapped on the plan, and called something.
        await page.goto(job + '/mark/site');
        for (const [kind, name, right, up] of [
            ['Corner of the house', 'North corner', 0.3, 0.3],
            ['Gate', 'Garden gate', 0.7, 0.35],
        ]) {
            const plan = await page.locator('[data-site]').boundingBox();
            await page.locator('[data-site]').tap({position: {x: plan.width * right, y: plan.height * up}});
            await choose(kind);
            await page.getByLabel('What it is called').fill(name);
            await expect(page.getByLabel('Right', {exact: true})).not.toHaveValue('');
            await tap(button('Add'));
            await expect(page.locator('.entries')).toContainText(name);
        }

        // Both ends of the low spot: three readings a press each, and two tapes.
        await page.goto(job + '/mark');
        const ends = await page.locator('.chip', {hasText: 'Low spot'}).first().textContent();
        const [from, to] = ends.match(/[\d.]+/g);
        for (const [at, one, other] of [
            [from, '6.2', '5.1'],
            [to, '7.9', '4.4'],
        ]) {
            await page.getByLabel('Distance from zero').fill(at);
            for (let reading = 0; reading < 3; reading++) {
                await button('Take a reading').tap();
                await expect(page.locator('#mark_form_depthsM_' + reading)).not.toHaveValue('');
            }
            await expect(page.locator('.locator-said')).toContainText('of 100');
            await expect(page.locator('#mark-check')).toContainText('deep, spread');
            await choose('Nothing');
            await choose('Lawn');
            await button('North corner').tap();
            await page.getByLabel('First taped distance').fill(one);
            await button('Garden gate').tap();
            await page.getByLabel('Second taped distance').fill(other);
            await page.getByLabel('Looking from the first to the second, the mark is').selectOption({label: 'Right of the line'});
            await tap(button('Save the mark'));
        }
        await expect(page.locator('.mark')).toHaveCount(2);
        await expect(page.locator('.mark').first()).toContainText('6.2 m from North corner, 5.1 m from Garden gate');
        await expect(page.locator('.site-mark')).toHaveCount(2);
        await expect(page.locator('#numbers')).toContainText('two depths say nothing of the fall');
        await expect(page.locator('#numbers')).toContainText('A to B:');

        // The heights of the ground tell what the depths alone do not.
        await page.goto(job + '/mark/ground');
        await page.getByLabel('From', {exact: true}).fill('A');
        await page.getByLabel('To', {exact: true}).fill('B');
        await page.getByLabel('Higher by').fill('0');
        await tap(button('Add'));
        await expect(page.locator('.mark-fall')).toContainText('either way');
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
        expect(heard).toEqual([]);
    });
});

test('an option is chosen by keyboard', async ({page}) => {
    const heard = complaints(page);
    await signIn(page, 'bo@lantern.example');
    const job = await jobAddress(page, 'Sail');
    await page.goto(job + '/judge');
    await press(page, 'Options and prices');
    await expect(page.locator('.offer')).toHaveCount(5);
    const digs = await page.locator('.offer-price').first().textContent();
    await pick(page, 'Renewing');
    await type(page, 'because', 'The whole run is worn.');
    await press(page, 'Save');
    await expect(page.locator('.offer-chosen')).toContainText('Renewing');

    // What lies over it is said, and every price follows.
    await press(page, 'Correct');
    await pick(page, 'Road');
    await press(page, 'Save');
    await expect(page.locator('.offer-price').first()).not.toHaveText(digs);
    await expect(page.locator('.offer').first()).toContainText('whoever is in charge of the road');
    await tabTo(page, 'Dig sheet');
    await leave(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.dig')).toContainText('Renew 1');
    await expect(page.locator('.dig')).toContainText('Locate again, have buried utilities marked first');
    expect(heard).toEqual([]);
});
