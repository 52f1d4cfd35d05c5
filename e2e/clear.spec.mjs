import {expect, test} from './test.mjs';
import {complaints, jobAddress, leave, passGate, signIn} from './steps.mjs';

test('the plan follows what stops the line, and the bench answers while it is typed', async ({page}) => {
    const heard = complaints(page);
    await signIn(page);
    const job = await jobAddress(page, 'Wash block');
    await page.goto(job + '/clear/plan');
    await page.locator('.pick', {hasText: 'Dense roots'}).click();
    await page.fill('#clearing_form_nearM', '9');
    await page.fill('#clearing_form_farM', '14');
    await leave(page, () => page.getByRole('button', {name: 'Work out the plans'}).click());
    await expect(page.locator('.plan-card').first()).toContainText('Blade');
    await expect(page.locator('.plan-card').last()).toContainText('Whole-head rotary');
    await expect(page.locator('.section-drawing')).toBeVisible();
    await page.locator('.plan-given > summary').click();
    await page.locator('.pick', {hasText: 'No water may be let in'}).click();
    await leave(page, () => page.getByRole('button', {name: 'Work out the plans'}).click());
    await expect(page.locator('.plan-card.refused')).toContainText('No water may be let in.');

    await leave(page, () => page.getByRole('link', {name: 'Jet bench'}).click());
    const pressure = page.locator('.readings-row strong').first();
    const before = parseInt(await pressure.textContent());
    await page.fill('#hoses-0-bore_mm', '6.4');
    await expect(pressure).not.toHaveText(before + ' bar');
    expect(parseInt(await pressure.textContent())).toBeLessThan(before);
    await expect(page.locator('#bench-out')).toContainText('Less than half of the pressure arrives.');
    await expect(page.locator('#hoses-0-bore_mm')).toHaveValue('6.4');
    await page.fill('#pump-flow_l_min', '0');
    await expect(page.locator('#bench-out .error')).toContainText('look at "Flow"');
    await page.fill('#pump-flow_l_min', '45');
    await expect(page.locator('#bench-out .error')).toHaveCount(0);
    expect(heard.filter((words) => !words.includes('422'))).toEqual([]);
});

test('a grease plug by jet with a stuck hose on the way, roots by cable through a small opening, and the report tells both', async ({
    page,
}) => {
    const heard = complaints(page);
    const go = (name) => leave(page, () => page.getByRole('button', {name, exact: true}).first().click());
    const choose = (name) => page.locator('.pick', {hasText: name}).first().click();
    const log = async (tool, head, metres, came) => {
        if (!(await page.locator('#pass_form_head').isVisible())) await page.getByText('Log a pass').click();
        await choose(tool);
        await page.fill('#pass_form_head', head);
        await page.fill('#pass_form_inM', metres);
        await page.fill('#pass_form_cameBack', came);
        await go('Log the pass');
    };
    await signIn(page);
    const job = await jobAddress(page, 'tea room');
    await page.goto(job + '/way-in');
    await leave(page, () => page.getByRole('button', {name: 'Shop with a grease trap'}).click());
    await page.goto(job + '/clear/plan');
    await choose('Soft grease');
    await page.fill('#clearing_form_nearM', '1');
    await page.fill('#clearing_form_farM', '3');
    await go('Work out the plans');
    await expect(page.locator('.plan-card.preferred')).toContainText('Free spinner');

    // Round the gate there is no way: what was typed stays, nothing is logged.
    await page.goto(job + '/clear');
    await log('Jet', 'Free spinner', '9', 'Fat');
    await expect(page.locator('.gate-shut')).toContainText('first confirm every line');
    await expect(page.locator('#pass_form_head')).toHaveValue('Free spinner');
    await passGate(page, 'jet', async (what, leads) => {
        if (leads) await leave(page, () => what.click());
    });
    // Logged while it runs: marks, water, what is felt, and the warning before the nozzle comes out.
    await leave(page, () => page.getByRole('link', {name: 'The run'}).click());
    await leave(page, () => page.locator('.run-start button', {hasText: 'Free spinner'}).click());
    await go('Water on');
    await expect(page.locator('.bench .error:not([x-text])')).toContainText('Water only with the nozzle in the pipe');
    // What is said on a page that refused something is shown by the run itself.
    await page.keyboard.press('i');
    await page.keyboard.type('cold down here');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(job + '/clear/run');
    await expect(page.getByLabel('Say it')).toHaveValue('');
    await go('One mark in');
    await go('Water on');
    for (let mark = 2; mark <= 7; mark++) await go('One mark in');
    await expect(page.locator('.readout-big strong')).toHaveText('7.0 m');
    // Said with a wet hand on the hose.
    await page.keyboard.press('i');
    await page.keyboard.type('it grabs');
    await expect(page.locator('#said-read')).toContainText('Grabs');
    await leave(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.readout-big strong')).toHaveText('7.0 m');
    await go('Dropping');
    await go('One mark back');
    await expect(page.locator('.run-says')).toContainText('Mark 6 is at the opening');
    await page.fill('#run-back', 'Fat');
    await leave(page, () => page.locator('.press-field', {hasText: 'What came back'}).getByRole('button').click());
    await expect(page.locator('.caution.loud')).toHaveCount(0);
    await go('One mark back');
    await go('One mark back');
    await expect(page.locator('.caution.loud')).toContainText('The mark is near');
    await expect(page.locator('#stuck-at')).toHaveValue('4.0 m');
    await page.fill('#stuck-at', '4');
    await go('It will not come back');
    await go('Nothing changed');
    await expect(page.locator('.next-try h2')).toHaveText('Pulse');
    await choose('Low');
    await go('Save');
    await expect(page.locator('.next-try h2')).toContainText('Look at the supply');
    await go('It moved');

    await page.goto(job + '/clear/run');
    await go('Water off');
    for (let mark = 4; mark > 0; mark--) await go('One mark back');
    await go('It is out');
    await expect(page.locator('.entries li').first()).toContainText('0.0–6.4 m');
    await expect(page.locator('.proof-steps .done').first()).toContainText('On past the stoppage');

    // Through a small opening only a small cutter goes, and the plan says what it leaves.
    await page.goto(job + '/way-in/openings');
    await leave(page, () => page.locator('.opening .quiet').first().click());
    await page.fill('#opening_form_sizeMm', '60');
    await go('Save');
    await page.goto(job + '/clear/plan');
    await page.locator('.plan-given > summary').click();
    await choose('Dense roots');
    await go('Work out the plans');
    await expect(page.locator('.cable-sum')).toContainText('50 mm · sweeps 25 % of the bore');
    await page.goto(job + '/clear');
    await passGate(page, 'cable', async (what, leads) => (leads ? leave(page, () => what.click()) : what.click()));
    await log('Cable', 'Blade 50 mm', '9', 'Root cords');
    await page.goto(job + '/report');
    for (const words of [
        'Jet, Free spinner',
        'came back: Fat',
        'grabs at 6.4 m',
        'It will not come back at 4.0 m',
        'keep the water running',
        'look at the supply',
        'Cable, Blade 50 mm',
        'came back: Root cords',
    ])
        await expect(page.locator('.report')).toContainText(words);
    expect(heard.filter((words) => !words.includes('422'))).toEqual([]);
});

test('a tool of the kit is put right, and its reach follows', async ({page}) => {
    await signIn(page);
    const job = await jobAddress(page, 'Wash block');
    await page.goto(job + '/way-in/reach');
    await expect(page.locator('.answer')).toContainText('all the way');
    await page.goto('/kit');
    await leave(page, () => page.getByRole('link', {name: /Stiff rod/}).click());
    await page.fill('#tool_form_lengthM', '8 m');
    await leave(page, () => page.getByRole('button', {name: 'Save'}).click());
    await page.goto(job + '/way-in/reach');
    await expect(page.locator('.answer')).toContainText('8.0 m, then out of length');
    await page.locator('#reach-tool').selectOption({label: 'Piercer · Line hose 13 mm, 60 m'});
    await expect(page.locator('.answer')).toContainText('piercer from Chamber');
});
