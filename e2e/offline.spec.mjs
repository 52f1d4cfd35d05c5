import {expect, test} from './test.mjs';
import {signal, startDevice, takeAlong, waiting} from './away.mjs';
import {jobAddress, signIn} from './steps.mjs';

const OTHER = 'bo@lantern.example';

test('a job goes on without a network, through a closed browser, and arrives once, in order, at the device\'s times', async ({port}) => {
    const device = await startDevice(port);
    let {page, way} = device;
    await signIn(page, OTHER);
    const job = await jobAddress(page, 'Net store');
    await page.goto('/');
    await page.getByRole('button', {name: 'Take the day along'}).tap();
    await expect(page.locator('[data-words*="taking"]')).toContainText('The day is with you', {timeout: 90_000});
    await takeAlong(page, job, ['/way-in/stoppage', '/way-in/openings', '/clear', '/hand-over']);

    way.cut();
    await page.goto(job + '/way-in/stoppage');
    await expect(signal(page)).toContainText('No signal');
    await page.locator('.bench form', {hasText: 'Yes'}).first().getByRole('button', {name: 'Yes'}).tap();
    await expect(signal(page)).toContainText('1 entry waits');
    await page.goto(job + '/way-in/openings');
    await page.fill('#opening_form_place', 'Gully at the gate');
    await page.locator('form[name=opening_form] button.go').tap();
    await expect(signal(page)).toContainText('2 entries wait');
    await page.goto(job + '/clear');
    // A danger that was said stands on every bench, and nothing goes in past it.
    await expect(page.locator('.danger-card')).toHaveCount(1);
    await page.locator('.bench details').evaluateAll((all) => all.forEach((each) => (each.open = true)));
    await page.fill('#flow_test_form_minutes', '5');
    await page.locator('form[name=flow_test_form] label', {hasText: 'Drains freely'}).tap();
    await page.getByRole('button', {name: 'Log the test'}).tap();
    await expect(signal(page)).toContainText('3 entries wait');
    await page.locator('form[name=pass_form] label', {hasText: 'Jet'}).first().tap();
    await page.fill('#pass_form_head', 'Flusher');
    await page.fill('#pass_form_inM', '18');
    await page.locator('form[name=pass_form] button.go:not([type=button])').tap();
    await expect(page.locator('.gate-told')).toContainText('First make safe');
    await expect(signal(page)).toContainText('3 entries wait');
    // What cannot be is found out later.
    await page.fill('#flow_test_form_minutes', 'long');
    await page.locator('form[name=flow_test_form] label', {hasText: 'Drains freely'}).tap();
    await page.getByRole('button', {name: 'Log the test'}).tap();
    await expect(signal(page)).toContainText('4 entries wait');
    // What goes out of the house is not written down for later, and says so.
    await page.goto(job + '/hand-over');
    await page.locator('form[action*="/hand-over/links/"] button').first().tap();
    await expect(signal(page)).toContainText('needs a signal');
    const made = Date.now();

    await device.close();
    page = await device.open();
    await page.goto(job + '/clear');
    await expect(signal(page)).toContainText('4 entries wait');
    await page.locator('.signal button').first().tap();
    await expect(waiting(page).nth(1)).toContainText('Gully at the gate');
    // Whoever would sign out is told first.
    await page.locator('.bar-more').tap();
    await page.getByRole('button', {name: 'Sign out'}).tap();
    await expect(page.locator('.bar-warned')).toBeVisible();

    await page.waitForTimeout(3000);
    const mended = Date.now();
    way.mend();
    await signIn(page, OTHER);
    await expect(signal(page)).toContainText('Waiting for you: 1', {timeout: 30_000});
    await expect(waiting(page)).toHaveCount(0);
    await page.locator('.signal button').first().tap();
    await expect(page.locator('.signal-refused')).toContainText('number');
    const file = await (await page.request.get(job + '/job.json')).json();
    expect(file.openings.map((each) => each.place)).toEqual(['Gully at the gate']);
    expect(file.passes).toEqual([]);
    expect(file.flow_tests).toHaveLength(1);
    const logged = new Date(file.flow_tests[0].logged_at).getTime();
    expect(logged).toBeLessThan(mended - 2000);
    expect(Math.abs(logged - made)).toBeLessThan(20_000);
    await page.locator('.signal-refused button', {hasText: 'Throw away'}).tap();
    await expect(signal(page)).toBeHidden();
    // Nobody after them reads what was kept for them.
    await page.locator('.bar-more').tap();
    await page.getByRole('button', {name: 'Sign out'}).tap();
    await expect(page).toHaveURL(/sign-in/);
    const keptFor = () => page.evaluate(async () => (await caches.keys()).filter((name) => name.startsWith('pages-')));
    await expect.poll(keptFor).toEqual([]);
    way.cut();
    await page.goto(job + '/clear');
    await expect(page.locator('h1')).toHaveText('No signal');
    // It comes by itself; by now that is the page to sign in.
    way.mend();
    await expect(page).toHaveURL(/sign-in/);
    await device.end();
});

test('what a browser sends or fetches by itself does not change who is signed in', async ({request}) => {
    const shown = await request.get('/no-signal', {headers: {Cookie: 'jurvex=0123456789abcdef0123456789'}});
    expect(shown.headers()['set-cookie']).toContain('jurvex=');
    const quiet = {headers: {'X-Queued': '1', 'X-Csrf-Token': 'old', Cookie: 'jurvex=0123456789abcdef0123456789'}, maxRedirects: 0};
    const sent = await request.post('/jobs/01a21b4b-262d-739c-941e-82f471806d69/clear/tests/01a21b4b-262d-739c-941e-82f471806d70', quiet);
    expect(sent.status()).toBe(403);
    expect(sent.headers()['set-cookie']).toBeUndefined();
    const fetched = await request.get('/along', {headers: {'X-Along': '1', Cookie: quiet.headers.Cookie}, maxRedirects: 0});
    expect(fetched.headers()['set-cookie']).toBeUndefined();
});
