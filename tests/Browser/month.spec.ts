import { expect, test } from '@playwright/test';
import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';

test('a month without work says where it comes from', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/month/2025-01');
    await arrived(page);
    await expect(page.getByText(/^Nothing is assigned to you in this month/)).toBeVisible();
    expect(await findings(page)).toEqual([]);
});

test('a month is at a glance with its absences, filled in one act, and undone', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/month');
    await arrived(page);
    await expect(page).toHaveURL(/\/month\/2026-06$/);
    const table = page.getByRole('region', { name: 'June 2026 by line and day' });
    await expect(page.getByText(/Founders' afternoon/)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    const fill = table.getByRole('button', { name: /^Fill the rest: [\d.]+\sh on Gauge readings$/ });
    await fill.press('Enter');
    await expect(notices(page).getByText(/\sh recorded on Gauge readings\.$/)).toBeVisible();
    await expect(fill).toBeHidden();
    await expect(page.getByText(/^(\d+)\sh of the expected \1\sh entered\.$/)).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await notices(page).getByRole('button', { name: 'Undo' }).press('Enter');
    await expect(notices(page).getByText('Gauge readings holds again what it held before it was filled.')).toBeVisible();
    await expect(fill).toBeVisible();
    await table.getByRole('link', { name: 'Week 25' }).press('Enter');
    await expect(page).toHaveURL(/\/week\/2026-W25$/);
});
