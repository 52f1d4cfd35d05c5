/** How Debian's Chromium is started everywhere here: its shell, which opens no window. */
export const chromium = {
    executablePath: process.env.CHROMIUM || '/usr/bin/chromium-headless-shell',
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
