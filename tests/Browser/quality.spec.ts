import { findings } from './accessibility';
import { answered, arrived, cell, choose, goTo, notices, pick, signIn, signInByKeyboard } from './people';
import { expect, test } from './test';
import type { Locator } from '@playwright/test';

/** What a page may load the first time, in bytes over the network: text, letters, style and script. */
const MOST_BYTES = 256_000;

// The tests of this file read, or change what is only theirs, so all workers share them.
// Scans take long on a machine that has other things to do.
test.describe.configure({ mode: 'parallel', timeout: 300_000 });

test('the sign-in page is accessible, also when it refuses', async ({ page }) => {
    await page.goto('/sign-in');
    expect(await findings(page)).toEqual([]);
    await page.getByLabel('Email address').fill('ines.calder@fenlight.example');
    await page.getByLabel('Password', { exact: true }).fill('wrong');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('email address or password is wrong');
    expect(await findings(page)).toEqual([]);
});

test('the account menu is accessible, and works by keyboard', async ({ page }) => {
    await signIn(page, 'pilar.duncombe');
    const menu = page.getByRole('button', { name: 'Account: Pilar Duncombe' });
    await menu.press('Enter');
    await expect(page.getByRole('radio', { name: '1.5', exact: true })).toBeFocused();
    expect(await findings(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(menu).toBeFocused();
});

test('the week is accessible while typing, refused, submitting, and empty', async ({ page }) => {
    await signIn(page, 'pilar.duncombe');
    expect(await findings(page)).toEqual([]);
    await goTo(page, 'Training', 'Thursday 18 June');
    await page.keyboard.type('1:60');
    expect(await findings(page)).toEqual([]);
    await page.keyboard.press('Enter');
    await expect(page.getByText('One value is not saved')).toBeVisible();
    await goTo(page, 'Training', 'Thursday 18 June');
    expect(await findings(page)).toEqual([]);
    await page.keyboard.press('Control+Enter');
    await expect(page.getByRole('heading', { name: 'Submit week 25?' })).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await page.goto('/week/2024-W30');
    await expect(page.getByText(/You have no tasks in this week/)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await page.goto('/week/2026-W60');
    await expect(page.getByText('There is no week “2026-W60”.')).toBeVisible();
    expect(await findings(page)).toEqual([]);
});

test('every panel of the week is accessible, and so are a selected block, a collapsed project and the quick line', async ({
    page,
}) => {
    const margin = page.getByRole('complementary', { name: 'Remarks' });
    await signIn(page, 'ines.calder');
    await goTo(page, 'Scanning', 'Monday 15 June');
    await page.keyboard.press('t');
    await page.keyboard.press('Shift+ArrowDown');
    await expect(
        margin.getByText(/^No changes were made here in Moss Week/).or(margin.getByRole('list', { name: 'Audit trail' })),
    ).toBeVisible();
    expect(await findings(page), 'a block, notes and the audit trail').toEqual([]);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
    expect(await findings(page), 'keys').toEqual([]);
    await page.keyboard.press('Escape');
    await page.keyboard.press('+');
    await expect(margin.getByRole('listbox').getByRole('option').first()).toBeVisible();
    expect(await findings(page), 'search').toEqual([]);
    await page.keyboard.press('Escape');
    await page.keyboard.press('x');
    await expect(margin.getByRole('button', { name: 'Cancel' })).toBeFocused();
    expect(await findings(page), 'removing').toEqual([]);
    await page.keyboard.press('Enter');
    await page.keyboard.press('f');
    await expect(page.getByRole('gridcell', { name: /, collapsed, Monday/ })).toBeVisible();
    await page.keyboard.press('/');
    await page.keyboard.type('2h fenlight tue');
    await expect(page.getByRole('search').getByRole('option').first()).toBeVisible();
    expect(await findings(page), 'a collapsed project and the quick line').toEqual([]);
    await page.keyboard.press('Escape');
    await answered(page, () => page.keyboard.press('f'));
});

test('somebody else’s sheet and the list of sheets are accessible', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    for (const address of [
        '/timesheets',
        '/people/ines.calder/week/2026-W24',
        '/timesheets?search=zzz',
        '/people/nobody/week/2026-W24',
    ]) {
        await page.goto(address);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await findings(page), address).toEqual([]);
    }
});

test('what is told, who submits, and what the office keeps are accessible', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    const all = [
        '/messages',
        '/outbox',
        '/office/rules',
        '/not-submitted',
        '/stand-ins',
        '/office',
        '/office/periods',
        '/office/questions',
        '/office/routes',
        '/office/audit-trail',
        '/office/remaining',
        '/office/rates',
        '/new-project',
    ];
    for (const address of all) {
        await page.goto(address);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await findings(page), address).toEqual([]);
    }
    await page.goto('/office/rules');
    await page.getByRole('button', { name: 'Change the rule: Long day' }).click();
    expect(await findings(page)).toEqual([]);
});

test('open lists, a calendar, and what was just done are accessible', async ({ page, browser }) => {
    await signIn(page, 'tobin.vale', '/office/audit-trail');
    await page.getByRole('combobox', { name: 'Subject' }).click();
    await expect(page.getByRole('option').first()).toBeVisible();
    expect(await findings(page, 'list'), 'a list to choose from').toEqual([]);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'From: choose from a calendar' }).click();
    await expect(page.getByRole('grid')).toBeVisible();
    expect(await findings(page), 'a calendar').toEqual([]);

    const member = await (await browser.newContext()).newPage();
    await signIn(member, 'moana.tide', '/timesheets');
    await member.getByRole('combobox', { name: 'Person', exact: true }).fill('hal w');
    await expect(member.getByRole('option').first()).toBeVisible();
    expect(await findings(member), 'a list that is searched').toEqual([]);
    await pick(member, 'Person', 'hal w', 'Hal Wintour');
    await member.getByRole('button', { name: 'Add person' }).click();
    await expect(notices(member).getByText(/can now record/)).toBeVisible();
    expect(await findings(member), 'what was just done').toEqual([]);
});

test('on a phone the pages and the menu of sections are accessible', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: { width: 390, height: 800 } })).newPage();
    await signIn(page, 'idris.calloway');
    for (const address of ['/week/2026-W25', '/review', '/projects', '/projects/LANTERN', '/projects/LANTERN/plan']) {
        await page.goto(address);
        await arrived(page);
        expect(await findings(page), address).toEqual([]);
    }
    await page.getByRole('button', { name: 'Projects' }).click();
    await expect(page.getByRole('menuitem').first()).toBeVisible();
    expect(await findings(page), 'the menu').toEqual([]);
});

test('a project in trouble, with its progress drawn and as a table, and its plan are accessible', async ({ page }) => {
    await signIn(page, 'brannoc.leigh');
    for (const address of ['/projects/WEIR', '/projects/LOCK/plan', '/projects/WEIR/plan?compare=baseline']) {
        await page.goto(address);
        await arrived(page);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await findings(page), address).toEqual([]);
    }
    await page.goto('/projects/WEIR');
    await page.getByRole('tab', { name: 'Table' }).click();
    await page.getByRole('link', { name: /^Remaining .*Gideon Park, Dams and boards/ }).press('Enter');
    await page.getByRole('button', { name: 'Update estimate' }).press('Enter');
    await expect(page.getByRole('textbox', { name: 'Remaining hours' })).toBeVisible();
    expect(await findings(page), 'a table, and an estimate to be given').toEqual([]);
});

test('review, projects and a project are accessible', async ({ page }) => {
    await signIn(page, 'idris.calloway');
    for (const address of [
        '/review',
        '/projects',
        '/projects/HARBOUR?show=money',
        '/projects/HARBOUR?figure=forecast&task=SCAN',
    ]) {
        await page.goto(address);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await findings(page), address).toEqual([]);
    }
    await page.goto('/review');
    await page.keyboard.press('?');
    await page
        .getByRole('button', { name: /^Return/ })
        .first()
        .click();
    expect(await findings(page)).toEqual([]);
});

test('no request leaves the machine, and the policy blocks nothing of ours', async ({ page, baseURL }) => {
    const elsewhere: string[] = [];
    const complaints: string[] = [];
    page.on('console', (message) => {
        if (message.type() === 'error') {
            complaints.push(message.text());
        }
    });
    page.on('request', (request) => {
        if (!request.url().startsWith(baseURL ?? '') && !request.url().startsWith('data:')) {
            elsewhere.push(request.url());
        }
    });
    await signIn(page, 'ines.calder');
    await page.reload();
    await expect(page.getByRole('grid')).toBeVisible();
    expect(elsewhere).toEqual([]);
    expect(complaints).toEqual([]);
});

test('a page that nobody has seen yet is small, and what it is made of is kept', async ({ page }) => {
    await signIn(page, 'ottilie.brandreth');
    const network = await page.context().newCDPSession(page);
    await network.send('Network.enable');
    let bytes = 0;
    network.on('Network.loadingFinished', ({ encodedDataLength }) => {
        bytes += encodedDataLength;
    });
    for (const [address, shown] of [
        ['/week/2026-W25', page.getByRole('grid')],
        ['/projects', page.getByRole('table')],
        ['/projects/LEADING', page.getByRole('table').first()],
        ['/projects/LEADING/plan', page.getByRole('grid')],
    ] as const) {
        await network.send('Network.clearBrowserCache');
        bytes = 0;
        await page.goto(address);
        await expect(shown).toBeVisible();
        expect(bytes, address).toBeGreaterThan(0);
        expect(bytes, address).toBeLessThan(MOST_BYTES);
    }

    const script = page.locator('script[type=module]').first();
    const file = await page.request.get((await script.getAttribute('src')) ?? '', { headers: { 'Accept-Encoding': 'gzip' } });
    expect(file.headers()).toMatchObject({
        'content-encoding': 'gzip',
        'content-type': expect.stringMatching(/^text\/javascript/),
        'cache-control': expect.stringContaining('immutable'),
        'x-content-type-options': 'nosniff',
    });
});

test('following a link leads to the heading of the page, and signing in to its top', async ({ page }) => {
    await signInByKeyboard(page, 'idris.calloway');
    const focused = (name: string) => expect(page.getByRole('heading', { level: 1, name })).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'Skip to content' })).toBeFocused();

    await page.getByRole('link', { name: 'Projects', exact: true }).press('Enter');
    await focused('Projects');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'New project' })).toBeFocused();
    await page.getByRole('link', { name: 'Skerrow lantern: lens refit' }).press('Enter');
    await focused('Skerrow lantern: lens refit');
    await arrived(page);
    await page.goBack();
    await focused('Projects');
    // What stays on its page keeps the focus, and what a page puts it on has it.
    await choose(page, 'Status', 'Closed');
    await expect(page).toHaveURL(/state=closed/);
    await expect(page.getByRole('combobox', { name: 'Status' })).toBeFocused();
    await page.getByRole('link', { name: 'New project' }).press('Enter');
    await expect(page.getByLabel('Project name')).toBeFocused();
});

test('whoever reads in colours of their own sees shapes, boxes and the main act', async ({ browser }) => {
    const page = await (await browser.newContext({ forcedColors: 'active' })).newPage();
    await signIn(page, 'ines.calder', '/week/2026-W25');
    await goTo(page, 'Scanning', 'Tuesday 16 June');
    const styleOf = (of: Locator) =>
        of.evaluate((element) => {
            const { backgroundColor, backgroundImage, color, outlineStyle } = getComputedStyle(element);

            return { backgroundColor, backgroundImage, color, outlineStyle };
        });
    const paper = (await styleOf(page.locator('html'))).backgroundColor;

    expect((await styleOf(page.locator('.grown-approved').first())).backgroundColor).not.toBe(paper);
    expect((await styleOf(page.locator('.grown-pending').first())).backgroundImage).toContain('gradient');
    expect((await styleOf(page.getByRole('checkbox', { name: 'Billable' }).locator('span'))).backgroundColor).not.toBe(paper);
    const main = await styleOf(page.getByRole('button', { name: 'Submit week…' }));
    expect(main.color).not.toBe(main.backgroundColor);
    await page.keyboard.press('Shift+ArrowRight');
    expect((await styleOf(cell(page, 'Scanning', 'Tuesday 16 June'))).outlineStyle).toBe('solid');
});

test('on the narrowest phone no page goes off to the side', async ({ browser }) => {
    const page = await (await browser.newContext({ viewport: { width: 320, height: 640 } })).newPage();
    await signIn(page, 'tobin.vale');
    const sections = [
        '/',
        '/week/2026-W25',
        '/month',
        '/tasks',
        '/expenses',
        '/timesheets',
        '/appointments',
        '/leave',
        '/leave/calendar',
    ];
    const managing = ['/review', '/not-submitted', '/stand-ins', '/projects', '/projects/WEIR', '/projects/WEIR?show=money'];
    const comparing = [
        '/projects/WEIR/plan',
        '/compare?by=client&across=month',
        '/comparisons',
        '/load',
        '/reported',
        '/past-tasks',
    ];
    const office = [
        'people',
        'accounts',
        'teams',
        'clients',
        'periods',
        'rules',
        'rates',
        'routes',
        'own-fields',
        'pay-rules',
        'files',
    ];
    const others = ['/my-figures', '/messages', '/outbox', '/account', '/office', '/office/webhooks', '/office/billing'];
    for (const address of [...sections, ...managing, ...comparing, ...office.map((one) => `/office/${one}`), ...others]) {
        await page.goto(address);
        await arrived(page);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(320);
    }
});

test('at twice the size nothing is cut off', async ({ browser }) => {
    // 1280 CSS pixels at 200 % are 640.
    const page = await (await browser.newContext({ viewport: { width: 640, height: 400 } })).newPage();
    await signIn(page, 'ottilie.brandreth');
    for (const address of [
        '/week/2026-W25',
        '/timesheets',
        '/people/ines.calder/week/2026-W25',
        '/review',
        '/not-submitted',
        '/stand-ins',
        '/messages',
        '/projects',
        '/projects/LEADING',
        '/projects/LEADING/plan',
        '/compare?by=person&then=project',
        '/compare?by=client&across=month&period=this-year&figure=actual',
        '/new-project',
    ]) {
        await page.goto(address);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(640);
    }
});
