import {existsSync} from 'node:fs';

/** The whole browser; without a window its shell does the same in three quarters of the time. */
export const whole = process.env.CHROMIUM || '/usr/bin/chromium';
const shell = '/usr/bin/chromium-headless-shell';

/** How Debian's Chromium is started everywhere here. */
export const chromium = {
    executablePath: !process.env.CHROMIUM && existsSync(shell) ? shell : whole,
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--disable-quic',
    ],
};
