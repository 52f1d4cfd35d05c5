import {expect} from '@playwright/test';
import {leave} from './steps.mjs';

/** Moves the focus by Tab to what has this accessible name or id; no mouse anywhere. */
export async function tabTo(page, wanted) {
    for (let i = 0; i < 120; i++) {
        const found = await page.evaluate((target) => {
            const at = document.activeElement;
            return (
                at.id === target ||
                (at.textContent.trim().startsWith(target) && at.matches('a, button, summary')) ||
                (at.labels && [...at.labels].some((label) => label.textContent.trim().startsWith(target)))
            );
        }, wanted);
        if (found) return;
        await page.keyboard.press('Tab');
    }
    throw new Error('Tab does not lead to ' + wanted);
}

export async function type(page, id, text) {
    await tabTo(page, id);
    await page.keyboard.press('Control+a');
    await page.keyboard.type(text);
}

export async function press(page, name) {
    await tabTo(page, name);
    await leave(page, () => page.keyboard.press('Enter'));
}

export async function pick(page, name) {
    const radio = page.getByRole('radio', {name, exact: true}).first();
    const group = await radio.getAttribute('name');
    const isPicked = () => radio.isChecked();
    await tabToGroup(page, group);
    for (let i = 0; i < 12 && !(await isPicked()); i++) await page.keyboard.press(i === 0 ? 'Space' : 'ArrowRight');
    expect(await isPicked()).toBe(true);
}

async function tabToGroup(page, group) {
    for (let i = 0; i < 120; i++) {
        if (await page.evaluate((name) => document.activeElement.name === name, group)) return;
        await page.keyboard.press('Tab');
    }
    throw new Error('Tab does not lead to ' + group);
}

export const keys = async (page, ...pressed) => {
    for (const key of pressed) await page.keyboard.press(key);
};
