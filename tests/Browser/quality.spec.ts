import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { answered, arrived, goTo, signIn } from './people';

/** What a page may load the first time, in bytes over the network: text, letters, style and script. */
const MOST_BYTES = 256_000;

// The tests of this file only read, so both workers share them.
test.describe.configure({ mode: 'parallel' });

/** What the scan finds. Another theme changes colours alone, so in the dark only those are looked at. */
async function scan(page: Page, theme: 'light' | 'dark'): Promise<string[]> {
    const builder = new AxeBuilder({ page });
    const { violations } = await (
        theme === 'dark'
            ? builder.withRules(['color-contrast'])
            : builder.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    ).analyze();

    return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' ')}`);
}

for (const theme of ['light', 'dark'] as const) {
    test.describe(`in the ${theme} theme`, () => {
        test.use({ colorScheme: theme });
        const findings = (page: Page) => scan(page, theme);

        test('the sign-in page is accessible, also when it refuses', async ({ page }) => {
            await page.goto('/sign-in');
            expect(await findings(page)).toEqual([]);
            await page.getByLabel('Email address').fill('ines.calder@fenlight.example');
            await page.getByLabel('Password').fill('wrong');
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
            // They are made of the same parts, so that a few of them show what the dark does to all.
            for (const address of theme === 'dark' ? all.slice(0, 2) : all) {
                await page.goto(address);
                await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
                expect(await findings(page), address).toEqual([]);
            }
            await page.goto('/office/rules');
            await page.getByRole('button', { name: 'Change the rule: Long day' }).click();
            expect(await findings(page)).toEqual([]);
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
    });
}

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
        '/new-project',
    ]) {
        await page.goto(address);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(640);
    }
});
