import {expect, test} from '@playwright/test';
import {complaints, jobAddress, leave, signIn} from './steps.mjs';

test('the plan follows what stops the line, and the bench answers while it is typed', async ({page}) => {
    const heard = complaints(page);
    await signIn(page);
    const job = await jobAddress(page, 'Wash block');
    await page.goto(job + '/clear/plan');
    await page.locator('.pick', {hasText: 'Dense roots'}).click();
    await page.fill('#clearing_form_nearM', '9');
    await page.fill('#clearing_form_farM', '14');
    await leave(page, () => page.getByRole('button', {name: 'Work out the plans'}).click());
    await expect(page.locator('.plan-card').first()).toContainText('In with the blade');
    await expect(page.locator('.plan-card').last()).toContainText('whole-head rotary');
    await expect(page.locator('.section-drawing')).toBeVisible();
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
