import type { Page } from '@playwright/test';
import { cell, signIn } from './people';
import { expect, test } from './test';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

/** A finger that goes sideways across the hours. */
async function swipe(page: Page, across: number): Promise<void> {
    await page.getByRole('grid').evaluate((grid, by) => {
        const touch = (x: number) => new Touch({ identifier: 1, target: grid, clientX: x, clientY: 300 });
        grid.dispatchEvent(new TouchEvent('touchstart', { touches: [touch(200)], changedTouches: [touch(200)], bubbles: true }));
        grid.dispatchEvent(new TouchEvent('touchend', { changedTouches: [touch(200 + by)], bubbles: true }));
    }, across);
}

const day = (page: Page) => page.locator('strong[aria-live=polite]');

test('the week is a day at a time, turned by swiping and by buttons', async ({ page }) => {
    await signIn(page, 'corin.ashdown');
    await expect(day(page)).toHaveText('Wednesday 17 June');
    await swipe(page, -120);
    await expect(day(page)).toHaveText('Thursday 18 June');
    await expect(cell(page, 'Training', 'Thursday 18 June')).toBeVisible();
    await expect(cell(page, 'Training', 'Wednesday 17 June')).toBeHidden();
    await swipe(page, 120);
    await swipe(page, 40);
    await expect(day(page)).toHaveText('Wednesday 17 June');
    await page.getByRole('button', { name: 'Next day' }).tap();
    await expect(day(page)).toHaveText('Thursday 18 June');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('hours are stepped, inked and undone by thumb', async ({ page }) => {
    await signIn(page, 'corin.ashdown');
    await expect(day(page)).toHaveText('Wednesday 17 June');
    const training = cell(page, 'Training', 'Wednesday 17 June');
    for (const hours of ['0.25', '0.5', '0.75']) {
        await page.getByRole('button', { name: 'Increase Training' }).tap();
        await expect(training).toHaveAccessibleName(new RegExp(`: ${hours}, draft$`));
    }
    await page.getByRole('button', { name: 'Decrease Training' }).tap();
    await expect(training).toHaveAccessibleName(/: 0\.5, draft$/);
    for (const button of await page
        .getByRole('grid')
        .getByRole('button', { name: /^(Decrease|Increase|Ink) / })
        .all()) {
        const box = await button.boundingBox();
        expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(44);
    }

    const pencilled = page.getByRole('gridcell', { name: /Wednesday 17 June: .* pencilled$/ });
    await expect(pencilled.first()).toBeVisible();
    const before = await pencilled.count();
    await page.getByRole('button', { name: /^Ink / }).first().tap();
    await expect(pencilled).toHaveCount(before - 1);
    for (let step = 0; step < 5; step++) {
        await page.getByRole('button', { name: 'Undo' }).tap();
    }
    await expect(training).toHaveAccessibleName(/: empty$/);
    await expect(page.getByText('All changes saved.')).toBeVisible();
});

test('a tap opens the figure, and the quick line is there too', async ({ page }) => {
    await signIn(page, 'corin.ashdown');
    const training = cell(page, 'Training', 'Wednesday 17 June');
    await training.tap();
    await expect(page.getByRole('textbox', { name: 'Hours, Training, Wednesday 17 June' })).toBeFocused();
    await page.keyboard.type('2');
    await page.keyboard.press('Enter');
    await expect(training).toHaveAccessibleName(/: 2, draft$/);

    await page.getByRole('combobox', { name: 'Quick line' }).tap();
    await page.keyboard.type('0 training wed');
    await expect(page.getByRole('search', { name: 'Quick line' }).getByRole('status')).toContainText('press Enter to ink');
    await page.keyboard.press('Enter');
    await expect(training).toHaveAccessibleName(/: empty$/);
    await expect(page.getByText('All changes saved.')).toBeVisible();
});

test('what waits for approval is one line a task, and its days are left out by thumb', async ({ page }) => {
    await signIn(page, 'idris.calloway', '/review');
    const list = page.getByRole('list', { name: /^Hours waiting for approval/ }).first();
    await expect(list.getByRole('checkbox').first()).toBeChecked();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await list.getByRole('button', { expanded: false }).first().tap();
    const day = list.getByRole('checkbox', { name: /day \d+ \w+$/ }).first();
    await expect(day).toBeChecked();
    await day.tap();
    await expect(day).not.toBeChecked();
    await expect(list.getByRole('checkbox').first()).not.toBeChecked();
    await expect(page.getByText(/^\d+ of \d+ entries selected/).first()).toBeVisible();
});

test('a project is one line a task with its forecast, and the rest opens below it', async ({ page }) => {
    await signIn(page, 'brannoc.leigh', '/projects/WEIR');
    const dams = page.getByRole('button', { name: /^Dams and boards/ });
    await dams.tap();
    await expect(dams).toHaveAttribute('aria-expanded', 'true');
    await expect(page.getByRole('link', { name: /^Remaining .*Gideon Park, Dams and boards/ })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a plan is one line a task, and hours are changed below it', async ({ page }) => {
    await signIn(page, 'brannoc.leigh', '/projects/WEIR/plan');
    const dams = page.getByRole('button', { name: /^Dams and boards/ });
    await dams.tap();
    const planned = page.getByRole('textbox', { name: 'Planned' }).last();
    const before = await planned.inputValue();
    await planned.fill('plenty');
    await planned.blur();
    await expect(page.getByText(/^“plenty”|plenty/).first()).toBeVisible();
    await planned.fill(String(Number(before) + 1));
    await planned.blur();
    await expect(page.getByText('Saved.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).tap();
    await expect(page.getByRole('textbox', { name: 'Planned' }).last()).toHaveValue(before);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
