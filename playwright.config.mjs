import { defineConfig } from '@playwright/test';

const port = 8137;

export default defineConfig({
    testDir: 'tests/Browser',
    // Pages answer within a tenth of this; a machine that is shared with others has spells in which they do not.
    timeout: 300_000,
    expect: { timeout: 30_000 },
    retries: process.env.CI ? 1 : 0,
    // Each test has a copy of the demo of its own: files of tests run beside one another.
    workers: 2,
    reporter: 'list',
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        // A page behind a service worker is out of reach of page.route; the offline test allows it.
        serviceWorkers: 'block',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
    // One that serves this computer alone, and one that serves a crew.
    webServer: [
        { command: `tests/Browser/serve ${port}`, url: `http://127.0.0.1:${port}`, reuseExistingServer: false, timeout: 60_000 },
        {
            command: `tests/Browser/serve ${port + 1}`, url: `http://127.0.0.1:${port + 1}/sign-in`, reuseExistingServer: false, timeout: 60_000,
            env: { CREW: '1', SESSION_DRIVER: 'database', WORKERS: '3' },
        },
    ],
});
