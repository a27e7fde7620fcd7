import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findings } from './accessibility';
import { cell, goTo, notices, pick, serverFolder, signIn, signInByKeyboard } from './people';
import { expect, test } from './test';

const line = 'Workshop and tools';

async function type(page: Page, day: string, hours: string): Promise<void> {
    await goTo(page, line, day);
    await page.keyboard.type(hours);
    await page.keyboard.press('Enter');
}

/** Brings exchange files into the data while the application is running, as the time office would. */
function importWhileRunning(files: Record<string, string>): void {
    const server = serverFolder();
    const folder = mkdtempSync(join(tmpdir(), 'moss-'));
    for (const [name, contents] of Object.entries(files)) {
        writeFileSync(join(folder, name), contents);
    }
    execFileSync('php', ['artisan', 'moss:import', folder], {
        env: {
            ...process.env,
            APP_KEY: readFileSync(join(server, 'key'), 'utf8'),
            DB_DATABASE: join(process.cwd(), server, 'moss.sqlite'),
            APP_CONFIG_CACHE: join(process.cwd(), server, 'cache/import.php'),
        },
    });
}

test.describe('what is typed is never lost', () => {
    test.beforeEach(async ({ page }) => {
        await signIn(page, 'jonas.petherick', '/week/2026-W25');
        // All of the page must be there before the connection goes.
        await page.getByRole('grid').waitFor();
    });

    test('when a panel cannot be fetched, it says so, and can be tried again', async ({ page }) => {
        const panel = /\/assets\/AskedPanel-/;
        await page.route(panel, (route) => route.abort());
        await type(page, 'Saturday 20 June', '2');
        await page.keyboard.press('Control+Enter');
        const lost = page.getByRole('complementary').getByRole('alert');
        await expect(lost).toContainText('This could not be loaded.');
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: 2, draft$/);

        await page.unroute(panel);
        await page.route('**/submission*', (route) => route.abort());
        await lost.getByRole('button', { name: 'Try again' }).click();
        await expect(page.getByRole('heading', { name: 'Submit week 25?' })).toBeVisible();
        await expect(lost).toContainText('The summary could not be loaded.');
        await page.unroute('**/submission*');
        await lost.getByRole('button', { name: 'Try again' }).click();
        await expect(page.getByRole('button', { name: /^Submit \d/ })).toBeEnabled();
        await page.keyboard.press('Escape');
        await goTo(page, line, 'Saturday 20 June');
        await page.keyboard.press('Delete');
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: empty$/);
    });

    test('when the server goes away in the middle of saving, it is saved once', async ({ page }) => {
        let attempts = 0;
        await page.route('**/cells', async (route) => {
            attempts++;
            if (attempts === 1) {
                // The server has saved it, and then there is no answer.
                await route.fetch();
                await route.abort();
            } else {
                await route.continue();
            }
        });
        await type(page, 'Saturday 20 June', '3');
        await expect(page.getByText('One value is not saved; it is marked in the grid.')).toBeVisible();
        await expect(page.getByText('All changes saved.')).toBeVisible();
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: 3, draft$/);
        expect(attempts).toBe(2);
        await goTo(page, line, 'Saturday 20 June');
        await page.keyboard.press('Delete');
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: empty$/);
    });

    test('when the server does not answer a submission, it says so, keeps what was asked, and goes again', async ({ page }) => {
        const submission = /\/days\/2026-W25\/submission$/;
        const fail = async (how: 'the network' | 'another server') =>
            page.route(submission, (route) => {
                if (route.request().method() !== 'POST') {
                    return route.continue();
                }

                return how === 'the network'
                    ? route.abort()
                    : route.fulfill({ status: 502, contentType: 'text/html', body: 'Bad gateway' });
            });
        const lost = page.getByRole('main').getByRole('alert').filter({ hasText: 'may not have been saved' });
        const submit = page.getByRole('button', { name: /^Submit \d/ });
        await page.locator('[role=gridcell][tabindex="0"]').focus();
        await page.keyboard.press('Control+Enter');
        await fail('the network');
        await submit.click();
        await expect(lost).toBeVisible();
        expect(await findings(page)).toEqual([]);
        await lost.getByRole('button', { name: 'See what was saved' }).click();
        await expect(lost).toBeHidden();
        await expect(submit).toBeEnabled();

        await page.unroute(submission);
        await fail('another server');
        await submit.click();
        await expect(lost).toBeVisible();
        await expect(page.getByText('Bad gateway')).toBeHidden();

        await page.unroute(submission);
        await submit.click();
        await expect(notices(page).getByText(/h submitted\./)).toBeVisible();
        await expect(lost).toBeHidden();
    });

    test('when a page cannot be loaded, one stays where one is and can try again', async ({ page }) => {
        await page.route('**/tasks', (route) => route.abort());
        const tasks = page.getByRole('link', { name: 'My tasks' });
        await tasks.click();
        const lost = page.getByRole('alert').filter({ hasText: 'the page was not loaded' });
        await expect(lost).toBeVisible();
        await expect(page.getByRole('grid')).toBeVisible();

        await page.unroute('**/tasks');
        await lost.getByRole('button', { name: 'Try again' }).click();
        await expect(page.getByRole('heading', { level: 1, name: 'My tasks' })).toBeVisible();
        await expect(lost).toBeHidden();
    });

    test('when a part of the application cannot be had, the page that needs it says so', async ({ page }) => {
        const part = /\/assets\/Expenses-[^/]*\.js$/;
        await page.route(part, (route) => route.abort());
        await page.getByRole('link', { name: 'Expenses' }).click();
        const lost = page.getByRole('alert').filter({ hasText: 'the page was not loaded' });
        await expect(lost).toBeVisible();
        await expect(page.getByRole('grid')).toBeVisible();

        await page.unroute(part);
        await lost.getByRole('button', { name: 'Try again' }).click();
        await expect(page.getByRole('heading', { level: 1, name: /^Expenses/ })).toBeVisible();
    });

    test('when what a page shows a little later does not come, it can be tried again', async ({ page }) => {
        await signIn(page, 'idris.calloway', '/projects');
        await page.route('**/projects/LANTERN', (route) =>
            route.request().headers()['x-inertia-partial-data'] === undefined ? route.continue() : route.abort(),
        );
        await page.getByRole('link', { name: 'Skerrow lantern: lens refit' }).click();
        const lost = page.getByRole('alert').filter({ hasText: 'the page was not loaded' });
        await expect(lost).toBeVisible();
        await expect(page.getByRole('heading', { level: 1, name: 'Skerrow lantern: lens refit' })).toBeVisible();

        await page.unrouteAll();
        await lost.getByRole('button', { name: 'Try again' }).click();
        await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
        await expect(lost).toBeHidden();
    });

    test('when the session has ended while the laptop slept, it waits until one has signed in again', async ({
        page,
        context,
    }) => {
        await goTo(page, line, 'Sunday 21 June');
        await context.setOffline(true);
        await page.keyboard.type('2');
        await page.keyboard.press('Enter');
        await expect(page.getByText('One value is not saved')).toBeVisible();
        await context.clearCookies();
        await context.setOffline(false);
        await goTo(page, line, 'Sunday 21 June');
        await expect(page.getByRole('complementary').getByRole('alert')).toContainText(/signed out|session has ended/);
        await expect(cell(page, line, 'Sunday 21 June')).toHaveText('2');
        const out = page.getByText('You are signed out. What you typed is still here.');
        await expect(out).toBeVisible();
        await expect(page.getByText('It is saved once you have signed in again.')).toBeVisible();

        const other = await context.newPage();
        await signIn(other, 'jonas.petherick');
        await expect(cell(page, line, 'Sunday 21 June')).toHaveAccessibleName(/: 2, draft$/);
        await expect(out).toBeHidden();
        await page.keyboard.press('Delete');
        await expect(page.getByText('All changes saved.')).toBeVisible();
    });

    test('when the session has ended, what was typed is saved once one has signed in in another tab', async ({
        page,
        context,
    }) => {
        const out = page.getByRole('alert').filter({ hasText: 'You are signed out.' });
        let hours = 1;
        // An answer that was still on its way brings the session back, so that what was typed is saved; then it is something else.
        await expect(async () => {
            await context.clearCookies({ name: /session/ });
            hours++;
            await type(page, 'Sunday 21 June', String(hours));
            await expect(out).toBeVisible({ timeout: 3000 });
        }).toPass();
        expect(await findings(page)).toEqual([]);
        const [other] = await Promise.all([context.waitForEvent('page'), out.getByRole('link').click()]);
        await signInByKeyboard(other, 'jonas.petherick');
        await expect(cell(page, line, 'Sunday 21 June')).toHaveAccessibleName(new RegExp(`: ${String(hours)}, draft$`));
        await expect(page.getByText('All changes saved.')).toBeVisible();
        await expect(out).toBeHidden();
    });

    test('when the session has ended on a page that sends nothing by itself, it stays, and sees that one is back', async ({
        page,
        context,
    }) => {
        await signIn(page, 'lowri.penrose', '/month');
        const typed = page.getByRole('gridcell', { name: /Thursday 18 June/ }).first();
        await typed.waitFor();
        const out = page.getByRole('alert').filter({ hasText: 'You are signed out.' });
        let part = 1;
        await expect(async () => {
            await context.clearCookies({ name: /session/ });
            await typed.click();
            part = part === 0.5 ? 1 : 0.5;
            await page.keyboard.type(String(part));
            await page.keyboard.press('Enter');
            await expect(out).toBeVisible({ timeout: 3000 });
        }).toPass();
        await expect(page).toHaveURL(/month/);
        await expect(typed).toContainText(String(part));

        const other = await context.newPage();
        await signInByKeyboard(other, 'lowri.penrose');
        await page.bringToFront();
        await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
        await expect(out).toBeHidden();
        await expect(typed).toContainText(String(part));
    });

    test('when the page goes, it has warned, and brings it back', async ({ page, context }) => {
        await context.setOffline(true);
        await type(page, 'Saturday 20 June', '1.5');
        await expect(page.getByText('One value is not saved')).toBeVisible();
        const asked: string[] = [];
        page.on('dialog', (dialog) => {
            asked.push(dialog.type());
            void (dialog.type() === 'confirm' ? dialog.dismiss() : dialog.accept());
        });
        await page.getByRole('link', { name: 'Timesheets' }).click();
        await expect.poll(() => asked).toEqual(['confirm']);
        await expect(page.getByRole('heading', { level: 1 })).toContainText('Week 25');

        await page.route('**/cells', (route) => route.abort());
        await context.setOffline(false);
        await goTo(page, line, 'Sunday 21 June');
        // Not even finished yet.
        await page.keyboard.type('0.25');
        await page.reload();
        expect(asked).toEqual(['confirm', 'beforeunload']);
        await expect(cell(page, line, 'Saturday 20 June')).toHaveText('1.5');
        await expect(cell(page, line, 'Sunday 21 June')).toHaveText('0.25');
        await page.unroute('**/cells');
        await expect(cell(page, line, 'Saturday 20 June')).toHaveAccessibleName(/: 1\.5, draft$/);
        await goTo(page, line, 'Saturday 20 June');
        await page.keyboard.press('Shift+ArrowRight');
        await page.keyboard.press('Delete');
        await expect(cell(page, line, 'Sunday 21 June')).toHaveAccessibleName(/: empty$/);
    });

    test('when a cell is typed over quickly, each act can still be undone by itself', async ({ page }) => {
        for (const hours of ['1', '2', '3']) {
            await type(page, 'Sunday 21 June', hours);
        }
        await expect(page.getByText('All changes saved.')).toBeVisible();
        await goTo(page, line, 'Sunday 21 June');
        for (const hours of ['2', '1']) {
            await page.keyboard.press('Control+z');
            await expect(cell(page, line, 'Sunday 21 June')).toHaveAccessibleName(new RegExp(`: ${hours}, draft$`));
        }
        await page.keyboard.press('Control+z');
        await expect(cell(page, line, 'Sunday 21 June')).toHaveAccessibleName(/: empty$/);
        await expect(page.getByText('All changes saved.')).toBeVisible();
    });
});

test('a task that is done while its cell is typed says so, and keeps what was typed', async ({ page }) => {
    await signIn(page, 'moana.tide', '/week/2026-W25');
    await goTo(page, 'Lamp room', 'Tuesday 16 June');
    await page.keyboard.type('1');
    importWhileRunning({ 'tasks.csv': 'project,task,name,done_on\nQUAY,CLOSE,Lamp room,2026-06-15\n' });
    await page.keyboard.press('Enter');
    await goTo(page, 'Lamp room', 'Tuesday 16 June');
    await expect(page.getByRole('alert')).toContainText(
        'Lamp room has been done since 2026-06-15. Ask the project manager, Idris Calloway',
    );
    await expect(cell(page, 'Lamp room', 'Tuesday 16 June')).toHaveText('1');
    await page.getByRole('button', { name: 'Discard change' }).click();
    await expect(cell(page, 'Lamp room', 'Tuesday 16 June')).toHaveAccessibleName(/: (empty|.* pencilled)$/);
});

for (const timezoneId of ['Pacific/Auckland', 'America/Los_Angeles']) {
    test(`days stay what they are for a browser in ${timezoneId}`, async ({ browser }) => {
        const page = await (await browser.newContext({ timezoneId })).newPage();
        await signIn(page, 'moana.tide', '/week/2026-W25');
        await expect(page.getByRole('columnheader', { name: /^Wed 17/ })).toBeVisible();
        await goTo(page, 'Tide tables', 'Monday 15 June');
        await page.keyboard.type('1:05');
        const [request] = await Promise.all([page.waitForRequest('**/cells'), page.keyboard.press('Enter')]);
        expect(request.postDataJSON()).toMatchObject({ cells: [{ date: '2026-06-15', hours: '1:05' }] });
        await expect(cell(page, 'Tide tables', 'Monday 15 June')).toHaveAccessibleName(/: 1\.08, draft$/);
        await goTo(page, 'Tide tables', 'Monday 15 June');
        await page.keyboard.press('Delete');
        await expect(page.getByText('All changes saved.')).toBeVisible();
    });
}

test('with 60 lines a key press touches the two cells that it concerns, and a long name is read in full beside it', async ({
    page,
}) => {
    await signIn(page, 'silas.sexton', '/week/2026-W26');
    await expect(page.getByRole('row')).toHaveCount(68);
    await goTo(page, 'Pier section 3', 'Tuesday 23 June');
    await page.evaluate(() => {
        const touched = new Set<Node>();
        const observer = new MutationObserver((records) => {
            records.forEach(({ target }) => touched.add(target));
        });
        observer.observe(document.querySelector('[role=grid]') ?? document.body, {
            attributes: true,
            childList: true,
            subtree: true,
            characterData: true,
        });
        Object.assign(window, { touched: () => touched.size });
    });
    await page.keyboard.press('ArrowRight');
    await expect(cell(page, 'Pier section 3', 'Wednesday 24 June')).toBeFocused();
    const touched = await page.evaluate(() => (window as unknown as { touched: () => number }).touched());
    // And the grid itself, which says on which day it is.
    expect(touched).toBeLessThanOrEqual(3);

    const long = /^Underpinning of the northern quay wall .* that the tide allows us to do$/;
    const place = await page.getByRole('gridcell', { name: /^Underpinning .*, Tuesday 23 June/ }).getAttribute('data-place');
    await page.locator(`[data-place="${place ?? ''}"]`).click();
    await expect(page.getByRole('complementary', { name: 'Remarks' }).getByText(long)).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
});

test('what the office records for somebody shows who did, and the owner submits it', async ({ browser }) => {
    const office = await (await browser.newContext()).newPage();
    await signIn(office, 'tobin.vale');
    await office.getByRole('link', { name: 'Timesheets' }).press('Enter');
    await office.getByLabel('Name').fill('pether');
    await office.getByRole('button', { name: 'Search' }).press('Enter');
    await office.getByRole('link', { name: 'Jonas Petherick' }).press('Enter');
    await expect(
        office.getByText(
            'You are recording in the timesheet of Jonas Petherick. Your entries will show that you made them. Only Jonas Petherick can submit this week.',
        ),
    ).toBeVisible();
    await type(office, 'Sunday 21 June', '4');
    await expect(cell(office, line, 'Sunday 21 June')).toHaveAccessibleName(/: 4, draft$/);
    await expect(office.getByRole('button', { name: /^Submit/ })).toHaveCount(0);

    const owner = await (await browser.newContext()).newPage();
    await signIn(owner, 'jonas.petherick', '/week/2026-W25');
    await expect(owner.getByText(/^Tobin Vale recorded 4\sh here: Sun,? 21 Jun\.$/)).toBeVisible();
    await goTo(owner, line, 'Sunday 21 June');
    await expect(owner.getByText(/^Recorded by Tobin Vale, /)).toBeVisible();
    await owner.keyboard.press('Delete');
    await expect(cell(owner, line, 'Sunday 21 June')).toHaveAccessibleName(/: empty$/);

    await owner.getByRole('link', { name: 'Timesheets' }).press('Enter');
    await pick(owner, 'Person', 'hal w', 'Hal Wintour');
    await owner.getByRole('button', { name: 'Add person' }).press('Enter');
    await expect(notices(owner).getByText('Hal Wintour can now record in your timesheet, but not submit it.')).toBeVisible();
    await owner.getByLabel('May also submit').click();
    await expect(notices(owner).getByText('Hal Wintour can now record in your timesheet and submit it.')).toBeVisible();
    await owner.getByRole('button', { name: 'Remove Hal Wintour' }).press('Enter');
    await expect(owner.getByText('You have not given anyone else permission.')).toBeVisible();
});
