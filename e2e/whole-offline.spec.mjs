import {expect, test} from './test.mjs';
import {allSent, signal, startDevice, takeAlong, waiting} from './away.mjs';
import {signIn} from './steps.mjs';

const OTHER = 'bo@lantern.example';

/** How many entries wait, as the bar says it. */
const count = (page, many) => expect(signal(page)).toContainText(many === 1 ? '1 entry waits' : many + ' entries wait');

test('a whole job without a network, from the call to the marks, through a browser that is closed twice', async ({port}) => {
    test.setTimeout(240_000);
    const device = await startDevice(port);
    let {page, way} = device;
    await signIn(page, OTHER);
    await page.getByRole('link', {name: 'New job'}).tap();
    await page.locator('.pick', {hasText: 'Stoppage'}).first().tap();
    await page.getByLabel('Where').fill('Cooperage, Stave Lane');
    await page.getByLabel('Customer', {exact: true}).fill('Ida Brandt');
    await page.getByRole('button', {name: 'Open the job'}).tap();
    await page.waitForURL(/\/jobs\/[0-9a-f-]{36}(?!\/open)/);
    const job = new URL(page.url()).pathname.match(/^\/jobs\/[0-9a-f-]{36}/)[0];
    const ahead = ['/look/ahead', '/look/ahead/start', '/look/ahead/end', '/mark/ahead', '/clear/run/ahead/cable', '/clear/run/ahead/none'];
    await takeAlong(page, job, ['', '/way-in/openings', '/clear', '/clear/run', '/look', '/mark', ...ahead]);

    way.cut();
    await page.goto(job);
    await page.getByLabel('What backs up').fill('Floor drain at the vat');
    await page.getByRole('button', {name: 'Save'}).first().tap();
    await count(page, 1);
    await page.goto(job + '/way-in/openings');
    await page.locator('.pick', {hasText: 'Floor drain'}).first().tap();
    await page.getByLabel('Where').fill('By the vat');
    await page.getByRole('button', {name: 'Add it'}).tap();
    await expect(page.locator('.ghosts').first()).toContainText('By the vat');
    await count(page, 2);
    // Its picture, before the server knows of it.
    await page.locator('#picture-of').selectOption({label: 'By the vat'});
    await page.locator('#picture-note').fill('Lid is rusted');
    await page.locator('#picture-file').setInputFiles('../docs/screenshots/day.png');
    await page.getByRole('button', {name: 'Add the picture'}).tap();
    await count(page, 3);

    // The gate holds: nothing goes in before every line is confirmed.
    await page.goto(job + '/clear/run');
    const head = page.locator('form[data-gate=cable] button').first();
    await head.tap();
    await expect(page.locator('.gate-told')).toContainText('first confirm every line');
    await count(page, 3);
    const gate = page.locator('#gate-cable');
    const lines = await gate.locator('.gate-line').count();
    for (let i = 0; i < lines; i++) {
        await gate.locator('.gate-line').nth(i).tap();
        await count(page, 4 + i);
    }
    await page.reload();
    await expect(page.locator('#gate-cable .gate-line.on')).toHaveCount(lines);
    let made = 3 + lines;
    const kept = async () => count(page, ++made);
    await page.locator('form[data-gate=cable] button').first().tap();
    await expect(page.locator('.run-top')).toBeVisible();
    await kept();
    const far = page.locator('#run-at');
    await far.fill("14' 6\"");
    await far.locator('..').getByRole('button').tap();
    await kept();
    await expect(page.locator('[data-distance]')).toHaveText("14' 6\"");
    await page.locator('form[data-power] button').tap();
    await kept();
    await page.getByRole('button', {name: 'Grabs'}).tap();
    await kept();
    const made1 = Date.now();

    await device.close();
    page = await device.open();
    await page.goto(job + '/clear/run');
    await count(page, made);
    await expect(page.locator('[data-distance]')).toHaveText("14' 6\"");
    await expect(page.locator('form[data-power] button')).toHaveClass(/on/);
    // What waits is taken back where it waits.
    await page.getByRole('button', {name: 'Roots', exact: true}).tap();
    await kept();
    await page.locator('form[data-undo] button').tap();
    made--;
    await count(page, made);
    await page.locator('form[data-power] button').tap();
    await kept();
    await page.locator('.run-ends .go').tap();
    await expect(page.locator('.run-start')).toBeVisible();
    await kept();
    await page.goto(job + '/clear');
    await page.locator('.pick', {hasText: /^Cleared$/}).first().tap();
    await page.locator('form[action$="/cleared"] button').tap();
    await kept();

    await page.goto(job + '/look');
    await page.locator('.pick', {hasText: 'By the vat'}).first().tap();
    await page.getByRole('button', {name: 'Zero the counter and start'}).tap();
    await expect(page.locator('.ribbon-caption')).toContainText('Zero the counter and start');
    await kept();
    await page.getByLabel('Counter reads').fill('12');
    await page.getByRole('button', {name: 'Deposit'}).first().tap();
    await page.getByRole('button', {name: '35 %'}).tap();
    await page.getByRole('button', {name: /^Save/}).tap();
    await kept();
    // Where the tool's head was, and what was seen.
    await expect(page.locator('.ribbon-ghost')).toHaveCount(2);
    await device.close();
    page = await device.open();
    await page.goto(job + '/look');
    await expect(page.locator('.ghosts')).toContainText('12');
    await expect(page.locator('#readouts')).toContainText('Worked out when there is a signal');
    await page.getByRole('link', {name: 'End the run'}).tap();
    await page.locator('.pick', {hasText: 'Main reached'}).tap();
    await page.getByLabel('Distance from zero').fill('20');
    await page.getByRole('button', {name: 'End the run'}).tap();
    await kept();
    await page.goto(job + '/mark');
    await page.locator('#mark_form_atM').fill('12');
    for (const [i, depth] of ["2' 7\"", "2' 8\"", "2' 7 1/2\""].entries()) await page.locator('.readings input').nth(i).fill(depth);
    await page.getByRole('button', {name: 'Save the mark'}).tap();
    await kept();

    await page.waitForTimeout(2000);
    const mended = Date.now();
    way.mend();
    await signIn(page, OTHER);
    await allSent(page);
    const file = await (await page.request.get(job + '/job.json')).json();
    expect(file.openings.map((each) => each.place)).toEqual(['By the vat']);
    expect(file.pictures.map((each) => [each.opening, each.note])).toEqual([[file.openings[0].id, 'Lid is rusted']]);
    expect(file.passes).toHaveLength(1);
    expect(file.passes[0].entries.map((each) => each.kind)).toEqual(['at', 'power_on', 'felt', 'power_off']);
    expect(file.passes[0].open).toBe(false);
    expect(file.runs).toHaveLength(1);
    expect(file.runs[0].findings).toHaveLength(1);
    expect(file.runs[0].end_reason).toBe('main_reached');
    expect(file.runs[0].marks).toHaveLength(1);
    const at = (time) => new Date(time).getTime();
    expect(at(file.passes[0].logged_at)).toBeLessThan(made1 + 1000);
    expect(at(file.runs[0].started_at)).toBeLessThan(mended - 2000);
    expect(at(file.passes[0].logged_at)).toBeLessThan(at(file.runs[0].started_at));
    await page.goto(job);
    await expect(page.getByLabel('What backs up')).toHaveValue('Floor drain at the vat');
    await expect(waiting(page)).toHaveCount(0);
    await device.end();
});
