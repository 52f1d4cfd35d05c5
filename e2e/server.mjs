import {execFileSync, spawn} from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import {fileURLToPath} from 'node:url';

const project = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const file = (database) => path.join(project, 'var/data', database + '.db');
const remove = (database) => ['', '-wal', '-shm'].forEach((end) => fs.rmSync(file(database) + end, {force: true}));
const environment = (database) => ({
    ...process.env,
    APP_ENV: 'prod',
    APP_DEBUG: '0',
    APP_SECRET: 'for-the-browser-tests',
    DATABASE_URL: `sqlite:///%kernel.project_dir%/var/data/${database}.db`,
    PHP_CLI_SERVER_WORKERS: '4',
});
const TEMPLATE = 'browser';

/** Makes the demo data once, for all servers. */
export default function makeDemoData() {
    remove(TEMPLATE);
    for (const [command, ...more] of [['cache:clear', '-q'], ['doctrine:migrations:migrate', '-n', '-q'], ['jurvex:demo:load']])
        execFileSync('bin/console', [command, ...more], {cwd: project, env: environment(TEMPLATE), stdio: ['ignore', 'ignore', 'inherit']});
}

/** Puts fresh demo data in the place of what a database holds. */
export function demoData(database) {
    remove(database);
    fs.copyFileSync(file(TEMPLATE), file(database));
}

const freePort = () =>
    new Promise((resolve, reject) => {
        const asked = net.createServer().on('error', reject);
        asked.listen(0, '127.0.0.1', () => {
            const {port} = asked.address();
            asked.close(() => resolve(port));
        });
    });
const answers = (port) =>
    fetch(`http://127.0.0.1:${port}/sign-in`).then(
        (answer) => answer.ok,
        () => false,
    );
const LONGEST_MS = 60_000;

/** Starts the application on fresh demo data of its own; `end` takes both away. */
export async function startServer(number) {
    const database = TEMPLATE + '-' + number;
    demoData(database);
    const port = await freePort();
    const settings = ['variables_order=EGPCS', 'upload_max_filesize=16M', 'post_max_size=24M', 'opcache.enable_cli=1'];
    const server = spawn(
        'php',
        [...settings.flatMap((set) => ['-d', set]), '-S', '127.0.0.1:' + port, '-t', 'public', 'config/router.php'],
        // A group of its own: its workers outlive the one that began them unless they are ended too.
        {cwd: project, env: environment(database), stdio: 'ignore', detached: true},
    );
    const end = () => {
        process.kill(-server.pid);
        remove(database);
    };
    for (const until = Date.now() + LONGEST_MS; !(await answers(port)); )
        if (Date.now() > until) {
            end();
            throw new Error('The server does not answer.');
        } else await new Promise((resolve) => setTimeout(resolve, 100));
    return {port, database, end};
}
