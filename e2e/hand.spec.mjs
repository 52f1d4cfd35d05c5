import {expect, test} from './test.mjs';
import {jobAddress, signIn, technician} from './steps.mjs';

test.use({viewport: {width: 390, height: 800}, hasTouch: true, isMobile: true});

const BENCHES = ['/look', '/clear/run/ahead/jet', '/clear/run/ahead/cable', '/mark', '/way-in/stoppage', '/clear'];
const LEAST = 48;

/** What can be pressed on the bench and is smaller than a gloved finger. */
const small = (page) =>
    page.evaluate((least) => {
        const typed = 'input:not([type=hidden], [type=radio], [type=checkbox], [type=file])';
        const pressed = document.querySelectorAll(`.bench :is(button, select, summary, .quiet, .go, ${typed})`);
        return [...pressed, ...document.querySelectorAll('.bench .pick')]
            .filter((each) => each.checkVisibility() && !each.closest('svg'))
            .map((each) => [each.getBoundingClientRect(), each])
            .filter(([box]) => box.width > 1 && (box.height < least - 0.5 || box.width < least - 0.5))
            .map(([box, each]) => [each.outerHTML.slice(0, 80), Math.round(box.width), Math.round(box.height)].join(' '));
    }, LEAST);

for (const who of [technician, 'bo@lantern.example'])
    test(`what is pressed is large enough for a glove, and nothing breaks at twice the letters, ${who}`, async ({page}) => {
        await signIn(page, who);
        const job = await jobAddress(page, who === technician ? 'Pottery' : 'Sail');
        for (const bench of BENCHES) {
            await page.goto(job + bench);
            await page.waitForLoadState('networkidle');
            expect(await small(page), bench).toEqual([]);
            await page.evaluate(() => (document.documentElement.style.fontSize = '200%'));
            const over = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
            await expect.poll(over, {message: bench}).toBeLessThanOrEqual(0);
        }
    });

test('the hand that holds the phone has what is pressed most under its thumb', async ({page}) => {
    await signIn(page);
    const job = await jobAddress(page, 'Pottery');
    const places = async () => {
        await page.goto(job + '/clear/run/ahead/jet');
        const boxes = await page
            .locator('.press-dock button')
            .evaluateAll((all) => all.map((each) => each.getBoundingClientRect().toJSON()));
        expect(boxes).toHaveLength(3);
        const rail = await page.locator('.stages').boundingBox();
        // Over the rail, in the lowest quarter of the screen, whatever part of the page is in sight.
        for (const box of boxes) expect([box.bottom <= rail.y + 1, box.top > 600]).toEqual([true, true]);
        return boxes.map((box) => box.left);
    };
    const right = await places();
    expect(right).toEqual([...right].sort((a, b) => a - b));
    const choose = async (hand) => {
        await page.goto('/settings');
        await page.locator('.pick', {hasText: hand}).tap();
        await page.getByRole('button', {name: 'Save'}).first().tap();
        await expect(page.locator('body')).toHaveAttribute('data-hand', hand.toLowerCase());
    };
    await choose('Left');
    const left = await places();
    expect(left).toEqual([...left].sort((a, b) => b - a));
    await choose('Right');
});
