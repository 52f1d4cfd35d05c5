import {expect, test} from './test.mjs';
import {complaints, jobAddress, leave, passGate, signIn} from './steps.mjs';

test.use({viewport: {width: 360, height: 740}, hasTouch: true, isMobile: true});

test('a whole job on a phone by touch', async ({page}) => {
    const heard = complaints(page);
    const tap = (locator) => leave(page, () => locator.tap());
    const button = (name) => page.getByRole('button', {name}).first();
    const choose = (name) => page.locator('.pick', {hasText: name}).first().tap();
    const stage = (name) => tap(page.getByRole('navigation', {name: 'Stages of the job'}).getByRole('link', {name}));
    await signIn(page);

    await tap(page.getByRole('link', {name: 'New job'}));
    await choose('Stoppage');
    await page.getByLabel('Where').fill('Smokehouse, Herring Stairs');
    await page.getByLabel('Customer', {exact: true}).fill('Vik Olander');
    await tap(button('Open the job'));
    await tap(page.getByRole('link', {name: 'Openings'}));
    await choose('Floor drain');
    await page.getByLabel('Where').fill('By the kiln');
    await tap(button('Add it'));
    await stage('Clear');
    await passGate(page, 'cable', (what, leads) => (leads ? tap(what) : what.tap()));
    await choose('Cable');
    await page.getByLabel('Head or nozzle').fill('Small blade');
    await page.getByLabel('Went in to').fill('14\' 6"');
    await choose('Grabs');
    await tap(button('Log the pass'));
    await expect(page.locator('.entries').first()).toContainText('4.42 m');
    await choose('Cleared');
    await tap(button('Save'));

    await stage('Look');
    await page.getByLabel('Pipe at zero').selectOption({label: 'Cast iron'});
    await page.getByLabel('Bore at zero').fill('100');
    await tap(button('Zero the counter and start'));
    await page.getByLabel('Counter reads').fill('3.2');
    // One tap for the kind, one for the size, one saves.
    await button('Deposit').tap();
    await button('35 %').tap();
    await button('Save').tap();
    await expect(page.locator('#findings')).toContainText('Grease');
    await expect(page.locator('#findings')).toContainText('3.2');
    // The clock is tapped on the dial.
    await page.getByLabel('Counter reads').fill('4');
    await button('Wall').tap();
    const dial = await page.locator('.entry-dial svg').first().boundingBox();
    await page.locator('.entry-dial svg').first().tap({position: {x: dial.width - 8, y: dial.height / 2}});
    await expect(page.locator('.entry-dial p').first()).toHaveText('3');
    await page.getByRole('combobox', {name: 'Crack'}).selectOption('closed');
    await button('Save').tap();
    await expect(page.locator('#findings')).toContainText('Crack');
    await expect(page.locator('#findings')).toContainText("3 o'clock");
    await tap(page.getByRole('link', {name: 'End the run'}));
    await choose('Main reached');
    await page.getByLabel('Distance from zero').fill('6');
    await tap(button('End the run'));

    await stage('Judge');
    await expect(page.locator('.verdict')).toContainText('The line does not pass');
    await stage('Hand over');
    for (const done of ['The opening is sealed and was tried', 'The recording is there']) await choose(done);
    await tap(page.locator('form[action$="/closing"] button'));
    await page.locator('#letter_form_to').fill('vik@olander.example');
    await page.locator('.pick', {hasText: 'With the report as PDF'}).tap();
    await tap(button('Send'));
    await expect(page.locator('.links').first()).toContainText('vik@olander.example');
    await tap(page.getByRole('link', {name: 'Read the report'}));
    await expect(page.locator('.report')).toContainText('Not noted at the site: that the fixtures were put back');
    await expect(page.locator('.report')).toContainText('Smokehouse, Herring Stairs');
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    expect(heard).toEqual([]);
});

test('what is typed on a stretch stays when the page is closed, and an entry that finds no server waits for it', async ({
    page,
    context,
}) => {
    await signIn(page);
    // Whichever day it is by now.
    await page.goto((await jobAddress(page, 'Pottery')) + '/look');
    await page.getByLabel('Counter reads').fill('2.5');
    await page.locator('.tile', {hasText: 'Water'}).tap();
    await page.getByRole('button', {name: 'starts'}).tap();
    await page.reload();
    await expect(page.locator('.aside')).toContainText('Low spot starts 2.5 · deepest still open · ends still open');
    await context.setOffline(true);
    await page.locator('.tile', {hasText: 'Roots'}).tap();
    await page.getByRole('button', {name: '25 %'}).tap();
    await page.getByRole('button', {name: 'Save'}).tap();
    await expect(page.locator('.told')).toContainText('Kept here');
    await expect(page.locator('.queue-state')).toContainText('1 waiting to be sent');
    await context.setOffline(false);
    await expect(page.locator('.queue-state')).toBeHidden();
    await expect(page.locator('#findings')).toContainText('25 % of the bore');
});

test('a tool goes in, finds the hidden stoppage and comes out, by touch and with no machine', async ({page}) => {
    const heard = complaints(page);
    const tap = (what) => leave(page, () => what.tap());
    await signIn(page);
    const job = await jobAddress(page, 'Wash block');
    await page.goto(job + '/clear');
    await passGate(page, 'cable', async (what, leads) => (leads ? tap(what) : what.tap()));
    await page.goto(job + '/clear/run', {waitUntil: 'networkidle'});
    const form = page.locator('.run-start form', {has: page.locator('h3', {hasText: /^Cable/})});
    await form.locator('.pick').tap();
    await tap(form.locator('.press').first());
    const press = (name) => tap(page.getByRole('button', {name, exact: true}));
    await press('It turns');
    const water = page.locator('.stand-in .readout', {hasText: 'At the opening'});
    for (let i = 0; i < 40 && !(await water.textContent()).includes('Dropping'); i++) await press('Feed 60 s');
    await expect(water).toContainText('Dropping');
    await expect(page.locator('.readout-big strong')).not.toHaveText('0.0 m');
    for (let i = 0; i < 12 && (await page.locator('.readout-big strong').textContent()) !== '0.9 m'; i++)
        await press('Back 60 s');
    await press('It stands');
    await press('It is out');
    await expect(page.locator('.entries li').first()).toContainText('Grabs');
    await expect(page.locator('.proof-steps .done')).not.toHaveCount(0);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    expect(heard).toEqual([]);
});

test('on a phone the bar is one line, and the rest of it behind a button', async ({page}) => {
    await signIn(page);
    await page.goto((await jobAddress(page, 'Pottery')) + '/mark');
    const bar = await page.locator('.bar').boundingBox();
    expect(bar.height).toBeLessThan(60);
    const ribbon = await page.locator('#ribbon').boundingBox();
    expect(ribbon.y + ribbon.height, 'bar and ribbon leave more than half of the screen').toBeLessThan(740 / 2);
    const settings = page.getByRole('link', {name: 'Settings'});
    await expect(settings).toBeHidden();
    // However many runs there are, nothing is wider than the screen.
    await page.evaluate(() => {
        const [last] = [...document.querySelectorAll('.ribbon-zoom a')].slice(-1);
        for (let i = 0; i < 12; i++) last.after(last.cloneNode(true));
    });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    await page.getByRole('button', {name: 'More'}).tap();
    await expect(settings).toBeVisible();
    await page.locator('h1').first().dispatchEvent('click');
    await expect(settings).toBeHidden();
    await page.getByRole('button', {name: 'More'}).tap();
    await settings.tap();
    await expect(page).toHaveURL(/settings$/);
});
