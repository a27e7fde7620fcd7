import type { Page } from '@playwright/test';
import { cell, goTo, signIn } from './people';
import { expect, test } from './test';

const line = 'Training';

async function type(page: Page, day: string, hours: string): Promise<void> {
    await goTo(page, line, day);
    await page.keyboard.type(hours);
    await page.keyboard.press('Enter');
}

test.describe('the grid', () => {
    test.beforeEach(async ({ page }) => {
        await signIn(page, 'corin.ashdown');
    });

    test('a wrong value says why and keeps what was typed; Escape leaves what was there', async ({ page }) => {
        await type(page, 'Thursday 18 June', '2');
        await expect(cell(page, line, 'Thursday 18 June')).toHaveAccessibleName(/: 2, draft$/);
        await type(page, 'Thursday 18 June', '1:60');
        await goTo(page, line, 'Thursday 18 June');
        await expect(page.getByRole('alert')).toContainText('has more than 59 minutes');
        await expect(cell(page, line, 'Thursday 18 June')).toHaveText('1:60');
        await expect(page.getByText('One value is not saved')).toBeVisible();
        await page.keyboard.press('Escape');
        await expect(cell(page, line, 'Thursday 18 June')).toHaveAccessibleName(/: 2, draft$/);

        await page.keyboard.press('F2');
        await page.keyboard.type('5');
        await page.keyboard.press('Escape');
        await expect(cell(page, line, 'Thursday 18 June')).toHaveAccessibleName(/: 2, draft$/);
        await expect(cell(page, line, 'Thursday 18 June')).toBeFocused();
    });

    test('opening and closing a cell without typing changes nothing', async ({ page }) => {
        await type(page, 'Friday 19 June', '80m');
        await expect(cell(page, line, 'Friday 19 June')).toHaveAccessibleName(/: 1\.33, draft$/);
        let sent = 0;
        page.on('request', (request) => {
            sent += request.method() === 'PUT' ? 1 : 0;
        });
        await goTo(page, line, 'Friday 19 June');
        await page.keyboard.press('Enter');
        await page.keyboard.press('Enter');
        await goTo(page, line, 'Friday 19 June');
        await page.keyboard.press('F2');
        await page.keyboard.press('Tab');
        expect(sent).toBe(0);
        await page.reload();
        await expect(cell(page, line, 'Friday 19 June')).toHaveAccessibleName(/: 1\.33, draft$/);
        await goTo(page, line, 'Friday 19 June');
        await page.keyboard.press('Delete');
        await expect(cell(page, line, 'Friday 19 June')).toHaveAccessibleName(/: empty$/);
    });

    test('the later of two tabs chooses', async ({ page, context }) => {
        const other = await context.newPage();
        await other.goto('/week/2026-W25');
        await type(page, 'Saturday 20 June', '3');
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: 3, draft$/);
        await type(other, 'Saturday 20 June', '5');
        await goTo(other, line, 'Saturday 20 June');
        await expect(other.getByRole('alert')).toContainText('is now 3 h');
        await other.getByRole('button', { name: 'Keep current value' }).click();
        await expect(cell(other, line, 'Saturday 20 June')).toHaveAccessibleName(/: 3, draft$/);
        await type(page, 'Saturday 20 June', '4');
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: 4, draft$/);
        await type(other, 'Saturday 20 June', '6');
        await goTo(other, line, 'Saturday 20 June');
        await other.getByRole('button', { name: 'Replace with 6' }).click();
        await expect(cell(other, line, 'Saturday 20 June')).toHaveAccessibleName(/: 6, draft$/);
    });

    test('a lost connection keeps what was typed and sends it when it is back', async ({ page, context }) => {
        await goTo(page, line, 'Sunday 21 June');
        await context.setOffline(true);
        await page.keyboard.type('1.25');
        await page.keyboard.press('Enter');
        await goTo(page, line, 'Sunday 21 June');
        await expect(page.getByRole('alert')).toContainText('No connection');
        await expect(cell(page, line, 'Sunday 21 June')).toHaveText('1.25');
        await context.setOffline(false);
        await expect(cell(page, line, 'Sunday 21 June')).toHaveAccessibleName(/: 1\.25, draft$/, { timeout: 10_000 });
    });

    test('a cell typed again while it is being saved does not conflict with itself', async ({ page }) => {
        await page.route('**/cells', async (route) => {
            await new Promise((resolve) => setTimeout(resolve, 1500));
            await route.continue();
        });
        await type(page, 'Monday 15 June', '2');
        await type(page, 'Monday 15 June', '3');
        await expect(cell(page, line, 'Monday 15 June')).toHaveAccessibleName(/: 3, draft$/);
        await expect(page.getByText('All changes saved.')).toBeVisible();
        await page.unroute('**/cells');
        await page.reload();
        await expect(cell(page, line, 'Monday 15 June')).toHaveAccessibleName(/: 3, draft$/);
    });

    test('nothing is submitted over a value that is not saved', async ({ page }) => {
        await type(page, 'Monday 15 June', '1:60');
        await expect(page.getByText('One value is not saved')).toBeVisible();
        await page.keyboard.press('Control+Enter');
        const margin = page.getByRole('complementary', { name: 'Remarks' });
        await expect(margin.getByText('One value is not saved')).toBeVisible();
        await expect(margin.getByRole('button', { name: /^Submit/ })).toBeDisabled();
        await expect(margin.getByRole('button', { name: 'Cancel' })).toBeFocused();
        await page.keyboard.press('Escape');
        await expect(cell(page, line, 'Monday 15 June')).toHaveText('1:60');
    });

    test('hours are shown as the person reads them, and stay the same minutes', async ({ page }) => {
        await type(page, 'Tuesday 16 June', '80m');
        await expect(cell(page, line, 'Tuesday 16 June')).toHaveText('1.33');
        await page.getByRole('button', { name: /^Account:/ }).click();
        await page.getByRole('radio', { name: '1:30', exact: true }).press('Enter');
        await expect(cell(page, line, 'Tuesday 16 June')).toHaveText('1:20');
        await page.getByRole('radio', { name: '1.5', exact: true }).press('Enter');
        await page.keyboard.press('Escape');
        await expect(cell(page, line, 'Tuesday 16 June')).toHaveText('1.33');
        await goTo(page, line, 'Tuesday 16 June');
        await page.keyboard.press('Delete');
        await expect(cell(page, line, 'Tuesday 16 June')).toHaveAccessibleName(/: empty$/);
    });

    test('the ribbon moves in time and the address goes with it', async ({ page }) => {
        const ribbon = page.getByRole('navigation', { name: 'Weeks' });
        await expect(ribbon.getByRole('link')).toHaveCount(13);
        await ribbon.getByRole('link', { name: /^Week 24/ }).press('Enter');
        await expect(page).toHaveURL(/2026-W24$/);
        await expect(page.getByRole('heading', { name: /^Week 24/ })).toBeVisible();
        await page.goBack();
        await expect(page.getByRole('heading', { name: /^Week 25/ })).toBeVisible();
    });

    test('holidays and absences are named, and days without work are marked in words', async ({ page }) => {
        await expect(page.getByText('Founders’ afternoon').or(page.getByText("Founders' afternoon")).first()).toBeVisible();
        await expect(page.getByRole('columnheader', { name: /Sat 20/ })).toContainText('day off');
    });
});

test('on a narrow screen the week is a day at a time', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(page, 'corin.ashdown');
    await expect(page.getByText('Wednesday 17 June').first()).toBeVisible();
    await page.getByRole('button', { name: 'Next day' }).click();
    await expect(page.getByText('Thursday 18 June').first()).toBeVisible();
    await expect(cell(page, line, 'Thursday 18 June')).toBeVisible();
    await expect(cell(page, line, 'Wednesday 17 June')).toBeHidden();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
