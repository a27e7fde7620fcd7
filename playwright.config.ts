import { defineConfig, devices } from '@playwright/test';
import { existsSync } from 'node:fs';

// Each worker has a server and a database of its own; pictures and measurements need one.
const ports = (process.env.BROWSER_PORTS ?? '8191').split(',').map(Number);

// An installation that is tried as it is, with bin/deployed.
const deployed = process.env.DEPLOYED_ADDRESS;

// As bin/lib.sh installs it, or the one with windows where that is there.
const shell = '/usr/bin/chromium-headless-shell';

/** The main journeys in Debian's Chromium, on the demonstration with a fixed today and databases of their own. */
export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'build/browser-results',
    workers: ports.length,
    // Machines have slow minutes; what fails should fail for a reason.
    timeout: 120_000,
    // What passes only the second time is listed as flaky at the end, and is a fault of the test to mend.
    retries: 1,
    expect: { timeout: 20_000 },
    forbidOnly: true,
    reporter: [['list'], ['junit', { outputFile: 'build/browser.xml' }]],
    use: {
        ...devices['Desktop Chrome'],
        baseURL: deployed ?? `http://127.0.0.1:${String(ports[Number(process.env.TEST_PARALLEL_INDEX ?? 0)])}`,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        timezoneId: 'Europe/Dublin',
        // They would answer in the place of the routes of tests; what is tried without a network allows them.
        serviceWorkers: 'block',
        launchOptions: {
            executablePath: existsSync(shell) ? shell : '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                // Letters as wide as they are with a window.
                '--font-render-hinting=none',
            ],
        },
    },
    projects: [
        { name: 'journeys', testMatch: '*.spec.ts' },
        { name: 'pictures', testMatch: 'pictures.ts' },
        { name: 'bench', testMatch: 'bench.ts' },
    ],
    webServer: (deployed === undefined ? ports : []).map((port, index) => ({
        command: `bash tests/Browser/serve.sh ${String(port)} build/browser${index === 0 ? '' : `-${String(index + 1)}`}`,
        url: `http://127.0.0.1:${String(port)}/sign-in`,
        timeout: 180_000,
        reuseExistingServer: false,
    })),
});
