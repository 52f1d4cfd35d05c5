import {expect, test} from './test.mjs';
import {jobAddress, signIn} from './steps.mjs';

test.use({javaScriptEnabled: false});

test('where no script runs, a job can still be done, plainer', async ({page}) => {
    const button = (name) => page.getByRole('button', {name}).first();
    await signIn(page, 'office@tideway.example');
    await page.getByRole('link', {name: 'New job'}).click();
    await page.getByLabel('Where').fill('Ice house, Mole Head');
    await page.getByLabel('Customer', {exact: true}).fill('Ada Ring');
    await button('Open the job').click();
    // The line map without scripts: a starting point, a part more, and its drawing.
    await button('House on a slab').click();
    await page.getByRole('button', {name: 'Bath', exact: true}).click();
    await expect(page.locator('.plan .fixture')).toHaveCount(5);
    await page.getByRole('link', {name: 'Openings'}).click();
    await page.getByText('Add an opening').click();
    await page.getByLabel('Where').fill('Floor by the door');
    await button('Add it').click();
    await page.getByRole('link', {name: 'Look'}).click();
    await page.getByLabel('Bore at zero').fill('100');
    await button('Zero the counter and start').click();

    await page.getByRole('link', {name: 'Log a finding'}).click();
    await page.locator('#p-from').fill('5.5');
    await page.locator('#p-size').fill('60');
    await page.locator('#p-clock_from').fill('10:30');
    await button('Save').click();
    await expect(page.locator('#findings')).toContainText("60 % of the bore · 10:30 o'clock");
    await expect(page.locator('#ribbon .shape-roots')).toHaveCount(1);

    await page.getByRole('link', {name: 'Judge'}).click();
    await expect(page.locator('.verdict')).toContainText('The line does not pass');
    await page.locator('.judgements summary').first().click();
    await expect(page.locator('.judgements details[open]')).toContainText('The Source school would say');
    await page.getByRole('link', {name: 'Hand over'}).click();
    await page.getByRole('link', {name: 'Read the report'}).click();
    await expect(page.locator('.report')).toContainText('Root threads at 5.5 m: needs work before the line is used.');
});

test('what is not there or not allowed says so on a page of our own', async ({page}) => {
    await signIn(page, 'office@tideway.example');
    const other = await page.goto('/jobs/01a20728-7e36-7875-ac7b-43862e1698ca');
    expect(other.status()).toBe(404);
    await expect(page.locator('h1')).toHaveText('Nothing here');
    await expect(page.getByRole('link', {name: 'To the day'})).toBeVisible();
    const link = await page.goto('/r/not-a-link');
    expect(link.status()).toBe(404);
});

test('the report prints its first page alone, and the ribbon within the paper', async ({page}) => {
    await signIn(page, 'office@tideway.example');
    await page.goto((await jobAddress(page, 'Pottery')) + '/report');
    await page.emulateMedia({media: 'print'});
    await page.setViewportSize({width: 718, height: 1040});
    await expect(page.locator('.report-acts')).toBeHidden();
    await expect(page.locator('.first-page')).toHaveCSS('break-after', 'page');
    for (const drawing of await page.locator('.ribbon .drawing').all())
        expect((await drawing.boundingBox()).width).toBeLessThanOrEqual(718);
});
