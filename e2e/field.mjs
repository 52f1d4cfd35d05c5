/**
 * What the work in the field takes: node field.mjs SERVER. Seconds are those of a practised hand (1.1 s to reach for a place and press it,
 * 0.28 s for a key: Card, Moran and Newell, 1980) and what the machine took. Exits 1 over a bound.
 */
import {chromium as playwright} from '@playwright/test';
import {freshId} from '../assets/scripts/ids.js';
import {countWritten} from './away.mjs';
import {chromium} from './chromium.mjs';
import {startWay} from './cut.mjs';
import {jobAddress, leave, signIn} from './steps.mjs';

const [, , server] = process.argv;
const [TAP_S, KEY_S] = [1.1, 0.28];
const browser = await playwright.launch(chromium);
const rows = [];
let isOver = false;

const told = (name, {taps = 0, keys = 0, seconds, more = ''}, bounds) => {
    const over = Object.entries(bounds).filter(([what, most]) => ({taps, keys, seconds, ...more.bounds})[what] > most);
    isOver ||= over.length > 0;
    const most = Object.entries(bounds).map(([what, bound]) => `${what} at most ${bound}`).join(', ');
    rows.push([name, taps, keys, seconds.toFixed(1), more.told ?? '', most + (over.length > 0 ? '   OVER' : '')]);
};
/** A hand that counts what it does. */
const handOn = (page) => {
    let [taps, keys, machine] = [0, 0, 0];
    const timed = async (act) => {
        const began = performance.now();
        await act();
        machine += (performance.now() - began) / 1000;
    };
    return {
        tap: (locator) => timed(() => (taps++, locator.tap())),
        /* To another page, or a part of this one that the server makes. */
        go: (locator) => timed(() => (taps++, leave(page, () => locator.tap()))),
        type: (locator, text) => timed(() => (taps++, (keys += text.length), locator.fill(text))),
        key: (...pressed) =>
            timed(async () => {
                for (const key of pressed) {
                    keys++;
                    await page.keyboard.press(key);
                }
            }),
        sees: (locator) => timed(() => locator.waitFor()),
        sum: () => ({taps, keys, seconds: taps * TAP_S + keys * KEY_S + machine}),
    };
};
const person = async (email, baseURL = server) => {
    const page = await (
        await browser.newContext({baseURL, viewport: {width: 390, height: 800}, hasTouch: true, isMobile: true})
    ).newPage();
    await signIn(page, email);
    return page;
};
const newJob = async (page, where) => {
    await page.goto('/jobs/new');
    await page.fill('#call_form_place', where);
    await page.fill('#call_form_customer', 'Odd Marsk');
    await leave(page, () => page.getByRole('button', {name: 'Open the job'}).tap());
    return new URL(page.url()).pathname.match(/^\/jobs\/[0-9a-f-]{36}/)[0];
};
const button = (page, name) => page.getByRole('button', {name, exact: true}).first();
const counter = (page) => page.getByLabel('Counter reads');
const newest = (page) => page.locator('#findings li').first();
const startRun = async (page, job) => {
    await page.goto(job + '/look?start');
    await page.locator('#run_form_opening .pick').first().tap();
    await leave(page, () => page.getByRole('button', {name: 'Zero the counter and start'}).tap());
    await counter(page).waitFor();
};

const page = await person('ana@tideway.example');

/* A house from a starting point: one thing too many, one too few, and the length of a pipe as it was measured. */
const house = await newJob(page, 'Net loft, 2 Cod Wynd');
await page.goto(house + '/way-in');
let hand = handOn(page);
await hand.go(page.getByRole('button', {name: 'House with a basement'}));
await hand.go(page.locator('.plan a.node', {hasText: 'Washer'}));
await hand.go(button(page, 'Take it off the map'));
await hand.go(button(page, 'Shower'));
await hand.type(page.locator('#pipe_form_lengthM'), '4.5');
await hand.go(page.locator('form[name=pipe_form] button.go'));
await page.waitForFunction(() => document.getElementById('pipe_form_lengthM')?.defaultValue.startsWith('4.5'));
told('sketch a house', hand.sum(), {seconds: 60});

/* Triage until a place is named. */
await page.goto(house + '/way-in/stoppage');
hand = handOn(page);
for (const sign of await page.locator('.dangers li').all()) await hand.go(sign.getByRole('button', {name: 'No'}));
for (const [place, answer] of [
    ['Floor drain', 'Backs up'],
    ['Cleanout', 'Dry'],
    ['Shower', 'Backs up'],
])
    await hand.go(page.locator('.tap', {hasText: place}).getByRole('button', {name: answer}));
await hand.sees(page.locator('.likeliest li').first());
told('triage to a named place', hand.sum(), {seconds: 60});

/* A jet is planned for the grease that stops a line. */
await page.goto((await jobAddress(page, 'Wash block')) + '/clear/plan');
hand = handOn(page);
await hand.tap(page.locator('.pick', {hasText: 'Soft grease'}));
await hand.go(page.getByRole('button', {name: 'Work out the plans'}));
await hand.sees(page.locator('.plan-card').first());
told('plan a jet', hand.sum(), {seconds: 30});

/* Entries of a look, by thumb and by keys. */
await startRun(page, house);
const logged = async (text) => newest(page).filter({hasText: text}).waitFor();
await counter(page).fill('3.2');
hand = handOn(page);
await hand.tap(button(page, 'Roots'));
await hand.tap(button(page, '25 %'));
await hand.tap(page.getByRole('button', {name: /^Save/}));
await logged('25 %');
told('a root, by thumb', hand.sum(), {taps: 3});
await counter(page).fill('5.1');
await counter(page).blur();
hand = handOn(page);
await hand.key('q', '2', '5', 'Enter');
await logged('5.1');
told('a root, by keys', hand.sum(), {keys: 4});

/* A low spot while the camera is drawn back; the counter moves by itself. */
const at = async (place) => {
    await counter(page).fill(place);
    await counter(page).blur();
};
await at('13.1');
hand = handOn(page);
await hand.key('w', 'x');
await at('11');
await hand.key('w', 'c');
await at('9.4');
await hand.key('w', 'v', '3', '1', 'Enter');
await logged('9.4–13.1');
told('a low spot drawn back, by keys', hand.sum(), {keys: 9});
await at('23.1');
hand = handOn(page);
const water = page.locator('.tile', {hasText: 'Water'});
await hand.tap(water);
await hand.tap(page.locator('.entry-places .chip', {hasText: 'starts'}));
await at('19.4');
await hand.tap(page.locator('.aside-take'));
await hand.tap(page.locator('.entry-places .chip', {hasText: 'ends'}));
await hand.tap(page.locator('.entry-sizes').nth(1));
await hand.tap(page.getByRole('button', {name: /^Save/}));
await logged('19.4–23.1');
told('a low spot drawn back, by thumb', hand.sum(), {taps: 6});

/* A mark with three depths. */
await page.goto(house + '/mark');
hand = handOn(page);
await hand.type(page.locator('#mark_form_atM'), '5.4');
for (const [i, depth] of ['1.28', '1.30', '1.29'].entries()) await hand.type(page.locator('#mark_form_depthsM_' + i), depth);
await hand.go(button(page, 'Save the mark'));
told('a mark with three depths', hand.sum(), {seconds: 30});

/* From the end of the job to the report, with nothing typed. */
await page.goto(house + '/look');
hand = handOn(page);
await hand.go(page.getByRole('link', {name: 'End the run'}));
await hand.tap(page.locator('.pick', {hasText: 'Main reached'}));
await hand.go(page.getByRole('button', {name: 'End the run'}));
await hand.go(page.locator('.stages').getByRole('link', {name: 'Hand over'}));
await hand.go(page.getByRole('link', {name: 'Read the report'}));
await hand.sees(page.locator('.report h1').first());
told('end of job to report', hand.sum(), {keys: 0});

/* A day without a network: what is taken along, how fast it opens, how fast what waited is sent. */
const way = await startWay(Number(new URL(server).port));
const away = await person('ana@tideway.example', way.address);
const jobs = [];
for (let i = 1; i <= 4; i++) jobs.push(await newJob(away, 'Rope walk, shed ' + i));
jobs.push(house);
await away.goto('/');
await away.evaluate(() => navigator.serviceWorker.ready);
await away.reload();
const cdp = await away.context().newCDPSession(away);
let began = performance.now();
const bytes = await away.evaluate(async (own) => {
    const urls = new Set(['/']);
    for (const job of own) {
        const answer = await (await fetch('/along?job=' + job.split('/')[2])).json();
        answer.urls.forEach((url) => urls.add(url));
    }
    performance.clearResourceTimings();
    performance.setResourceTimingBufferSize(2000);
    let sum = 0;
    const pages = [...urls];
    const fetchAll = async (list) => {
        for (let url = list.shift(); url; url = list.shift()) {
            const text = await (await fetch(url, {headers: {'X-Along': '1'}})).text();
            const small = new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'));
            sum += (await new Response(small).arrayBuffer()).byteLength;
        }
    };
    await Promise.all([fetchAll(pages), fetchAll(pages), fetchAll(pages)]);
    return sum;
}, jobs);
const megabytes = bytes / 1e6;
const parcel = {told: megabytes.toFixed(2) + ' MB', bounds: {megabytes}};
told('the parcel of five jobs', {seconds: (performance.now() - began) / 1000, more: parcel}, {megabytes: 3});
way.cut();
// A phone's processor is about four times slower than this machine's.
await cdp.send('Emulation.setCPUThrottlingRate', {rate: 4});
let slowest = 0;
for (const stage of ['', '/way-in', '/way-in/stoppage', '/clear', '/clear/plan', '/clear/run', '/look', '/mark', '/judge', '/hand-over']) {
    began = performance.now();
    await away.goto(house + stage, {waitUntil: 'load'});
    await away.locator('#bench').waitFor();
    slowest = Math.max(slowest, (performance.now() - began) / 1000);
}
told('a stage opened without a network', {seconds: slowest}, {seconds: 1});

await cdp.send('Emulation.setCPUThrottlingRate', {rate: 1});

/* 300 entries of a run. */
await away.goto(house + '/look');
const run = await away.locator('.look').getAttribute('data-url');
const account = await away.locator('meta[name=account]').getAttribute('content');
const ids = Array.from({length: 300}, (_, i) => freshId(Date.now() + i));
await away.evaluate(
    ([address, who, all]) =>
        new Promise((resolve, reject) => {
            const asked = indexedDB.open('jurvex', 1);
            asked.onsuccess = () => {
                const transaction = asked.result.transaction('entries', 'readwrite');
                all.forEach((id, i) =>
                    transaction.objectStore('entries').add({
                        id,
                        url: address + '/findings/' + id,
                        words: 'Roots ' + i,
                        pairs: [
                            ['kind', 'root_threads'],
                            ['reading_from', (i / 20).toFixed(2)],
                            ['size', '20'],
                            ['sureness', 'clear'],
                        ],
                        at: Date.now(),
                        who,
                        from: '/',
                    }),
                );
                transaction.oncomplete = resolve;
                transaction.onabort = reject;
            };
        }),
    [run, account, ids],
);
way.mend();
began = performance.now();
await away.goto(house + '/judge');
while ((await countWritten(away)) !== 0 && performance.now() - began < 120_000) await away.waitForTimeout(100);
const seconds = (performance.now() - began) / 1000;
const file = await (await away.request.get(house + '/job.json')).json();
const stored = file.runs[0].findings.filter((each) => ids.includes(each.id)).length;
told('300 entries of a run sent', {seconds, more: {told: stored + ' stored', bounds: {missing: 300 - stored}}}, {seconds: 20, missing: 0});

const table = [['', 'taps', 'keys', 'seconds', '', 'bound'], ...rows].map((row) => row.map(String));
const widths = table[0].map((_, i) => Math.max(...table.map((row) => row[i].length)));
const isNumber = (i) => i >= 1 && i <= 3;
table.forEach((row) => {
    const cells = row.map((cell, i) => cell[isNumber(i) ? 'padStart' : 'padEnd'](widths[i]));
    console.log(cells.join('  ').trimEnd());
});
await browser.close();
way.end();
process.exit(isOver ? 1 : 0);
