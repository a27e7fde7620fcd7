import { readFile } from 'node:fs/promises';
import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('what is billable is taken out once, as the other program wants it', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/billing?from=2026-05-01&until=2026-05-31');
    await arrived(page);
    await page.getByRole('combobox', { name: 'Client (empty for all)' }).fill('Friends of Sandle');
    await page.getByRole('option').first().click();
    await expect(page.getByText(/entries, .* have not been billed yet\./)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    const preview = page.getByRole('region', { name: 'What the file will contain' });
    await expect(preview.getByRole('row', { name: /^Total / })).toBeVisible();
    await page.getByRole('button', { name: 'Create billing file' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Create billing file' }).click();
    await expect(notices(page).getByText('The file is being created.')).toBeVisible();
    await expect(page.getByRole('link', { name: /^PDF: / })).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText(/entries, .* have not been billed yet\./)).toBeVisible();

    await page.getByLabel('Name', { exact: true }).fill('Ledger');
    for (const column of ['project code', 'task code', 'person code', 'client note']) {
        await page.getByRole('checkbox', { name: column, exact: true }).uncheck();
    }
    await page.getByLabel('Heading for hours').fill('Quantity');
    await page.getByRole('button', { name: 'Save layout' }).click();
    await expect(notices(page).getByText('Ledger is saved.')).toBeVisible();
    await page.getByRole('combobox', { name: 'Layout' }).click();
    await page.getByRole('option', { name: 'Ledger' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: /^CSV: / }).click();
    const written = await readFile(await (await download).path(), 'utf8');
    expect(written).toContain('Quantity');
    expect(written.split('\n').length).toBeGreaterThan(2);
    expect(await findings(page)).toEqual([]);

    await page.getByRole('combobox', { name: 'For', exact: true }).click();
    await page.getByRole('option', { name: 'Payroll' }).click();
    await expect(preview.getByRole('row', { name: /^Ines Calder Lights and coast .*h$/ })).toBeVisible();
    await expect(preview.getByRole('row', { name: /^Total of \d+ people / })).toBeVisible();
    expect(await findings(page)).toEqual([]);
});
