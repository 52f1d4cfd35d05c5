/** How Debian's Chromium is started everywhere here. */
export const chromium = {
    executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
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
