import type { Page } from '@playwright/test';
import { choose, goTo, notices, paste, pick, signIn } from './people';
import { expect, test } from './test';

/** A cell of the plan by its column and what row it is of. */
function planCell(page: Page, column: string, of: string) {
    return page.getByRole('gridcell', { name: new RegExp(`^${column}, ${of}: `) });
}

/** Goes to a cell of the plan by arrow keys alone. */
async function goToPlan(page: Page, column: string, of: string): Promise<void> {
    const place = (await planCell(page, column, of).getAttribute('data-place')) ?? '0 0';
    const [row = 0, at = 0] = place.split(' ').map(Number);
    await page.locator('[role=gridcell][tabindex="0"]').focus();
    await page.keyboard.press('Control+Home');
    for (let step = 0; step < row; step++) {
        await page.keyboard.press('ArrowDown');
    }
    for (let step = 0; step < at; step++) {
        await page.keyboard.press('ArrowRight');
    }
    await expect(planCell(page, column, of)).toBeFocused();
}

/** Types into the fields of a form, one after the other. */
async function typeThrough(page: Page, words: string[]): Promise<void> {
    for (const [index, word] of words.entries()) {
        await page.keyboard.type(word);
        if (index < words.length - 1) {
            await page.keyboard.press('Tab');
        }
    }
}

test('a newcomer plans a small project with three people, and a week of it is recorded, approved and estimated', async ({
    browser,
}) => {
    const nell = await (await browser.newContext()).newPage();
    await signIn(nell, 'nell.sark', '/projects');
    await nell.getByRole('link', { name: 'New project' }).press('Enter');
    await expect(nell.getByLabel('Project name', { exact: true })).toBeFocused();
    await typeThrough(nell, ['Gull tower roof', 'Sandle Harbour Board']);
    await nell.getByRole('textbox', { name: 'First day' }).fill('2026-06-15');
    await nell.getByRole('textbox', { name: 'Last day' }).fill('2026-07-10');
    await nell.getByRole('button', { name: 'Create project' }).press('Enter');
    await expect(nell.getByRole('heading', { name: 'Gull tower roof: plan' })).toBeVisible();

    await nell.getByRole('button', { name: 'Add task…' }).press('Enter');
    await expect(nell.getByLabel('Task', { exact: true })).toBeFocused();
    await typeThrough(nell, ['Strip the slates', 'Roof', 'Bram Holm', '40']);
    await nell.getByRole('textbox', { name: 'First day' }).fill('2026-06-15');
    await nell.getByRole('textbox', { name: 'Last day' }).fill('2026-06-26');
    await nell.keyboard.press('Enter');
    await expect(planCell(nell, 'Task, assignee', 'Bram Holm on Strip the slates')).toBeVisible();
    await typeThrough(nell, ['Lay new slates']);
    await nell.keyboard.press('Tab');
    await nell.keyboard.press('Tab');
    await typeThrough(nell, ['Cleo Fenn', '60']);
    await nell.keyboard.press('Enter');
    await expect(planCell(nell, 'Task, assignee', 'Cleo Fenn on Lay new slates')).toBeVisible();
    await nell.keyboard.press('Escape');

    // A third, put on a task from the table itself; then more hours, and a row pasted from a spreadsheet.
    await goToPlan(nell, 'Task, assignee', 'Lay new slates');
    await nell.keyboard.press('Control+Enter');
    await expect(nell.getByLabel('Person or team')).toBeFocused();
    await nell.keyboard.type('Dara Voe');
    await nell.keyboard.press('Tab');
    await nell.keyboard.press('Tab');
    await nell.keyboard.type('20');
    await nell.keyboard.press('Enter');
    await expect(planCell(nell, 'Task, assignee', 'Dara Voe on Lay new slates')).toBeVisible();
    await nell.keyboard.press('Escape');
    await goToPlan(nell, 'Planned', 'Bram Holm on Strip the slates');
    await nell.keyboard.type('48');
    await nell.keyboard.press('Enter');
    await expect(nell.getByText(/^2 tasks, 128\sh planned/)).toBeVisible();
    await nell.keyboard.press('Control+z');
    await expect(nell.getByText(/^2 tasks, 120\sh planned/)).toBeVisible();
    await nell.keyboard.press('Control+y');
    await expect(nell.getByText(/^2 tasks, 128\sh planned/)).toBeVisible();

    const bram = await (await browser.newContext()).newPage();
    await signIn(bram, 'bram.holm', '/week/2026-W25');
    for (const day of ['Monday 15 June', 'Tuesday 16 June']) {
        await goTo(bram, 'Strip the slates', day);
        await bram.keyboard.type('6');
        await bram.keyboard.press('Enter');
    }
    await expect(bram.getByText('All changes saved.')).toBeVisible();
    // The remaining estimate is typed in the week, over the pencilled figure.
    await goTo(bram, 'Strip the slates', 'Sunday 21 June');
    await bram.keyboard.press('ArrowRight');
    const remaining = bram.getByRole('textbox', { name: /Strip the slates/ });
    await expect(remaining).toBeFocused();
    await expect(remaining).toHaveValue('36');
    await bram.keyboard.type('44');
    await bram.keyboard.press('Enter');
    const why = bram.getByRole('textbox', { name: 'Reason' });
    await expect(why).toBeFocused();
    await bram.keyboard.type('Two layers of slates');
    await bram.keyboard.press('Enter');
    await expect(bram.getByText('Estimate saved; it takes effect immediately.')).toBeVisible();

    await nell.goto('/projects/GULL-TOWER');
    await expect(
        nell.getByText(/12\sh of 128\sh planned have been used and 124\sh remain; the forecast is 136\sh, 8\sh over plan\./),
    ).toBeVisible();
    await expect(nell.getByText(/Bram Holm raised the remaining estimate by 8\sh on/)).toBeVisible();

    // Submitted by him and approved by her, it is actual on the project at once.
    await goTo(bram, 'Strip the slates', 'Monday 15 June');
    await bram.keyboard.press('Control+Enter');
    await bram.getByRole('button', { name: 'Submit 12 h' }).press('Enter');
    await expect(notices(bram).getByText('12 h submitted.')).toBeVisible();
    await nell.goto('/review?open=bram.holm');
    await nell
        .getByRole('region', { name: 'Bram Holm, week 25' })
        .getByRole('rowheader', { name: /Strip the slates/ })
        .focus();
    await nell.keyboard.press('a');
    await expect(notices(nell).getByText('Approved: 12 h in 2 entries.')).toBeVisible();
    await nell.goto('/projects/GULL-TOWER');
    await nell.getByRole('link', { name: /^Actual 12\sh, Strip the slates:/ }).press('Enter');
    const margin = nell.getByRole('complementary', { name: 'Figure details' });
    await expect(margin.getByRole('heading', { name: /^Actual for Strip the slates: 12\sh/ })).toBeVisible();
    // From an entry to the week in which it stands.
    await margin.getByRole('link', { name: /^Bram Holm, 16 Jun 2026/ }).press('Enter');
    await expect(nell).toHaveURL(/people\/bram\.holm\/week\/2026-W25/);
});

test('a remaining estimate waits for the project manager, who sees what it would do, and declines and accepts', async ({
    browser,
}) => {
    const page = await (await browser.newContext()).newPage();
    await signIn(page, 'brannoc.leigh', '/projects/LOCK');
    const waiting = page.getByRole('region', { name: 'Remaining estimates waiting for you' });
    await expect(page.getByText(/On .*, Lorne Whitby estimated .* remaining on .* instead of/)).toBeVisible();
    await expect(
        waiting.getByText(/^If accepted, the forecast changes from .* over plan, and the forecast cost from EUR/),
    ).toBeVisible();
    await waiting.getByRole('button', { name: 'Decline…' }).press('Enter');
    await expect(waiting.getByLabel('Comment (required)')).toBeFocused();
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await waiting.getByRole('button', { name: 'Accept' }).press('Enter');
    await expect(waiting).toBeHidden();
    await expect(page.getByText(/Lorne Whitby raised the remaining estimate by/)).toBeVisible();

    // The manager's own estimate, from the row; and progress in figures.
    await page.getByRole('link', { name: /^Remaining .*Lorne Whitby, Flow model/ }).press('Enter');
    await page.getByRole('button', { name: 'Update estimate' }).press('Enter');
    await page.getByRole('textbox', { name: 'Remaining hours' }).fill('20');
    await page.getByRole('textbox', { name: 'Reason' }).fill('A second boat comes');
    await page.getByRole('button', { name: 'Save estimate' }).press('Enter');
    await expect(page.getByText('Estimate saved; it takes effect immediately.')).toBeVisible();
    await expect(page.getByRole('link', { name: /^Remaining 20\sh, Lorne Whitby, Flow model/ })).toBeVisible();
    await page.getByRole('tab', { name: 'Table' }).click();
    await expect(
        page.getByRole('region', { name: 'Progress by week' }).getByRole('columnheader', { name: 'Forecast to date' }),
    ).toBeVisible();
});

test('an empty plan takes pasted rows, and a task with hours remaining is marked as done only when confirmed', async ({
    page,
}) => {
    await signIn(page, 'nell.sark', '/new-project');
    await page.getByLabel('Project name', { exact: true }).fill('Gull tower door');
    await page.keyboard.press('Enter');
    await page.getByRole('textbox', { name: 'Paste rows here' }).focus();
    const rows = 'Task\tWho\tHours\tFrom\tTo\nHang the door\tCleo Fenn\t12\t22 Jun\t26/6';
    await paste(page, `${rows}\nPaint it\tDara Voe\t8\tsoon\t`);
    const said = page.getByText('Row 2, “Paint it”. First day: “soon” is not a date. Enter one such as 2026-06-17.');
    await expect(said).toBeVisible();
    await page.getByRole('textbox', { name: 'Paste rows here' }).focus();
    await paste(page, `${rows}\nPaint it\tDara Voe\t8\t29.6.2026\t`);
    await expect(page.getByText(/^2 tasks, 20\sh planned/)).toBeVisible();
    await expect(said).toBeHidden();
    await expect(planCell(page, 'First day', 'Cleo Fenn on Hang the door')).toHaveText('22 Jun');
    await expect(planCell(page, 'Last day', 'Cleo Fenn on Hang the door')).toHaveText('26 Jun');
    // A day is typed as one reads it, and changed as one types it.
    await goToPlan(page, 'Last day', 'Cleo Fenn on Hang the door');
    await page.keyboard.press('F2');
    await expect(page.getByRole('textbox', { name: 'Last day, Cleo Fenn on Hang the door' })).toHaveValue('26 Jun 2026');
    await page.keyboard.press('Escape');
    await page.keyboard.type('8 jan 27');
    await page.keyboard.press('Enter');
    await expect(planCell(page, 'Last day', 'Cleo Fenn on Hang the door')).toHaveText('8 Jan 2027');

    const remarks = page.getByRole('complementary', { name: 'Remarks' });
    await goToPlan(page, 'Task, assignee', 'Hang the door');
    await remarks.getByRole('button', { name: 'Mark as done for everyone' }).press('Enter');
    await expect(remarks.getByRole('alert')).toContainText('Cleo Fenn 12');
    // Of another task it is asked anew.
    await goToPlan(page, 'Task, assignee', 'Paint it');
    await expect(remarks.getByRole('button', { name: 'Mark as done for everyone' })).toBeVisible();
    await goToPlan(page, 'Task, assignee', 'Hang the door');
    await remarks.getByRole('button', { name: 'Mark as done anyway' }).press('Enter');
    await expect(remarks.getByText('This task is done.')).toBeVisible();
    await remarks.getByRole('button', { name: 'Reopen task' }).press('Enter');
    await expect(remarks.getByText('This task is done.')).toBeHidden();
});

test('what was added and given by day is taken back and done again', async ({ page }) => {
    await signIn(page, 'dov.merriman', '/projects/SPIRE/plan');
    await page.getByRole('button', { name: 'Add task…' }).press('Enter');
    await page.getByLabel('Task', { exact: true }).fill('Weathercock');
    await page.keyboard.press('Enter');
    const added = planCell(page, 'Task, assignee', 'Weathercock');
    await expect(added).toBeVisible();
    await page.keyboard.press('Escape');
    await goToPlan(page, 'Task, assignee', 'Weathercock');
    await page.keyboard.press('Control+z');
    await expect(added).toBeHidden();
    await page.locator('[role=gridcell][tabindex="0"]').focus();
    await page.keyboard.press('Control+y');
    await expect(added).toBeVisible();
    await page.locator('[role=gridcell][tabindex="0"]').focus();
    await page.keyboard.press('Control+z');
    await expect(added).toBeHidden();

    const row = (column: string) => planCell(page, column, 'Nadia Brook on Report');
    const before = await Promise.all(
        ['Planned', 'First day', 'Last day'].map((column) => row(column).getAttribute('aria-label')),
    );
    await goToPlan(page, 'Planned', 'Nadia Brook on Report');
    await page.keyboard.press('Control+d');
    const form = page.getByRole('form', { name: 'Nadia Brook: hours by day' });
    await form.getByRole('textbox').nth(0).fill('3');
    await form.getByRole('textbox').nth(1).fill('4:30');
    await form.getByRole('button', { name: 'Save hours by day' }).press('Enter');
    await expect(row('Planned')).toHaveAttribute('aria-label', /: 7\.5$/);
    await goToPlan(page, 'Planned', 'Nadia Brook on Report');
    await page.keyboard.press('Control+z');
    for (const [index, column] of ['Planned', 'First day', 'Last day'].entries()) {
        await expect(row(column)).toHaveAttribute('aria-label', before[index] ?? '');
    }
    await goToPlan(page, 'Planned', 'Nadia Brook on Report');
    await page.keyboard.press('Control+y');
    await expect(row('Planned')).toHaveAttribute('aria-label', /: 7\.5$/);
});

test('the list is filtered and sorted in its address, and a manager is offered another', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/projects');
    await expect(page.getByRole('row').nth(1)).toContainText('Thornmere bell frame repair');
    await choose(page, 'Issue', 'Estimates waiting');
    await expect(page).toHaveURL(/only=estimates\+waiting|only=estimates%20waiting/);
    await page.goBack();
    await page.getByLabel('Name, code, client or manager').fill('wendle brannoc');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/search=wendle(\+|%20)brannoc/);
    await expect(page.getByRole('link', { name: 'Lock gates at Wendle Cut' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Thornmere bell frame repair' })).toBeHidden();
    await page.getByLabel('Name, code, client or manager').fill('zzz');
    await page.keyboard.press('Enter');
    await expect(page.getByText('No matching projects.')).toBeVisible();
});

test('the office sets a rate from a day on, and who has none is not named any more', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/rates');
    await expect(page.getByText(/^Ewan Skerry, Apprentice: .* are not included in costs\.$/)).toBeVisible();
    await pick(page, 'Person', 'ewan sk', 'Ewan Skerry');
    await page.getByRole('textbox', { name: 'Applies from' }).fill('2025-06-01');
    await page.getByLabel('Cost rate (EUR/h)').fill('31.5');
    await page.keyboard.press('Enter');
    await expect(notices(page).getByText('Rate saved. Costs from that day on now use it.')).toBeVisible();
    await expect(page.getByText(/^Ewan Skerry, Apprentice/)).toBeHidden();
});
