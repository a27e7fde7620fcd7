import type { Page } from '@playwright/test';
import { answered, cell, choose, goTo, notices, paste, signIn } from './people';
import { expect, test } from './test';

/** Presses keys one by one and counts them. */
function counting(page: Page) {
    const pressed: string[] = [];

    return {
        pressed,
        press: async (...keys: string[]) => {
            for (const key of keys) {
                pressed.push(key);
                await page.keyboard.press(key);
            }
        },
    };
}

/** Opens a week and waits until it can be worked on. */
async function open(page: Page, week: string): Promise<void> {
    await page.goto(`/week/${week}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

async function copied(page: Page, kind: 'copy' | 'cut' = 'copy'): Promise<string> {
    return page.evaluate((type) => {
        const data = new DataTransfer();
        document.activeElement?.dispatchEvent(new ClipboardEvent(type, { clipboardData: data, bubbles: true, cancelable: true }));

        return data.getData('text/plain');
    }, kind);
}

const saved = (page: Page) => expect(page.getByText('All changes saved.')).toBeVisible();
const margin = (page: Page) => page.getByRole('complementary', { name: 'Remarks' });

test('a week of eight lines whose plan is right is recorded and submitted in a few key presses', async ({ page }) => {
    await signIn(page, 'wren.octave');
    await open(page, '2026-W25');
    await expect(page.getByRole('gridcell', { name: /pencilled/ })).toHaveCount(38);
    const keys = counting(page);
    await keys.press('Tab', 'Enter', 'Tab');
    await expect(cell(page, 'Soundings', 'Wednesday 17 June')).toBeFocused();
    await keys.press('a');
    await expect(page.getByText('36 h entered; nothing is missing.')).toBeVisible();
    await expect(page.getByRole('link', { name: /^Week 25, .*: draft$/ })).toBeVisible();
    await keys.press('Control+Enter');
    await expect(page.getByRole('button', { name: 'Submit 36 h' })).toBeFocused();
    await keys.press('Enter');
    await expect(notices(page).getByText('36 h submitted.')).toBeVisible();
    await expect(page.getByRole('gridcell', { name: /, submitted$/ })).toHaveCount(38);
    test.info().annotations.push({ type: 'key presses', description: `${keys.pressed.length}: ${keys.pressed.join(' ')}` });
    expect(keys.pressed.length).toBeLessThan(40);
    await page.getByRole('button', { name: /^Take back/ }).click();
    await expect(notices(page).getByText(/taken back/)).toBeVisible();
});

test.describe('pencil', () => {
    test.beforeEach(async ({ page }) => {
        await signIn(page, 'wren.octave');
        await open(page, '2026-W26');
    });

    test('says where it comes from, is not counted, and is inked by the cell, the line and the day', async ({ page }) => {
        await open(page, '2026-W25');
        await goTo(page, 'Soundings', 'Monday 15 June');
        // All of it in ink, and then cleared: what is pencilled afterwards is as fresh as on the first day.
        await page.keyboard.press('a');
        await saved(page);
        await page.keyboard.press('Control+a');
        await page.keyboard.press('Delete');
        await saved(page);
        await page.reload();
        await goTo(page, 'Piles', 'Monday 15 June');
        await expect(page.getByText('0 h of the expected 36 h entered; 36 h missing.')).toBeVisible();
        await expect(
            margin(page).getByText('1.25 h pencilled – plan: 5 h from Mon 15 to Fri 19 Jun, 1.25 h on this day'),
        ).toBeVisible();
        await expect(cell(page, 'Piles', 'Monday 15 June')).toHaveAttribute('title', /^plan: 5 h/);

        await page.keyboard.press('i');
        await expect(cell(page, 'Piles', 'Monday 15 June')).toHaveAccessibleName(/: 1\.25, draft$/);
        await page.keyboard.press('l');
        await expect(cell(page, 'Piles', 'Thursday 18 June')).toHaveAccessibleName(/: 1, draft$/);
        await expect(cell(page, 'Soundings', 'Thursday 18 June')).toHaveAccessibleName(/: 1\sh pencilled$/);
        await page.keyboard.press('d');
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toHaveAccessibleName(/: 1\.25, draft$/);
        await saved(page);
    });

    test('is rubbed out, stays so, and comes back by undo', async ({ page }) => {
        await open(page, '2026-W25');
        await goTo(page, 'Fenders', 'Friday 19 June');
        await expect(cell(page, 'Fenders', 'Friday 19 June')).toHaveAccessibleName(/pencilled/);
        await page.keyboard.press('Delete');
        await expect(cell(page, 'Fenders', 'Friday 19 June')).toHaveAccessibleName(/: empty$/);
        await page.keyboard.press('Control+z');
        await expect(cell(page, 'Fenders', 'Friday 19 June')).toHaveAccessibleName(/pencilled/);
        await answered(page, () => page.keyboard.press('Control+y'));
        await expect(cell(page, 'Fenders', 'Friday 19 June')).toHaveAccessibleName(/: empty$/);
        await page.reload();
        await expect(cell(page, 'Fenders', 'Friday 19 June')).toHaveAccessibleName(/: empty$/);

        // Ink and pencil of a block go together, and come back together.
        await goTo(page, 'Soundings', 'Thursday 18 June');
        await page.keyboard.press('i');
        await saved(page);
        await page.keyboard.press('Shift+ArrowRight');
        await page.keyboard.press('Delete');
        await expect(cell(page, 'Soundings', 'Friday 19 June')).toHaveAccessibleName(/: empty$/);
        await page.keyboard.press('Control+z');
        await expect(cell(page, 'Soundings', 'Thursday 18 June')).toHaveAccessibleName(/: 1, draft$/);
        await expect(cell(page, 'Soundings', 'Friday 19 June')).toHaveAccessibleName(/ pencilled$/);
        await page.keyboard.press('Control+z');
        await saved(page);
    });

    test('comes from last week when that is wanted', async ({ page }) => {
        const training = cell(page, 'Training', 'Monday 22 June');
        await open(page, '2026-W25');
        await page.keyboard.press('/');
        await page.keyboard.type('1h training mon');
        await page.keyboard.press('Enter');
        await expect(cell(page, 'Training', 'Monday 15 June')).toHaveAccessibleName(/: 1, draft$/);
        await saved(page);
        await open(page, '2026-W26');
        const choice = (name: string) =>
            page.getByRole('radiogroup', { name: 'Last week' }).getByRole('radio', { name, exact: true });
        await expect(choice('Nothing')).toBeChecked();
        await expect(training).toHaveCount(0);
        await choice('Lines only').click();
        await expect(training).toHaveAccessibleName(/: empty$/);
        await choice('Lines with hours').click();
        await expect(training).toHaveAccessibleName(/: 1\sh pencilled$/);
        await choice('Nothing').click();
        await expect(training).toHaveCount(0);
    });
});

test.describe('blocking', () => {
    test.beforeEach(async ({ page }) => {
        await signIn(page, 'silas.sexton');
        await open(page, '2026-W24');
    });

    test('are copied, cut, pasted, filled, and undone and done again', async ({ page }) => {
        await goTo(page, 'Pier section 1', 'Monday 8 June');
        let requests = 0;
        page.on('request', (request) => {
            requests += request.url().endsWith('/cells') ? 1 : 0;
        });
        await paste(page, '1\t2:30\n90m\t4');
        await expect(cell(page, 'Pier section 2', 'Tuesday 9 June')).toHaveAccessibleName(/: 4, draft$/);
        expect(requests).toBe(1);

        await page.keyboard.press('Shift+ArrowRight');
        await page.keyboard.press('Shift+ArrowDown');
        await expect(page.locator('[role=gridcell][aria-selected=true]')).toHaveCount(4);
        await saved(page);
        expect(await copied(page)).toBe('1\t2.5\n1.5\t4');
        expect(await copied(page, 'cut')).toBe('1\t2.5\n1.5\t4');
        await expect(cell(page, 'Pier section 1', 'Monday 8 June')).toHaveAccessibleName(/: (empty|.* pencilled)$/);
        await page.keyboard.press('Control+z');
        await expect(cell(page, 'Pier section 2', 'Monday 8 June')).toHaveAccessibleName(/: 1\.5, draft$/);

        await goTo(page, 'Pier section 1', 'Monday 8 June');
        await page.keyboard.press('r');
        await expect(cell(page, 'Pier section 1', 'Friday 12 June')).toHaveAccessibleName(/: 1, draft$/);
        await expect(cell(page, 'Pier section 1', 'Saturday 13 June')).toHaveAccessibleName(/: empty$/);
        await goTo(page, 'Pier section 3', 'Tuesday 9 June');
        await page.keyboard.press('b');
        await expect(cell(page, 'Pier section 3', 'Tuesday 9 June')).toHaveAccessibleName(/: 4, draft$/);
        await page.keyboard.press('ArrowRight');
        await page.keyboard.press('"');
        await expect(cell(page, 'Pier section 3', 'Wednesday 10 June')).toHaveAccessibleName(/: 4, draft$/);
        await saved(page);
        for (let step = 0; step < 4; step++) {
            await page.keyboard.press('Control+z');
        }
        await expect(cell(page, 'Pier section 1', 'Tuesday 9 June')).toHaveAccessibleName(/: (empty|.* pencilled)$/);
        await page.keyboard.press('Control+z');
        await expect(page.getByText('Nothing to undo.')).toBeVisible();
        for (let step = 0; step < 5; step++) {
            await page.keyboard.press('Control+Shift+z');
        }
        await expect(cell(page, 'Pier section 3', 'Wednesday 10 June')).toHaveAccessibleName(/: 4, draft$/);
        await saved(page);
    });

    test('a block is selected by dragging', async ({ page }) => {
        await cell(page, 'Pier section 2', 'Monday 8 June').hover();
        await page.mouse.down();
        await cell(page, 'Pier section 4', 'Wednesday 10 June').hover();
        await page.mouse.up();
        await expect(page.locator('[role=gridcell][aria-selected=true]')).toHaveCount(9);
        await expect(cell(page, 'Pier section 4', 'Wednesday 10 June')).toBeFocused();
    });

    test('of 40 by 7 pasted cells the good are saved, and the three bad ones say which they are and why', async ({ page }) => {
        await open(page, '2026-W23');
        await goTo(page, 'Pier section 1', 'Monday 1 June');
        const rows = Array.from({ length: 40 }, () => Array.from({ length: 7 }, () => '0:15'));
        const [second = [], fifth = [], last = []] = [rows[1], rows[4], rows[39]];
        second[0] = '1:60';
        fifth[2] = 'two';
        last[6] = '25';
        await paste(page, rows.map((row) => row.join('\t')).join('\n'));
        await expect(page.getByText('3 values are not saved; they are marked in the grid.')).toBeVisible();
        await expect(page.getByText(/^69\.25\sh .*entered/)).toBeVisible();
        await expect(margin(page).getByRole('button', { name: /^1:60, Pier section 2, Mon/ })).toBeVisible();
        await margin(page)
            .getByRole('button', { name: /^two, Pier section 5, Wed/ })
            .press('Enter');
        await expect(cell(page, 'Pier section 5', 'Wednesday 3 June')).toBeFocused();
        await expect(page.getByRole('alert')).toContainText('“two” is not a number of hours');
        await page.keyboard.type('1');
        await page.keyboard.press('Enter');
        await expect(page.getByText('2 values are not saved')).toBeVisible();
        await page.keyboard.press('Control+z');
        await page.keyboard.press('Control+z');
        await expect(page.getByText(/^0\sh of the expected 40\sh entered/)).toBeVisible();
    });
});

test.describe('lines', () => {
    test.beforeEach(async ({ page }) => {
        await signIn(page, 'wren.octave');
        await open(page, '2026-W26');
    });

    test('are found by search, added, removed and brought back', async ({ page }) => {
        await page.getByRole('button', { name: 'Add line…' }).press('Enter');
        const search = margin(page).getByRole('combobox', { name: 'Project, task or code' });
        await expect(search).toBeFocused();
        await expect(margin(page).getByRole('group', { name: 'Non-project time' })).toBeVisible();
        await page.keyboard.type('gull 44-103');
        await expect(margin(page).getByRole('listbox').getByRole('option')).toHaveText([/^Ladders/]);
        await choose(page, 'Role', 'Surveyor');
        await search.press('Enter');
        const ladders = (day: string) => cell(page, 'Ladders', day);
        await expect(ladders('Monday 22 June')).toHaveAccessibleName(/^Ladders, Surveyor, .*: empty$/);

        await goTo(page, 'Ladders', 'Monday 22 June');
        await page.keyboard.type('3');
        await page.keyboard.press('Enter');
        await expect(ladders('Monday 22 June')).toHaveAccessibleName(/: 3, draft$/);
        await saved(page);
        await goTo(page, 'Ladders', 'Monday 22 June');
        await page.keyboard.press('x');
        await expect(margin(page).getByRole('heading', { name: 'Remove Ladders?' })).toBeVisible();
        await margin(page).getByRole('button', { name: 'Remove line' }).press('Enter');
        await expect(ladders('Monday 22 June')).toHaveCount(0);
        await page.keyboard.press('Control+z');
        await expect(ladders('Monday 22 June')).toHaveAccessibleName(/: 3, draft$/);
        await saved(page);
        await page.reload();
        await expect(ladders('Monday 22 June')).toHaveAccessibleName(/: 3, draft$/);
    });

    test('stay where they are put, and collapse with their project', async ({ page }) => {
        await open(page, '2026-W25');
        await goTo(page, 'Soundings', 'Monday 15 June');
        await answered(page, () => page.keyboard.press('Alt+ArrowDown'));
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toBeFocused();
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toHaveAttribute('data-place', '1 0');
        await page.reload();
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toHaveAttribute('data-place', '1 0');
        await goTo(page, 'Soundings', 'Monday 15 June');
        await answered(page, () => page.keyboard.press('f'));
        const collapsed = page.getByRole('gridcell', { name: /^Gull quay wall, collapsed, Monday 15 June/ });
        await expect(collapsed).toBeVisible();
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toHaveCount(0);
        await page.reload();
        await collapsed.focus();
        await page.keyboard.press('Enter');
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toBeVisible();
        // And by mouse.
        await page.getByRole('button', { name: 'Gull quay wall' }).click();
        await expect(collapsed).toBeVisible();
        await answered(page, () => page.getByRole('button', { name: /^Gull quay wall/ }).click());
        await expect(cell(page, 'Soundings', 'Monday 15 June')).toBeVisible();
    });
});

test.describe('an entry', () => {
    test('carries notes for the team and the client, whether it is billed, and its audit trail', async ({ page }) => {
        await signIn(page, 'yusra.lindqvist');
        await goTo(page, 'Cores and soundings', 'Tuesday 16 June');
        await page.keyboard.press('m');
        await expect(page.getByLabel('Team note')).toBeFocused();
        await page.keyboard.type('North face <em>done</em>');
        await page.keyboard.press('Enter');
        await expect(cell(page, 'Cores and soundings', 'Tuesday 16 June')).toBeFocused();
        await expect(cell(page, 'Cores and soundings', 'Tuesday 16 June')).toHaveAccessibleName(/: 1\.75, draft, has a note$/);
        await saved(page);
        await expect(
            margin(page).getByText('Harbour wall condition survey, Cores and soundings: North face <em>done</em>'),
        ).toBeVisible();

        await page.keyboard.press('c');
        await expect(page.getByLabel('Client note')).toHaveValue(
            'Harbour wall condition survey, Cores and soundings: North face <em>done</em>',
        );
        await margin(page).getByLabel('Billable').uncheck();
        await expect(margin(page).getByText('draft, not billable.')).toBeVisible();
        await saved(page);
        await page.locator('[role=gridcell][tabindex="0"]').focus();
        await page.keyboard.press('t');
        await expect(
            margin(page).getByRole('list', { name: 'Audit trail' }).getByText('Yusra Lindqvist: changed').first(),
        ).toBeVisible();

        await page.keyboard.press('n');
        await expect(cell(page, 'Cores and soundings', 'Wednesday 17 June')).toBeFocused();
        await page.keyboard.press('p');
        await page.keyboard.press('p');
        await expect(cell(page, 'Cores and soundings', 'Monday 15 June')).toBeFocused();
        await page.keyboard.press('p');
        await expect(page.getByText('This is the first entry of the week.')).toBeVisible();
        await page.keyboard.press('Control+z');
        await page.keyboard.press('Control+z');
        await page.keyboard.press('Control+z');
        await expect(cell(page, 'Cores and soundings', 'Tuesday 16 June')).toHaveAccessibleName(/: 1\.75, draft$/);
        await saved(page);
    });

    test('without client notes has them all inked at once', async ({ page }) => {
        await signIn(page, 'yusra.lindqvist');
        await goTo(page, 'Lamp changer and wiring', 'Monday 15 June');
        await margin(page)
            .getByRole('button', { name: /^Ink all \d+ notes$/ })
            .click();
        await expect(page.getByLabel('Client note')).toHaveValue('Skerrow lantern: lens refit, Lamp changer and wiring');
        await saved(page);
        await goTo(page, 'Cores and soundings', 'Tuesday 16 June');
        await expect(page.getByLabel('Client note')).toHaveValue('Harbour wall condition survey, Cores and soundings');
    });
});

test.describe('the quick line', () => {
    test.beforeEach(async ({ page }) => {
        await signIn(page, 'ottilie.brandreth');
        await open(page, '2026-W27');
    });

    test('shows in pencil what it understood, and inks it on a line that it adds', async ({ page }) => {
        await page.keyboard.press('/');
        await page.keyboard.type('1:30 trai mon-tue note fire drill');
        const status = page.getByRole('search', { name: 'Quick line' }).getByRole('status');
        await expect(status).toHaveText(
            /^1\.5\sh on .* · Training, Mon,? 29 Jun, Tue,? 30 Jun; note “fire drill” – press Enter to ink$/,
        );
        await page.keyboard.press('Enter');
        await expect(cell(page, 'Training', 'Monday 29 June')).toHaveAccessibleName(/: 1\.5, draft, has a note$/);
        await expect(cell(page, 'Training', 'Tuesday 30 June')).toHaveAccessibleName(/: 1\.5, draft, has a note$/);

        await page.keyboard.type('2h trai tue');
        await expect(status).toHaveText(/replaces 1\.5\sh/);
        await expect(cell(page, 'Training', 'Tuesday 30 June')).toContainText('2');
        await page.keyboard.press('Escape');
        await page.keyboard.press('/');
        await page.keyboard.type('+0:15 training tue');
        await page.keyboard.press('Enter');
        await expect(cell(page, 'Training', 'Tuesday 30 June')).toHaveAccessibleName(/: 1\.75, draft, has a note$/);
        await saved(page);

        // Enter on an empty line asks for nothing; Ctrl+Enter leads on, as it does in the grid.
        await page.keyboard.press('Enter');
        await expect(status).toBeEmpty();
        await page.keyboard.press('Control+Enter');
        await expect(page.getByRole('heading', { name: 'Submit week 27?' })).toBeVisible();
        await page.keyboard.press('Escape');
        await expect(page.getByRole('heading', { name: 'Submit week 27?' })).toBeHidden();
        await page.evaluate(() => {
            (document.activeElement as HTMLElement).blur();
        });
        await page.keyboard.press('Control+Enter');
        await expect(page.getByRole('heading', { name: 'Submit week 27?' })).toBeVisible();
    });

    test('asks when several tasks fit, and explains when none does', async ({ page }) => {
        await page.keyboard.press('/');
        await page.keyboard.type('2h fenlight tue');
        const line = page.getByRole('search', { name: 'Quick line' });
        await expect(line.getByText(/^\d+ tasks match\. Choose one\.$/)).toBeVisible();
        await page.keyboard.press('ArrowDown');
        const [second = ''] = (await line.getByRole('option').nth(1).innerText()).split('\n');
        await page.keyboard.press('Enter');
        await expect(line.getByRole('status')).toContainText(`Fenlight: non-project time · ${second}`);
        await page.keyboard.press('Escape');
        await page.keyboard.press('/');
        await page.keyboard.type('2h zzz tue');
        await expect(line.getByRole('status')).toContainText('No task matches “zzz”.');
    });
});
