import {expect, test} from './test.mjs';
import {complaints, signIn} from './steps.mjs';

test.describe.configure({mode: 'serial'});

const card = (page, place) => page.locator('.board-table .board-card', {hasText: place});
const cellOf = (page, place) => page.locator('.board-cell', {has: page.locator('.board-card', {hasText: place})});

test('a week is planned by drag and by keys, and what somebody else has done is told', async ({page, context}) => {
    const heard = complaints(page);
    await signIn(page, 'office@lantern.example');
    await page.goto('/board');
    await page.getByRole('link', {name: 'Later'}).click();
    await expect(page).toHaveURL(/week=/);
    const week = page.url();
    const first = page.locator('.board-side .board-card[data-seen*="|"]').first();
    const place = await first.locator('strong').innerText();

    // Onto the week by a key, and to the next day by the next.
    await first.focus();
    await page.keyboard.press('ArrowUp');
    await expect(cellOf(page, place)).toHaveAttribute('data-person', '');
    const monday = await cellOf(page, place).getAttribute('data-day');
    await expect(card(page, place)).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(cellOf(page, place)).not.toHaveAttribute('data-day', monday);
    await expect(card(page, place)).toBeFocused();
    await page.keyboard.press('Shift+ArrowDown');
    await expect(cellOf(page, place)).not.toHaveAttribute('data-person', '');

    // Another window still shows it where it was.
    const other = await context.newPage();
    await other.goto(week);
    const target = page.locator('.board-cell').nth(4);
    await card(page, place).dragTo(target);
    await expect(target).toContainText(place);
    await card(other, place).focus();
    await other.keyboard.press('ArrowRight');
    await expect(other.getByRole('alert')).toContainText('Somebody else has moved');
    await expect(other.locator('.board-cell').nth(4)).toContainText(place);
    expect(heard.filter((each) => !each.includes('422'))).toEqual([]);
});
