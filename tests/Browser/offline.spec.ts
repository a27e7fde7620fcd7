import type { Page } from '@playwright/test';
import { findings } from './accessibility';
import { cell, signIn } from './people';
import { expect, test } from './test';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'allow' });

/** Waits until the worker has kept the pages that open without a network. */
async function kept(page: Page): Promise<void> {
    await expect
        .poll(() =>
            page.evaluate(async () => {
                const cache = await caches.open('pages');
                const addresses = (await cache.keys()).map(({ url }) => new URL(url).pathname);

                return addresses.includes('/tasks') && addresses.some((address) => address.startsWith('/week/'));
            }),
        )
        .toBe(true);
}

const readings = (page: Page) => cell(page, 'Gauge readings', 'Wednesday 17 June');

test('a week is recorded on a phone with the network taken away and given back', async ({ page, context }) => {
    await signIn(page, 'sorrel.mead', '/week/2026-W25');
    await kept(page);
    await context.setOffline(true);
    await page.goto('/week');
    await expect(page).toHaveURL(/2026-W25/);
    await expect(readings(page)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await readings(page).tap();
    await page.keyboard.type('1:15');
    await page.keyboard.press('Enter');
    await expect(readings(page)).toHaveAccessibleName(/: 1:15$/);
    await expect(page.getByText(/Saving will resume when the server can be reached\./)).toBeVisible();

    // A timer starts too; the tasks open, and other pages say why they do not.
    await page.getByRole('button', { name: 'Start timer' }).first().tap();
    const timer = page.getByRole('region', { name: 'Timer' });
    await expect(timer).toContainText('Timing');
    await expect(timer).toContainText('No connection.');
    page.on('dialog', (dialog) => void dialog.accept());
    await page.goto('/tasks');
    await expect(page.getByRole('heading', { name: 'My tasks' })).toBeVisible();
    await page.goto('/leave');
    await expect(page.getByRole('heading', { name: 'No connection' })).toBeVisible();

    // The application is closed, and opened again, still without a network.
    await page.close({ runBeforeUnload: false });
    const again = await context.newPage();
    await again.goto('/week');
    await expect(readings(again)).toHaveAccessibleName(/: 1:15$/);
    await context.setOffline(false);
    await expect(readings(again)).toHaveAccessibleName(/1\.25, draft/);
    await expect(again.getByRole('region', { name: 'Timer' })).not.toContainText('No connection.');

    // Nothing is left behind of who signs out.
    await again.getByRole('button', { name: /^Account:/ }).tap();
    await again.getByRole('button', { name: 'Sign out' }).tap();
    await expect(again.getByLabel('Email address')).toBeVisible();
    await expect.poll(() => again.evaluate(async () => [...(await caches.keys()), ...Object.keys(localStorage)])).toEqual([]);
    await signIn(again, 'sorrel.mead', '/week/2026-W25');
    await expect(readings(again)).toHaveAccessibleName(/1\.25, draft/);
    await again.getByRole('button', { name: 'Discard timer' }).tap();
});
