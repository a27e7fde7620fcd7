import { test, type Page } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { goTo, signIn } from './people';

/** How long the browser works for a key press, and how long until the page behind it is free again, painted; in milliseconds. */
interface Times {
    worked: number;
    painted: number;
}

/** The middle of many key presses: what lies above it is mostly the machine's. */
async function timesPerKey(page: Page, keys: string[]): Promise<Times> {
    await page.evaluate(() => {
        const times: { worked: number; painted: number }[] = [];
        let begun = 0;
        const begin = () => {
            begun = performance.now();
        };
        // The last to hear of the key: every handler has run, and the layout that painting waits for is asked for at once.
        const end = () => {
            document.querySelector('table')?.getBoundingClientRect();
            const worked = performance.now() - begun;
            const { port1, port2 } = new MessageChannel();
            const from = begun;
            port1.onmessage = () => times.push({ worked, painted: performance.now() - from });
            port2.postMessage(null);
        };
        window.addEventListener('keydown', begin, { capture: true });
        window.addEventListener('keydown', end);
        Object.assign(window, { times });
    });
    for (let round = 0; round < 24; round++) {
        if (round === 4) {
            // The first rounds are the browser's own learning.
            await page.evaluate(() => (window as unknown as { times: unknown[] }).times.splice(0));
        }
        for (const key of keys) {
            await page.keyboard.press(key);
        }
    }
    const times = await page.evaluate(() => (window as unknown as { times: Times[] }).times);
    const middle = (name: keyof Times) =>
        times.map((time) => time[name]).sort((one, other) => one - other)[Math.floor(times.length / 2)] ?? 0;

    return { worked: middle('worked'), painted: middle('painted') };
}

async function measured(page: Page, code: string, line: string, day: string) {
    await signIn(page, code);
    await page.goto('/week/2026-W25');
    await goTo(page, line, day);
    await page.waitForLoadState('networkidle');
    const moving = await timesPerKey(page, ['ArrowDown', 'ArrowRight', 'ArrowUp', 'ArrowLeft']);
    const selecting = await timesPerKey(page, ['Shift+ArrowDown', 'Shift+ArrowRight', 'Shift+ArrowUp', 'Shift+ArrowLeft']);
    const typing = await timesPerKey(page, ['1', 'Escape']);

    return { moving, selecting, typing };
}

test('how long a key press takes', async ({ browser }) => {
    const few = await measured(await (await browser.newContext()).newPage(), 'wren.octave', 'Piles', 'Tuesday 16 June');
    const many = await measured(
        await (await browser.newContext()).newPage(),
        'silas.sexton',
        'Pier section 3',
        'Tuesday 16 June',
    );
    writeFileSync('build/bench-keys.json', JSON.stringify({ few, many }));
});
