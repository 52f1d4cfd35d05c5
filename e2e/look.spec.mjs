import {expect, test} from './test.mjs';
import {complaints, jobAddress, signIn} from './steps.mjs';

/** A run of its own on the camp-site job, so that no other test meets these entries. */
async function freshRun(page, place, fields = {}) {
    const job = await jobAddress(page, place);
    await page.goto(job + '/look?start=1');
    for (const [label, text] of Object.entries({'Bore at zero': '100', ...fields}))
        await page.getByLabel(label).fill(text);
    await page.getByRole('button', {name: 'Zero the counter and start'}).click();
    await expect(page.locator('.tiles .tile')).toHaveCount(8);
    return job;
}

const tile = (page, name) => page.locator('.tile', {hasText: name}).first();
const chip = (page, name) => page.locator('.entry .chip', {hasText: name}).first();
/** Taps a size, and saves. */
const sized = async (page, size) => {
    await page.locator('.entry-sizes', {hasText: size}).click();
    await save(page);
};
const save = (page) => page.locator('.entry-go .go').click();
const read = (page, distance) => page.getByLabel('Counter reads').fill(distance);

test('the ribbon and the numbers follow every entry', async ({page}) => {
    const heard = complaints(page);
    await signIn(page, 'office@tideway.example');
    await freshRun(page, 'Wash block', {'Line is said to be long': '20'});
    const ribbon = page.locator('#ribbon');

    // What changes in the pipe is drawn as soon as it is logged.
    await read(page, '6');
    await tile(page, 'Way').click();
    await chip(page, 'Transition').click();
    await page.getByRole('combobox', {name: 'Pipe after it'}).selectOption('clay');
    await sized(page, '150 mm');
    await expect(page.locator('#findings')).toContainText('Pipe after it: Clay');
    await expect(ribbon.locator('.wall[fill="url(#m-clay)"]')).toHaveCount(1);

    await read(page, '8');
    await tile(page, 'Roots').click();
    await sized(page, '50 %');
    await expect(ribbon.locator('.shape-roots')).toHaveCount(1);
    await expect(ribbon.locator('.sign.need-now')).toHaveCount(1);
    await expect(page.locator('#numbers')).toContainText('Root threads, 8.0 m: now');
    await expect(page.locator('#stages [aria-current]')).toContainText('8.0 m');

    // Undone, it is gone from all of them.
    await page.getByRole('button', {name: 'Undo'}).click();
    await expect(ribbon.locator('.shape-roots')).toHaveCount(0);
    await expect(page.locator('#numbers')).not.toContainText('Root threads');
    expect(heard).toEqual([]);
});

test('the counter says distance, rod left and when the rod ends', async ({page}) => {
    await signIn(page, 'office@tideway.example');
    const job = await jobAddress(page, 'Boat');
    await page.goto(job + '/look?start=1');
    await page.locator('summary', {hasText: 'Reel and zero'}).click();
    await page.getByLabel('Counter factor').fill('1.02');
    await page.getByLabel('Rod length').fill('30');
    await page.getByRole('button', {name: 'Zero the counter and start'}).click();
    const readouts = page.locator('#readouts');
    await read(page, '10');
    await expect(readouts).toContainText('10.2 m');
    await expect(readouts).toContainText('19.8 m');
    await page.getByRole('button', {name: 'On a little'}).click();
    await expect(readouts).toContainText('10.3 m');
    await read(page, '27.5');
    await expect(readouts.locator('.readout-warn')).toContainText('the rod ends soon');
    await read(page, '40');
    await expect(readouts).toContainText('check its factor');
    await read(page, 'far');
    await expect(readouts.locator('.error')).toContainText('cannot be read');
});

test('a finding is corrected, and takes its picture along', async ({page}) => {
    await signIn(page, 'office@tideway.example');
    await freshRun(page, 'Wash block');
    await read(page, '3');
    await tile(page, 'Wall').click();
    await page.setInputFiles('#photo', {
        name: 'crack.png',
        mimeType: 'image/png',
        buffer: Buffer.from(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            'base64',
        ),
    });
    await chip(page, 'open').click();
    await save(page);
    const row = page.locator('#findings li').first();
    await expect(row).toContainText('Crack');
    await expect(row).toContainText('picture');

    await row.locator('a').click();
    await expect(page.locator('#p-from')).toHaveValue('3.0 m');
    await page.locator('#p-from').fill('3.4');
    await page
        .getByLabel('How sure')
        .or(page.locator('.pick', {hasText: 'Likely'}))
        .first()
        .click();
    await page.getByRole('button', {name: 'Save'}).click();
    await expect(row).toContainText('3.4');
    await expect(row).toContainText('likely');
    await expect(row).toContainText('picture');
    await expect(page.locator('#findings li')).toHaveCount(1);
});

test('a picture that is none is refused beside the finding, which stays as it was typed', async ({page}) => {
    await signIn(page, 'office@tideway.example');
    await freshRun(page, 'Wash block');
    await read(page, '5');
    await tile(page, 'Deposit').click();
    await page.setInputFiles('#photo', {
        name: 'notes.jpg',
        mimeType: 'image/jpeg',
        buffer: Buffer.from('not a picture'),
    });
    await sized(page, '20 %');
    await expect(page.locator('.entry .error')).toContainText('must be a JPEG or a PNG');
    await expect(page.locator('#size')).toHaveValue('20');
    await page.setInputFiles('#photo', []);
    await save(page);
    await expect(page.locator('#findings')).toContainText('Grease');
});

test('a rolled picture is put upright, and water running makes a depth provisional', async ({page}) => {
    await signIn(page, 'office@tideway.example');
    const job = await freshRun(page, 'Wash block');
    await page.getByRole('button', {name: 'Water on now'}).click();
    await expect(page.locator('#readouts')).toContainText('depths are provisional');

    // The bottom of the pipe stands at three: what is seen at three is at six.
    await read(page, '4');
    await tile(page, 'Joint').click();
    const dial = page.locator('.entry-dial svg').first();
    const box = await dial.boundingBox();
    const right = {x: box.width - 8, y: box.height / 2};
    await page.getByRole('button', {name: 'Set the bottom'}).click();
    await dial.click({position: right});
    await dial.click({position: right});
    await sized(page, '10 %');
    await expect(page.locator('#findings')).toContainText("6 o'clock");

    await read(page, '7');
    await tile(page, 'Water').click();
    await page.getByRole('button', {name: 'starts'}).click();
    await read(page, '9');
    await page.locator('.aside-take').click();
    await page.getByRole('button', {name: 'ends'}).click();
    await sized(page, '40 mm');
    await expect(page.locator('#findings')).toContainText('7.0–9.0');
    await expect(page.locator('#findings li', {hasText: 'Low spot'})).toContainText('Look again');
    await page.goto(job + '/judge?run=' + (await page.locator('.look').getAttribute('data-run')));
    await expect(page.locator('.judgements')).toContainText('Turn it off, let it drain, look again.');
});

test('the office sets its limits and its schools, takes findings in from a table and sends a bad one back', async ({
    page,
}) => {
    await signIn(page, 'office@lantern.example');
    await page.goto('/settings');
    await page.getByLabel('Deposit is left under (%)').fill('101');
    await page.getByRole('button', {name: 'Save'}).last().click();
    await expect(page.locator('.field-bad')).toContainText('A number from 0 to 100');
    await page.getByLabel('Deposit is left under (%)').fill('30');
    await page.getByRole('button', {name: 'Save'}).last().click();
    await expect(page.locator('.field-bad')).toHaveCount(0);

    const hand = (await jobAddress(page, 'Sail')) + '/hand-over';
    await page.goto(hand);
    const table = (text) =>
        page.setInputFiles('#csv-file', {name: 'findings.csv', mimeType: 'text/csv', buffer: Buffer.from(text)});
    await table('kind,from_m,size\ngrease,2,28\ngremlin,3,1\n');
    await page.getByRole('button', {name: 'Take them in'}).click();
    await expect(page.locator('.error').last()).toContainText('Line 3, kind:');
    await table('kind,from_m,size\ngrease,2,28\n');
    await page.getByRole('button', {name: 'Take them in'}).click();
    await expect(page.locator('.told')).toContainText('1 finding taken in');
    await page.goto(hand.replace('hand-over', 'judge'));
    const grease = page.locator('.judgements li', {hasText: 'Grease'}).first();
    await expect(grease).toContainText('Leave');
    await grease.locator('summary').click();
    await expect(page.locator('.judgements details[open]')).toContainText('Deposit is left under 30 %');
});

test('a press on the ribbon says where a mark is', async ({page}) => {
    await signIn(page, 'bo@lantern.example');
    await page.goto((await jobAddress(page, 'Sail')) + '/mark');
    const drawing = page.locator('.ribbon .drawing');
    const box = await drawing.boundingBox();
    await drawing.click({position: {x: box.width / 2, y: 30}});
    const field = page.getByLabel('Distance from zero');
    await expect(field).toBeFocused();
    const half = Number(await field.inputValue());
    await drawing.click({position: {x: box.width / 4, y: 30}});
    const quarter = Number(await field.inputValue());
    // To scale, and in the person's feet.
    expect(half).toBeGreaterThan(30);
    expect(Math.abs(half - 2 * quarter)).toBeLessThan(4);
});
