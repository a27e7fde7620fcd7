import { test as anyTest } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { serverFolder } from './people';

export { expect } from '@playwright/test';

/** A test that begins with the data of the demonstration, whatever those before it did, and however often it is tried. */
export const test = anyTest.extend<{ begins: undefined }>({
    begins: [
        async ({ baseURL }, use) => {
            // An installation that is tried as it is keeps what it has.
            if (baseURL !== process.env.DEPLOYED_ADDRESS) {
                execFileSync('php', ['tests/Browser/begin.php', serverFolder()]);
            }
            await use(undefined);
        },
        { auto: true },
    ],
});
