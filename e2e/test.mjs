import {test as base} from '@playwright/test';
import {demoData, startServer} from './server.mjs';

export {expect} from '@playwright/test';

const saysWhatItWaitsFor = (page) => {
    const asked = new Map();
    const answered = (request) => asked.delete(request);
    page.on('request', (request) => asked.set(request, Date.now()));
    page.on('requestfinished', answered);
    page.on('requestfailed', answered);
    return () =>
        [...asked].map(([request, at]) => `${request.method()} ${request.url()}, for ${Math.round((Date.now() - at) / 1000)} s`);
};

/** Every test has fresh demo data to itself, and every worker a server of its own: `port`. What is tried again begins anew. */
export const test = base.extend({
    server: [
        async ({}, use, {workerIndex}) => {
            const server = await startServer(workerIndex);
            await use(server);
            server.end();
        },
        {scope: 'worker'},
    ],
    port: [
        async ({server}, use) => {
            demoData(server.database);
            await use(server.port);
        },
        {auto: true},
    ],
    baseURL: async ({port}, use) => use(`http://127.0.0.1:${port}`),
    page: async ({page}, use, info) => {
        const waitsFor = saysWhatItWaitsFor(page);
        await use(page);
        if (info.status !== info.expectedStatus)
            console.log(['At ' + page.url() + ', not answered:', ...waitsFor()].join('\n  '));
    },
});
