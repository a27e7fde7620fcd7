import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('a month without work says where it comes from', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/month/2025-01');
    await arrived(page);
    await expect(page.getByText(/^Nothing is assigned to you on these days/)).toBeVisible();
    expect(await findings(page)).toEqual([]);
});

test('a month is at a glance with its absences, filled in one act, and undone', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/month');
    await arrived(page);
    await expect(page).toHaveURL(/\/month\/2026-06$/);
    const table = page.getByRole('grid', { name: 'June 2026 by line and day' });
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

test('a month in half days is filled, changed, submitted and taken back, in a few key presses', async ({ page }) => {
    await signIn(page, 'lowri.penrose');
    await arrived(page);
    await expect(page).toHaveURL(/\/month\/2026-06$/);
    const grid = page.getByRole('grid', { name: 'June 2026 by line and day' });
    await expect(page.getByText('12 days of the expected 22 days entered. 10 days to fill.')).toBeVisible();
    const pressed: string[] = [];
    const press = async (...keys: string[]) => {
        for (const key of keys) {
            pressed.push(key);
            await page.keyboard.press(key);
        }
    };

    await press('Tab', 'Enter', 'Tab');
    await expect(grid.getByRole('gridcell', { name: 'Training, Wednesday 17 June: empty' })).toBeFocused();
    await press('f');
    await expect(notices(page).getByText('10 days recorded on Training.')).toBeVisible();
    await expect(page.getByText('22 days of the expected 22 days entered.')).toBeVisible();
    await press('.', '5', 'Enter');
    await expect(page.getByText('21.5 days of the expected 22 days entered. 0.5 day to fill.')).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await press('Control+Enter');
    await expect(page.getByRole('button', { name: /^Submit 16[78]/ })).toBeFocused();
    expect(await findings(page)).toEqual([]);
    await press('Enter');
    await expect(notices(page).getByText(/h submitted\.$/)).toBeVisible();
    await expect(grid.getByRole('gridcell', { name: 'Training, Wednesday 17 June: 0.5, submitted' })).toBeVisible();
    expect(pressed.length, pressed.join(' ')).toBeLessThanOrEqual(10);

    await page.getByRole('button', { name: /^Take back/ }).press('Enter');
    await expect(notices(page).getByText(/taken back/)).toBeVisible();
    await expect(grid.getByRole('gridcell', { name: 'Training, Wednesday 17 June: 0.5, draft' })).toBeVisible();
});

test('what is no part of a day says why, and what was typed is undone and done again', async ({ page }) => {
    await signIn(page, 'lowri.penrose', '/month/2026-07');
    await arrived(page);
    const cell = (line: string, day: string) => page.getByRole('gridcell', { name: new RegExp(`^${line}, ${day}`) });
    await cell('Training', 'Wednesday 1 July').focus();
    await page.keyboard.type('0.3');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('alert')).toContainText(
        'Training, Wed 1 Jul: “0.3” cannot be entered: your team counts in steps of 0.5 of a day.',
    );
    await expect(cell('Training', 'Wednesday 1 July')).toHaveAttribute('aria-invalid', 'true');
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('alert')).toHaveText('');
    await page.keyboard.type('1');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/^1\sday of the expected/)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^0\sdays of the expected/)).toBeVisible();
    await page.keyboard.press('Control+y');
    await expect(page.getByText(/^1\sday of the expected/)).toBeVisible();
    await cell('Training', 'Wednesday 1 July').press('Delete');
    await expect(page.getByText(/^0\sdays of the expected/)).toBeVisible();
});
