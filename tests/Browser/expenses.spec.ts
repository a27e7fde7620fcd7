import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { receiptFile } from './receiptFile';
import { expect, test } from './test';

const TRIP = [
    ['rail.pdf', 'Coast Rail', '2026-06-15', '31.80'],
    ['hotel.pdf', 'Harbour Rest Hotel', '2026-06-15', '112.00'],
    ['dinner.pdf', 'Tide Tables Restaurant', '2026-06-15', '24.50'],
    ['taxi-1.pdf', 'Quay Taxis', '2026-06-15', '12.00'],
    ['taxi-2.pdf', 'Quay Taxis', '2026-06-16', '13.50'],
    ['ferry.pdf', 'Sound Ferry Line', '2026-06-16', '18.00'],
] as const;

test('a trip of six receipts is done on the phone, approved, and paid back', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'sorrel.mead');
    await page.goto('/expenses');
    await arrived(page);
    await page
        .getByLabel('Photograph or choose receipts')
        .setInputFiles(
            TRIP.map(([name, seller, day, amount]) => receiptFile(name, [seller, `Date ${day}`, `Total EUR ${amount}`])),
        );
    const waiting = page.getByRole('region', { name: '6 receipts to confirm' });
    await expect(waiting).toBeVisible();
    // They are read in the background, and pencilled as one trip.
    await expect(waiting.getByText('“Total EUR 18.00”', { exact: false })).toBeVisible({ timeout: 30_000 });
    await expect(waiting.getByText('Being read …')).toHaveCount(0, { timeout: 30_000 });
    await expect(waiting.getByLabel('Trip')).toHaveValue(/15 Jun 2026 to 16 Jun 2026/);
    const receipts = waiting.getByRole('listitem').filter({ has: page.getByRole('checkbox') });
    await expect(receipts).toHaveCount(6);
    await expect(receipts.filter({ hasText: 'Harbour Rest Hotel' }).getByRole('combobox', { name: 'Category' })).toHaveText(
        /Hotel/,
    );
    // What no name tells is chosen.
    await receipts.filter({ hasText: 'Tide Tables Restaurant' }).getByRole('combobox', { name: 'Category' }).click();
    await page.getByRole('option', { name: 'Meals' }).click();
    expect(await findings(page)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await waiting.getByRole('button', { name: 'Add 6 expenses' }).click();
    await expect(notices(page).getByText('6 expenses added.')).toBeVisible();
    await expect(page.getByText(/^6 expenses: EUR 211\.80\./)).toBeVisible();

    await page.getByRole('button', { name: 'Submit 6 expenses' }).click();
    await expect(notices(page).getByText('6 expenses submitted.')).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await page.setViewportSize({ width: 1280, height: 800 });
    await signIn(page, 'idris.calloway', '/review');
    await arrived(page);
    const group = page.getByRole('region', { name: 'Sorrel Mead, expenses of week 25' });
    await expect(group.getByText('hotel.pdf')).toBeVisible();
    await group.getByRole('checkbox', { name: /Meals/ }).click();
    expect(await findings(page)).toEqual([]);
    await group.getByRole('button', { name: 'Approve 5 expenses' }).click();
    await expect(notices(page).getByText('5 expenses approved.')).toBeVisible();
    await group.getByRole('button', { name: 'Return 1 expense' }).click();
    await group.getByRole('textbox').fill('Who was there?');
    await group.getByRole('button', { name: /^Return/ }).click();
    await expect(notices(page).getByText('One expense returned.')).toBeVisible();

    await signIn(page, 'tobin.vale', '/office/expense-statements');
    await arrived(page);
    await expect(page.getByRole('row', { name: /^Sorrel Mead 5 EUR 187\.30/ })).toBeVisible();
    await page.getByRole('button', { name: 'Create statement' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Create statement' }).click();
    await expect(notices(page).getByText(/^The statement is created\./)).toBeVisible();
    await expect(page.getByRole('row', { name: /^Sorrel Mead/ })).toHaveCount(0);
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'PDF' }).first().click()]);
    expect(file.suggestedFilename()).toMatch(/^reimbursement-.*\.pdf$/);
    expect(await findings(page)).toEqual([]);

    await signIn(page, 'sorrel.mead', '/expenses');
    await arrived(page);
    await expect(page.getByText('Returned: Who was there?')).toBeVisible();
    await page.getByRole('button', { name: /^Change Meals/ }).click();
    await page.getByRole('form', { name: 'Change expense' }).getByLabel('Note for the team').fill('The skipper and I');
    await page.getByRole('button', { name: 'Save expense' }).click();
    await expect(notices(page).getByText('Expense saved.')).toBeVisible();
});

test('an expense is typed in another currency, and the office keeps its rate', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/expenses');
    await arrived(page);
    const currency = page.getByRole('form', { name: 'Save currency' });
    await currency.getByLabel('Currency').fill('sek');
    await currency.getByLabel('Value of one unit (EUR)').fill('nothing');
    await currency.getByRole('textbox', { name: 'Applies from' }).fill('1 June 2026');
    await currency.getByRole('button', { name: 'Save currency' }).click();
    await expect(currency.getByRole('alert')).toHaveText('Enter how much one unit is worth in your currency, such as 1.0823.');
    await currency.getByLabel('Value of one unit (EUR)').fill('0.0912');
    await currency.getByRole('button', { name: 'Save currency' }).click();
    await expect(page.getByRole('row', { name: /^SEK .*0\.0912 from 1 Jun 2026/ })).toBeVisible();
    await page.getByRole('link', { name: 'Meals' }).click();
    await expect(page.getByRole('form', { name: 'Change Meals' })).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await signIn(page, 'wren.octave', '/expenses');
    await arrived(page);
    const form = page.getByRole('form', { name: 'Add expense' });
    await form.getByRole('combobox', { name: 'Category' }).click();
    await page.getByRole('option', { name: 'Materials' }).click();
    await form.getByRole('combobox', { name: 'Currency' }).click();
    await page.getByRole('option', { name: 'SEK' }).click();
    await expect(form.getByText('Empty: EUR 0.0912, the rate since 1 Jun 2026.')).toBeVisible();
    await form.getByRole('button', { name: 'Add expense' }).click();
    await expect(form.getByRole('alert')).toHaveText('Enter the amount with at most 2 decimal places, such as 12.50.');
    await form.getByLabel('Amount', { exact: true }).fill('250,50');
    await form.getByRole('button', { name: 'Add expense' }).click();
    await expect(notices(page).getByText('Expense added.')).toBeVisible();
    await expect(page.getByRole('row', { name: /Materials.* SEK 250\.50 .* 22\.85 at 0\.0912 draft/ })).toBeVisible();
    expect(await findings(page)).toEqual([]);
});
