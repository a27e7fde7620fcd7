import { expect, test } from '@playwright/test';
import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';

test('an hour is logged in one line, and hours, estimate and done in one step', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/tasks');
    await arrived(page);
    const gauge = page.getByRole('textbox', { name: 'Hours, day and note: Gauge readings' });
    await gauge.fill('1:30 mon nte staff gauge');
    await gauge.press('Enter');
    await expect(page.getByRole('alert')).toHaveText(/“nte staff gauge” is neither hours nor a day/);
    await gauge.fill('1:30 mon note staff gauge');
    await gauge.press('Enter');
    await expect(notices(page).getByText('1.5 h recorded on Gauge readings.')).toBeVisible();
    await expect(gauge).toHaveValue('');

    const sill = page.getByRole('form', { name: 'Record on Sill repair' });
    await sill.getByRole('button', { name: 'Estimate and done: Sill repair' }).press('Enter');
    await sill.getByRole('textbox', { name: 'Hours, day and note: Sill repair' }).fill('2h tue');
    await sill.getByRole('textbox', { name: 'Remaining hours' }).fill('20');
    await sill.getByRole('textbox', { name: 'Reason' }).fill('concrete is worse than it looked');
    expect(await findings(page)).toEqual([]);
    await page.keyboard.press('Enter');
    await expect(notices(page).getByText('2 h recorded on Sill repair.')).toBeVisible();
    await expect(page.getByText(/of 16\sh; 20\sh remaining; estimated/)).toBeVisible();

    await page.getByRole('button', { name: 'Pin task: Sill repair' }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Pinned' })).toBeVisible();
    await page.getByRole('button', { name: 'Unpin task: Sill repair' }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Pinned' })).toBeHidden();
});
