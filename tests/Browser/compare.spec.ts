import { readFileSync } from 'node:fs';
import { findings } from './accessibility';
import { choose, signIn } from './people';
import { expect, test } from './test';

test.describe.configure({ mode: 'parallel' });

test('hours are compared by client with months across, and a figure opens down to the week', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/compare?period=last-quarter');
    await expect(page.getByText(/^1 Jan – 31 Mar: .* actual of .* planned, /)).toBeVisible();
    expect(await findings(page), 'by project').toEqual([]);
    await choose(page, 'Compare by', 'Client');
    await expect(page.getByRole('rowheader', { name: 'Skerrow Lights Trust' })).toBeVisible();
    await choose(page, 'Across', 'Month');
    await expect(page.getByRole('columnheader', { name: 'Mar 2026' })).toBeVisible();

    const figure = page.getByRole('link', { name: /^Actual .*, Skerrow Lights Trust, Mar 2026: show what it is made of/ });
    const hours = (await figure.innerText()).trim();
    await figure.press('Enter');
    const margin = page.getByRole('complementary', { name: 'What a figure is made of' });
    await expect(margin.getByRole('heading', { name: `Actual: ${hours} h, Skerrow Lights Trust, Mar 2026` })).toBeFocused();
    expect(await findings(page), 'an opened figure').toEqual([]);
    await margin
        .getByRole('link', { name: /open the week$/ })
        .first()
        .press('Enter');
    await page.waitForURL(/\/people\/.*\/week\/2026-W1\d/);
    await page.goBack();
    await margin.getByRole('link', { name: 'Close' }).press('Enter');
    await expect(margin).toBeHidden();
});

test('a comparison is narrowed, looked into, and taken away as a file', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/compare?by=team&period=this-year');
    await page.getByRole('button', { name: 'Filters' }).press('Enter');
    const filters = page.getByRole('form', { name: 'Filters' });
    await filters.getByRole('combobox', { name: 'Clients' }).fill('skerrow');
    await expect(page.getByRole('option').first()).toHaveText('Skerrow Lights Trust');
    expect(await findings(page, 'list'), 'filters').toEqual([]);
    await page.keyboard.press('Enter');
    await page.waitForURL(/client=/);
    await filters.getByRole('checkbox', { name: 'Count pending time as actual' }).press(' ');
    await page.waitForURL(/pending=in/);
    await page.getByRole('button', { name: 'Close filters' }).press('Enter');
    await expect(page.getByRole('button', { name: 'Filters: Skerrow Lights Trust, pending time counted' })).toBeVisible();

    const team = page.getByRole('rowheader').getByRole('link').first();
    const name = await team.innerText();
    await team.press('Enter');
    await expect(page.getByRole('columnheader', { name: 'Person' })).toBeVisible();
    await expect(
        page.getByRole('button', { name: `Filters: ${name}, Skerrow Lights Trust, pending time counted` }),
    ).toBeVisible();

    await page.getByRole('button', { name: 'Download' }).press('Enter');
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'CSV, in minutes' }).press('Enter'),
    ]);
    expect(download.suggestedFilename()).toMatch(/^comparison-person-2026-01-01-to-2026-12-31\.csv$/);
    const lines = readFileSync(await download.path(), 'utf8')
        .trim()
        .split(/\r?\n/);
    expect(lines[0]).toBe('group,name,planned,planned_to_date,actual,pending,difference');
    expect(lines).toHaveLength((await page.getByRole('rowheader').count()) + 1);
});

test('what counts as on track is typed, and a wrong value says what to enter', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/compare');
    await page.getByRole('button', { name: 'Filters' }).press('Enter');
    const within = page.getByRole('textbox', { name: 'On track within (%)' });
    await within.fill('101');
    await within.press('Enter');
    await expect(within).toHaveJSProperty('validity.valid', false);
    await expect(within).toHaveAttribute('title', 'A whole number from 0 to 100.');
    await expect(page).not.toHaveURL(/tolerance=/);
    await within.fill('25');
    await within.press('Enter');
    await page.waitForURL(/tolerance=25/);
    await expect(page.getByText(/on track \(within\s25\s%\)/)).toBeVisible();
});

test('on a phone each group is a line that opens to its figures', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(page, 'brannoc.leigh', '/compare?then=person');
    await expect(page.getByText(/You see the projects you manage and the people you lead\.$/)).toBeVisible();
    await page.getByRole('button', { name: /^Tarn weir/ }).press('Enter');
    await expect(page.getByRole('link', { name: /^Planned to date .*, Tarn weir fish pass/ })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(await findings(page)).toEqual([]);
    await page.getByRole('link', { name: 'Look into Tarn weir fish pass' }).press('Enter');
    await expect(page.getByRole('button', { name: 'Filters: Tarn weir fish pass' })).toBeVisible();
});

test('other days are typed, and a period without anything says what comes next', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/compare?period=last-6-months');
    await expect(page.getByRole('combobox', { name: 'Period' })).toHaveText(/Last 6 months/);
    await choose(page, 'Period', 'Fixed days');
    await page.getByLabel('From', { exact: true }).fill('1 jun 2026');
    await page.getByLabel('To', { exact: true }).fill('3/5/26');
    await page.keyboard.press('Enter');
    await page.waitForURL(/from=2026-05-03&to=2026-06-01/);
    await page.goto('/compare?from=2001-01-01&to=2001-01-31');
    await expect(page.getByText('nothing is planned or recorded here')).toBeVisible();
    await expect(page.getByText('Choose another period, or remove filters.')).toBeVisible();
});
