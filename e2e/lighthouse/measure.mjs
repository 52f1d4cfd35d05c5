import * as chromeLauncher from 'chrome-launcher';
import lighthouse from 'lighthouse';
import {throttling} from 'lighthouse/core/config/constants.js';
import puppeteer from 'puppeteer-core';
import {chromium} from '../chromium.mjs';

/* Scores of 100, and bytes on the wire. */
const LEAST = {performance: 90, accessibility: 98, 'best-practices': 98};
const FIRST_VIEW = 200_000;
const NEXT_VIEW = 30_000;
const PHONE = {width: 412, height: 823, deviceScaleFactor: 1.75, isMobile: true, hasTouch: true};
const JOB = 'Pottery';
/* Of which the middle one counts. */
const RUNS = 3;
/*
 * Lighthouse's phone is a fast desktop slowed down; a machine that is slower itself is slowed down less
 * (Lighthouse, docs/throttling.md, "Calibrating the CPU slowdown"; a fast desktop has an index of 1500 and more).
 */
const FAST_DESKTOP = 1500;
/* The whole browser, as people have it; the shell that tests and prints takes longer over the same scripts. */
const WHOLE = process.env.CHROMIUM || '/usr/bin/chromium';

const [, , server] = process.argv;
const launched = await chromeLauncher.launch({chromePath: WHOLE, chromeFlags: ['--headless=new', ...chromium.args]});
const browser = await puppeteer.connect({browserURL: `http://127.0.0.1:${launched.port}`, defaultViewport: PHONE});
let broken = 0;

const keeps = (holds) => {
    if (!holds) broken = 1;
    return holds ? 'kept' : 'BROKEN';
};
const kilobytes = (bytes) => (bytes / 1000).toFixed(1).padStart(6) + ' kB';

/** Bytes that came over the wire while a page was opened and settled. */
const weigh = async (page, address) => {
    const session = await page.createCDPSession();
    await session.send('Network.enable');
    // What the worker has kept already would weigh nothing.
    await session.send('Network.setBypassServiceWorker', {bypass: true});
    let bytes = 0;
    session.on('Network.loadingFinished', ({encodedDataLength}) => (bytes += encodedDataLength));
    await page.goto(server + address, {waitUntil: 'networkidle0'});
    await session.detach();
    return bytes;
};

const signIn = async (page) => {
    await page.goto(server + '/sign-in');
    await page.type('#email', 'ana@tideway.example');
    await page.type('#password', 'jurvex-demo');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => '/' === location.pathname);
};

process.on('exit', () => launched.kill());
const page = await browser.newPage();
await signIn(page);
const cookies = await page.cookies();
const job = await page.evaluate((place) => {
    const link = [...document.querySelectorAll('a[href*="/jobs/"]')].find((each) => each.textContent.includes(place));
    return new URL(link.href).pathname.match(/^\/jobs\/[^/]+/)[0];
}, JOB);
const views = {
    Home: '/',
    'Way in': job + '/way-in',
    Clear: job + '/clear',
    Look: job + '/look',
    Judge: job + '/judge',
    Report: job + '/report',
};

console.log('On the wire:');
await (await page.createCDPSession()).send('Network.clearBrowserCache');
let isFirst = true;
for (const [name, address] of Object.entries(views)) {
    const bytes = await weigh(page, address);
    const bound = isFirst ? FIRST_VIEW : NEXT_VIEW;
    const told = `${kilobytes(bytes)}, ${isFirst ? 'first view, ' : ''}bound ${kilobytes(bound).trim()}`;
    console.log(`  ${name.padEnd(8)} ${told} ${keeps(bytes <= bound)}`);
    isFirst = false;
}
await page.close();

const middle = (values) => values.sort((a, b) => a - b)[values.length >> 1];
const extraHeaders = {Cookie: cookies.map(({name, value}) => `${name}=${value}`).join('; ')};
const onlyCategories = Object.keys(LEAST);
console.log(`Lighthouse, phone: ${onlyCategories.map((category) => `${category} (${LEAST[category]})`).join(', ')}`);
const phone = {...throttling.mobileSlow4G};
const look = async (address) => {
    const flags = {port: launched.port, logLevel: 'error', onlyCategories, extraHeaders, throttling: phone};
    return (await lighthouse(server + address, flags)).lhr;
};
// The first run of a browser is its own start-up; it tells how fast the machine is.
const {benchmarkIndex} = (await look(views.Home)).environment;
phone.cpuSlowdownMultiplier *= Math.min(1, benchmarkIndex / FAST_DESKTOP);
console.log(`  a machine of index ${benchmarkIndex}, slowed down ${phone.cpuSlowdownMultiplier.toFixed(1)} times`);
for (const [name, address] of Object.entries(views)) {
    const runs = [];
    while (runs.length < RUNS) runs.push(await look(address));
    const scores = onlyCategories.map((category) => middle(runs.map((run) => Math.round(100 * run.categories[category].score))));
    const holds = scores.every((score, i) => score >= LEAST[onlyCategories[i]]);
    console.log(`  ${name.padEnd(8)} ${scores.map((score) => String(score).padStart(4)).join(' ')}  ${keeps(holds)}`);
    if (!holds || process.env.WHY)
        for (const audit of Object.values(runs[0].audits))
            if (null !== audit.score && audit.score < 0.9) console.log(`           ${audit.id}: ${audit.displayValue ?? audit.title}`);
}
await browser.disconnect();
process.exit(broken);
