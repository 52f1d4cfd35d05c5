import {expect, test} from './test.mjs';
import {keys, pick, press, tabTo, type} from './keyboard.mjs';
import {complaints, leave, passGate, signIn} from './steps.mjs';

test('a whole job on a laptop by keyboard alone, from the call to the report', async ({page}) => {
    const heard = complaints(page);
    await signIn(page);

    await press(page, 'New job');
    await pick(page, 'Inspection before purchase');
    await type(page, 'call_form_place', 'Rope store, 9 Capstan Yard');
    await type(page, 'call_form_customer', 'Mira Falk');
    await type(page, 'call_form_notOrdered', 'The boiler drain.');
    await press(page, 'Open the job');

    await expect(page).toHaveURL(/way-in$/);
    await press(page, 'Openings');
    await type(page, 'opening_form_place', 'Yard by the crane');
    await type(page, 'opening_form_sizeMm', '100');
    await type(page, 'opening_form_dropM', '60 cm');
    await press(page, 'Add it');
    await pick(page, 'Rim of the opening');
    await press(page, 'Use this opening');

    await press(page, 'Clear');
    // Not before every line is confirmed.
    await passGate(page, 'jet', async (what, leads) => {
        await what.focus();
        await (leads ? leave(page, () => page.keyboard.press('Enter')) : page.keyboard.press('Enter'));
    });
    await keys(page, '.');
    await expect(page.locator('#stop-card')).toContainText('hospital at once');
    await keys(page, 'Enter');
    await expect(page.locator('#stop-card')).toBeHidden();
    await pick(page, 'Jet');
    await type(page, 'pass_form_head', 'Piercer');
    await type(page, 'pass_form_inM', '22');
    await press(page, 'Log the pass');
    await expect(page.locator('.entries').first()).toContainText('0.0–22.0 m');
    await pick(page, 'Drains freely');
    await type(page, 'flow_test_form_minutes', '5');
    await press(page, 'Log the test');
    await pick(page, 'Cleared');
    await press(page, 'Save');

    await press(page, 'Look');
    await tabTo(page, 'run_form_material');
    await page.keyboard.type('Clay');
    await type(page, 'run_form_boreMm', '100');
    await type(page, 'run_form_expectedM', '24');
    await press(page, 'Zero the counter and start');

    // Distance, tile, size, Enter.
    await page.evaluate(() => document.activeElement.blur());
    const list = page.locator('#findings');
    await page.keyboard.type('5.4');
    await keys(page, 'Enter', 'q', 'q', 'q', 'ArrowRight', 'ArrowRight', 'ArrowRight');
    await page.keyboard.type('55');
    await page.keyboard.press('Enter');
    await expect(list).toContainText('Root clump');
    await expect(list).toContainText("55 % of the bore · 1 o'clock");

    // Same again, elsewhere; then undone.
    await page.keyboard.type('6.6');
    await keys(page, 'Enter', 'g');
    await expect(list.locator('li')).toHaveCount(2);
    await page.keyboard.press('z');
    await expect(list.locator('li')).toHaveCount(1);

    // A low spot: start, deepest, end, each with one key where it is.
    for (const [reading, key] of [
        ['9.4', 'x'],
        ['11', 'c'],
        ['13.1', 'v'],
    ]) {
        await page.keyboard.type(reading);
        await keys(page, 'Enter', 'w', key);
    }
    await page.keyboard.type('31');
    await page.keyboard.press('Enter');
    await expect(list).toContainText('9.4–13.1');
    await expect(list).toContainText('31 mm deep');

    // A refused size says why and keeps what was typed.
    await page.keyboard.type('14');
    await keys(page, 'Enter', 'a');
    await page.keyboard.type('140');
    await page.keyboard.press('Enter');
    await expect(page.locator('.entry .error')).toContainText('more than can be');
    await expect(page.locator('#size')).toHaveValue('140');
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Enter');
    await expect(list).toContainText('Grease');

    await press(page, 'End the run');
    await pick(page, 'Rod is out');
    await type(page, 'run_end_form_reachedM', '20');
    await press(page, 'End the run');
    await expect(page.locator('#bench')).toContainText('The reel still has rod.');
    await tabTo(page, 'run_end_form_sure');
    await page.keyboard.press('Space');
    await press(page, 'End the run');

    await press(page, 'Mark');
    await type(page, 'mark_form_atM', '5.4');
    for (const [i, depth] of ['1.28', '1.30', '1.29'].entries()) await type(page, 'mark_form_depthsM_' + i, depth);
    await press(page, 'Save the mark');
    await expect(page.locator('.flag text')).toHaveText('1.29');

    await press(page, 'Judge');
    await expect(page.locator('.verdict')).toContainText('The line does not pass');
    await expect(page.locator('.stretches')).toContainText('20.0 m to 24.0 m from Yard by the crane: not reached');
    await tabTo(page, 'Now');
    await page.keyboard.press('Enter');
    await expect(page.locator('.judgements details[open]')).toContainText('So much of the bore that it cannot wait.');

    await press(page, 'Hand over');
    await type(page, 'advice_form_advice', 'Renew the joint at 5.4 m.');
    await press(page, 'Save');
    // The letter goes with the link and the PDF, and what was sent is kept.
    await type(page, 'letter_form_to', 'store@capstan.example');
    await press(page, 'Send');
    await expect(page.locator('.links')).toContainText(['store@capstan.example · Your drain report: Rope store, 9 Capstan Yard · PDF']);
    await press(page, 'Read the report');
    const report = page.locator('.report');
    for (const words of [
        'Rope store, 9 Capstan Yard',
        'Root clump at 5.4 m',
        'Renew the joint at 5.4 m.',
        '20.0 m to 24.0 m',
        'The boiler drain.',
        'Piercer',
    ])
        await expect(report).toContainText(words);
    expect(heard.filter((words) => !words.includes('422'))).toEqual([]);
});
