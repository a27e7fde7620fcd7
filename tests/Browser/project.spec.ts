import { signIn } from './people';
import { expect, test } from './test';

test('a project opens with its sentence, and each figure opens to what it is made of', async ({ page }) => {
    await signIn(page, 'brannoc.leigh');
    await page.getByRole('link', { name: 'Projects', exact: true }).press('Enter');
    // The front page names it too.
    await expect(page.getByRole('heading', { level: 1, name: 'Projects' })).toBeVisible();
    await page.getByRole('link', { name: 'Tarn weir fish pass' }).press('Enter');
    await expect(page.getByText(/planned have been used and .* remain; the forecast is .* over plan\./)).toBeVisible();

    await page.getByRole('link', { name: /^Remaining .*Gideon Park, Dams and boards/ }).press('Enter');
    const margin = page.getByRole('complementary', { name: 'Figure details' });
    await expect(margin.getByText(/Gideon Park estimated .* remaining on .*Rock along the whole north side/)).toBeVisible();
    await expect(page).toHaveURL(/figure=remaining/);
    await margin.getByRole('link', { name: 'Close' }).press('Enter');
    await expect(margin).toBeHidden();

    await page.getByRole('link', { name: /^Actual .*Project total/ }).press('Enter');
    await expect(margin.getByText(/^Latest 200 of \d+ entries$/)).toBeVisible();
});

test('money is a view of its own, and what has no rate is said', async ({ page }) => {
    await signIn(page, 'dov.merriman', '/projects/BRIDGE');
    await expect(page.getByText(/Budget EUR .*, overspent by EUR/)).toBeVisible();
    await expect(page.getByText(/^No rate is set for/)).toBeVisible();
    await page.getByRole('link', { name: 'Money' }).press('Enter');
    await expect(page.getByRole('columnheader', { name: 'Forecast cost, EUR' })).toBeVisible();
    await expect(page.getByText('unknown').first()).toBeVisible();
});

test('a viewer reads projects without money and has no week', async ({ page }) => {
    await signIn(page, 'sunniva.bright');
    await expect(page.getByRole('heading', { name: 'Projects that need attention' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Waiting for you' })).toBeHidden();
    await expect(page.getByRole('link', { name: 'My week' })).toBeHidden();
    await page.goto('/projects/BRIDGE');
    await expect(page.getByRole('link', { name: 'Money' })).toBeHidden();
    await page.goto('/week/2026-W25');
    await expect(page.getByText('You can view everything here but not change it.')).toBeVisible();
});
