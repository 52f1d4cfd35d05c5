import {defineConfig} from '@playwright/test';
import os from 'node:os';
import {chromium} from './chromium.mjs';

const port = 8398;
const database = 'var/data/browser.db';

/** The real interface in a real browser, against a server of its own with fresh demo data. */
export default defineConfig({
    testDir: '.',
    testMatch: '*.spec.mjs',
    // One more than there are processors: what is driven by the clock, as a rod is, leaves time to the others.
    workers: os.availableParallelism() + 1,
    timeout: 120_000,
    // What comes at once takes as long on a slow day as it takes: only what never comes fails.
    expect: {timeout: 20_000},
    // On a shared machine a page may once take longer than anybody would; it is named as flaky then.
    retries: process.env.CI ? 1 : 0,
    reporter: [['list']],
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: {width: 1280, height: 800},
        launchOptions: chromium,
        actionTimeout: 20_000,
    },
    webServer: {
        command: [
            `rm -f ${database}*`,
            'bin/console cache:clear -q',
            'bin/console doctrine:migrations:migrate -n -q',
            'bin/console jurvex:demo:load',
            'exec php -d variables_order=EGPCS -d upload_max_filesize=16M -d post_max_size=24M -d opcache.enable_cli=1 ' +
                `-S 127.0.0.1:${port} -t public config/router.php`,
        ].join(' && '),
        cwd: '..',
        url: `http://127.0.0.1:${port}/sign-in`,
        timeout: 60_000,
        stderr: 'ignore',
        env: {
            APP_ENV: 'prod',
            APP_DEBUG: '0',
            APP_SECRET: 'for-the-browser-tests',
            DATABASE_URL: `sqlite:///%kernel.project_dir%/${database}`,
            PHP_CLI_SERVER_WORKERS: '4',
        },
    },
});
