import { defineConfig, devices } from '@playwright/test';

const port = Number(process.env.BROWSER_PORT ?? 8191);

/** The main journeys in Debian's Chromium, on the demonstration with a fixed today and a database of its own. */
export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'build/browser-results',
    workers: 1,
    // Machines have slow minutes; what fails should fail for a reason.
    timeout: 120_000,
    expect: { timeout: 20_000 },
    forbidOnly: true,
    reporter: [['list'], ['junit', { outputFile: 'build/browser.xml' }]],
    use: {
        ...devices['Desktop Chrome'],
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        timezoneId: 'Europe/Dublin',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
    projects: [
        { name: 'journeys', testMatch: '*.spec.ts' },
        { name: 'pictures', testMatch: 'pictures.ts' },
        { name: 'bench', testMatch: 'bench.ts' },
    ],
    webServer: {
        command: `bash tests/Browser/serve.sh ${port}`,
        url: `http://127.0.0.1:${port}/sign-in`,
        timeout: 120_000,
        reuseExistingServer: false,
    },
});
