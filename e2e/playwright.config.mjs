import {defineConfig} from '@playwright/test';
import os from 'node:os';
import {chromium} from './chromium.mjs';

/** The real interface in a real browser; who serves it, and from what, is in test.mjs. */
export default defineConfig({
    testDir: '.',
    testMatch: '*.spec.mjs',
    globalSetup: './server.mjs',
    // One more than there are processors: what is driven by the clock, as a rod is, leaves time to the others.
    workers: os.availableParallelism() + 1,
    timeout: 300_000,
    // What comes at once takes as long on a slow day as it takes: only what never comes fails.
    expect: {timeout: 20_000},
    // On a shared machine a page may once take longer than anybody would; it is named as flaky then.
    retries: process.env.CI ? 1 : 0,
    reporter: [['list']],
    use: {
        viewport: {width: 1280, height: 800},
        launchOptions: chromium,
        actionTimeout: 20_000,
    },
});
