import {expect} from '@playwright/test';

export const technician = 'ana@tideway.example';

export async function signIn(page, email = technician) {
    await page.goto('/sign-in');
    await page.fill('#email', email);
    await page.fill('#password', 'jurvex-demo');
    await page.press('#password', 'Enter');
    await expect(page).toHaveURL('/');
}

/** Anything that the browser complains of (a blocked script or style, an uncaught error) fails the test. */
export function complaints(page) {
    const heard = [];
    page.on('pageerror', (error) => heard.push(error.message));
    page.on('console', (message) => {
        if (message.type() === 'error') heard.push(message.text());
    });
    return heard;
}

/** Does what leads to another page, and waits for that page: parts are swapped, so the address alone does not tell. */
export async function leave(page, act) {
    await page.evaluate(() => document.querySelector('main').setAttribute('data-left', ''));
    await act();
    await page.waitForSelector('main:not([data-left])');
    await page.waitForLoadState('networkidle');
}

/** Confirms every line before a machine may turn or spray; `act` presses what is given. */
export async function passGate(page, machine, act) {
    const gate = page.locator('#gate-' + machine);
    await act(gate.locator('summary'), false);
    for (let left = await gate.locator('.gate-line').count(); left > 0; left--)
        await act(gate.locator('.gate-line:not(.on)').first(), true);
    await expect(gate.locator('summary')).toContainText('all confirmed');
}

/** Address of a demo job's stage. */
export async function jobAddress(page, place) {
    await page.goto('/?find=' + encodeURIComponent(place));
    const link = await page.locator('.day-list a', {hasText: place}).first().getAttribute('href');
    return link.match(/^\/jobs\/[0-9a-f-]{36}/)[0];
}
