import { findings } from './accessibility';
import { signIn } from './people';
import { expect, test } from './test';

test('leave is requested, pencilled in the week, approved and then an absence', async ({ page }) => {
    await signIn(page, 'pilar.duncombe', '/leave');
    const form = page.getByRole('form', { name: 'Request leave' });
    await form.getByRole('textbox', { name: 'First day' }).fill('7 sep 2026');
    await page.keyboard.press('Tab');
    await form.getByRole('textbox', { name: 'Last day' }).fill('9 sep');
    await page.keyboard.press('Tab');
    await expect(form.getByText('Takes 3 days, 24 h.')).toBeVisible();
    await form.getByRole('checkbox', { name: 'Last day until midday' }).press(' ');
    await expect(form.getByText('Takes 2.5 days, 20 h.')).toBeVisible();
    expect(await findings(page), 'requesting').toEqual([]);
    await form.getByLabel('Note').fill('The regatta');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('rowheader', { name: /^Mon,? 7 Sept? – Wed,? 9 Sept? \(until midday\)$/ })).toBeVisible();
    await page.goto('/week/2026-W37');
    await expect(page.getByText(/Leave, all day; requested, so it does not count yet\./).first()).toBeVisible();

    await signIn(page, 'ottilie.brandreth', '/leave/requests');
    await expect(page.getByText('“The regatta”')).toBeVisible();
    expect(await findings(page), 'deciding').toEqual([]);
    await page.getByRole('button', { name: 'Decline leave of Pilar Duncombe' }).press('Enter');
    await expect(page.getByRole('alert')).toHaveText('Enter a comment so that the person knows why it is declined.');
    await page.getByRole('button', { name: 'Approve leave of Pilar Duncombe' }).press('Enter');
    await expect(page.getByText('The leave of Pilar Duncombe is approved.').first()).toBeVisible();
    await page.goto('/leave/calendar?month=2026-09');
    await expect(page.getByRole('row', { name: /^Pilar Duncombe/ }).getByText('Leave, part of the day')).toBeAttached();
    expect(await findings(page), 'who is away').toEqual([]);

    await signIn(page, 'pilar.duncombe', '/week/2026-W37');
    await expect(page.getByText(/^Mon 7 Sept?: Leave, all day\.$/)).toBeVisible();
});

test('the time office sets an allowance', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/absence-kinds');
    await page.getByRole('form', { name: 'Add kind' }).getByLabel('Name').fill('Study leave');
    await page.getByLabel('Days a year').fill('4');
    await page.keyboard.press('Enter');
    const row = page.getByRole('row', { name: /^Study leave/ });
    await expect(row).toContainText('4');
    expect(await findings(page), 'kinds of absence').toEqual([]);
    await row.getByRole('button', { name: 'Remove Study leave' }).press('Enter');
    await expect(row).toBeHidden();
});
