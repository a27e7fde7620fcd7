import { arrived, signIn } from './people';
import { expect, test } from './test';

/** What A4 has between its margins, in CSS pixels, upright and across. */
const UPRIGHT = 703;
const ACROSS = 1032;

test('what is printed fits the paper, in dark letters, with nothing to press', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    for (const [address, width] of [
        ['/compare?by=client&then=project', UPRIGHT],
        ['/compare?by=client&across=month&period=this-quarter', ACROSS],
        ['/load', ACROSS],
        ['/projects/LOCK', UPRIGHT],
        ['/people/ines.calder/week/2026-W24', ACROSS],
        ['/month/2026-06', ACROSS],
    ] as const) {
        await page.emulateMedia({ media: 'screen', colorScheme: 'dark' });
        await page.setViewportSize({ width: 1280, height: 800 });
        await page.goto(address);
        await arrived(page);
        await page.emulateMedia({ media: 'print' });
        await page.setViewportSize({ width, height: 800 });
        await expect(page.getByText('Printed by Tobin Vale on 17 Jun 2026')).toBeVisible();
        const found = await page.evaluate(() => ({
            wide: document.querySelector('.printed-wide') !== null,
            over: document.documentElement.scrollWidth - document.documentElement.clientWidth,
            // A box that scrolls is not divided among pages, and what lies beyond its edge is lost.
            scrolls: [...document.querySelectorAll('table')].filter((table) => {
                for (let box = table.parentElement; box !== null && box !== document.body; box = box.parentElement) {
                    if (getComputedStyle(box).overflowX !== 'visible') {
                        return true;
                    }
                }

                return false;
            }).length,
            ink: getComputedStyle(document.body).color,
        }));
        expect(found, address).toEqual({ wide: width === ACROSS, over: 0, scrolls: 0, ink: 'rgb(29, 49, 39)' });
        await expect(page.locator('button.act:visible, a.act:visible'), address).toHaveCount(0);
    }
});

test('a printed week has all its days', async ({ page }) => {
    await signIn(page, 'ines.calder', '/week/2026-W24');
    await arrived(page);
    await page.emulateMedia({ media: 'print' });
    await page.setViewportSize({ width: UPRIGHT, height: 800 });
    for (const day of ['Mon 8', 'Wed 10', 'Sun 14']) {
        await expect(page.getByRole('columnheader', { name: day })).toBeVisible();
    }
});
