import { test, type Page } from '@playwright/test';
import { goTo, signIn } from './people';

/** Takes the pictures of docs/screenshots from the demonstration; run by `npm run pictures`. */
async function picture(page: Page, name: string): Promise<void> {
    await page.waitForLoadState('networkidle');
    // What the margin asks for comes a moment after the page.
    await page.waitForTimeout(1000);
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' });
}

test('my week', async ({ page }) => {
    await signIn(page, 'ines.calder');
    await goTo(page, 'Rotation bearing', 'Tuesday 16 June');
    await picture(page, 'my-week');
});

test('my week on a phone', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(page, 'ines.calder');
    await picture(page, 'my-week-phone');
});

test('the week by the clock, the month, appointments, tasks', async ({ page }) => {
    await signIn(page, 'callum.reyes', '/week/2026-W25?view=clock');
    await page.getByRole('button', { name: /^Consents, 15:00/ }).waitFor();
    await picture(page, 'week-by-the-clock');
    await page.goto('/month/2026-06');
    await picture(page, 'my-month');
    await page.goto('/appointments');
    await picture(page, 'appointments');
    await page.goto('/tasks');
    await picture(page, 'my-tasks');
});

test('review', async ({ page }) => {
    await signIn(page, 'dov.merriman', '/review?show=attention');
    await page.getByRole('heading', { name: 'If you approve this' }).waitFor();
    await picture(page, 'review');
});

test('expenses', async ({ page }) => {
    await signIn(page, 'ines.calder', '/expenses');
    await page.getByText('3 receipts to confirm').waitFor();
    await picture(page, 'expenses');
});

test('the time office, people', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office');
    await page.getByText(/have not submitted week/).waitFor();
    await picture(page, 'time-office');
    await page.goto('/office/people');
    await picture(page, 'people');
});

test('projects, one in trouble, a plan', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/projects');
    await picture(page, 'projects');
    await page.goto('/projects/LOCK');
    await picture(page, 'project-trouble');
    await page.goto('/projects/WEIR/plan?compare=baseline');
    await page.getByRole('gridcell', { name: /^Planned, Mirela Stannard on Bank works/ }).click();
    await picture(page, 'plan');
});

test('a project over its weeks, in the dark', async ({ browser }) => {
    const page = await (await browser.newContext({ colorScheme: 'dark', viewport: { width: 1280, height: 800 } })).newPage();
    await signIn(page, 'brannoc.leigh');
    await page.goto('/projects/WEIR', { waitUntil: 'networkidle' });
    await page.getByRole('heading', { name: 'Progress by week' }).scrollIntoViewIfNeeded();
    await page.evaluate(() => {
        document.getElementById('progress')?.scrollIntoView({ block: 'start' });
    });
    await picture(page, 'project-weeks-dark');
});

test('a comparison by project', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/compare?pending=in');
    await picture(page, 'compare');
});

test('the front page', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    await page.getByRole('article').first().waitFor();
    await picture(page, 'front-page');
});

test('load in the dark', async ({ browser }) => {
    const page = await (await browser.newContext({ colorScheme: 'dark' })).newPage();
    await signIn(page, 'idris.calloway', '/load?open=corin.ashdown');
    await picture(page, 'load-dark');
});

test('requests for leave', async ({ page }) => {
    await signIn(page, 'idris.calloway', '/leave/requests');
    await picture(page, 'leave-requests');
});

test('what an import would change', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/files');
    const rows = 'role,name\ndiver,Diver\nsurveyor,Surveyor of lights\nmason,Stonemason\nfitter,Lens fitter\n';
    await page
        .getByLabel('Files', { exact: true })
        .setInputFiles({ name: 'roles.csv', mimeType: 'text/csv', buffer: Buffer.from(rows) });
    await page.getByRole('button', { name: 'Check files' }).click();
    await page.getByText('The files are in order.').waitFor();
    await picture(page, 'import');
});
