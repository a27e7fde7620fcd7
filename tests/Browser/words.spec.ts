import type { Locator, Page } from '@playwright/test';
import { arrived, signIn } from './people';
import { pseudo } from './pseudo';
import { expect, test } from './test';

// Each test is of somebody else, so all workers share them.
test.describe.configure({ mode: 'parallel' });

/** Loads the pseudo-language in the place of the reader's. */
async function speakPseudo(page: Page): Promise<void> {
    await page.route(/\/assets\/en-[^/]+\.js$/, async (route) => {
        await route.fulfill({
            contentType: 'text/javascript',
            body: `import original from '${route.request().url()}?original';\nexport default (${pseudo.toString()})(original);`,
        });
    });
    // The page is loaded anew with either choice, unless it is chosen already: an attempt before this one may have done so.
    const choice = async (list: number, option: Locator, attribute: string, value: string): Promise<void> => {
        const lists = page.getByRole('dialog').getByRole('combobox');
        await expect(async () => {
            await page.locator('header button[aria-haspopup]').click();
            await expect(lists.nth(list)).toBeVisible({ timeout: 2_000 });
        }).toPass();
        await lists.nth(list).click();
        await option.click();
        await expect(page.locator('html')).toHaveAttribute(attribute, value);
        await page.reload();
        await arrived(page);
    };
    await choice(1, page.getByRole('option').nth(1), 'lang', 'qps');
    await choice(0, page.getByRole('option', { name: /^Ελληνικά|^Greek/ }), 'data-locale', 'el-GR');
}

/** Texts with letters of English that neither the data of the page, nor what it asked for since, nor a name accounts for. */
async function untranslated(page: Page, since: unknown[] = []): Promise<string[]> {
    return page.evaluate((answers) => {
        const data = document.querySelector('script[data-page]')?.textContent ?? '';
        // A language is named in its own.
        const known = new Set(['Moss', 'Week', 'EUR', 'HTML', 'CSV', 'XLSX', 'PDF', 'qps', 'English']);
        const codes = ['role', 'code', 'calendar', 'calendars', 'shown', 'on', 'heading'];
        const note = (value: unknown, key = ''): void => {
            if (typeof value === 'string') {
                // A name has a capital, a figure or a point in it; what has none may be a value of ours, shown as it is. Codes are data.
                for (const word of /[A-Z0-9@.]/.test(value) || codes.includes(key) ? (value.match(/[A-Za-z]+/g) ?? []) : []) {
                    known.add(word);
                }
            } else if (typeof value === 'object' && value !== null) {
                Object.entries(value).forEach(([name, one]) => {
                    note(one, Array.isArray(value) ? key : name);
                });
            }
        };
        note(JSON.parse(data));
        note(answers);

        const texts: string[] = [document.title];
        const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
            const tag = node.parentElement?.closest('script, style, iframe, q')?.tagName;
            if (tag === undefined && node.textContent !== null) {
                texts.push(node.textContent);
            }
        }
        for (const element of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
            for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
                const value = element.getAttribute(name);
                if (value !== null) {
                    texts.push(value);
                }
            }
        }

        return texts
            .filter((text) => (text.match(/[A-Za-z]{2,}/g) ?? []).some((word) => !known.has(word)))
            .map((text) => text.trim().slice(0, 120));
    }, since);
}

/** What does not fit: the page itself, and labels that stick out of what they stand in. */
async function overflowing(page: Page): Promise<string[]> {
    return page.evaluate(() => {
        const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
        const found = wide > 0 ? [`the page is ${String(wide)} px too wide`] : [];
        for (const element of document.querySelectorAll<HTMLElement>(
            'button, th, label, select, .act, h1, h2, [role=columnheader]',
        )) {
            const room = element.getBoundingClientRect();
            const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
            for (let node = walker.nextNode(); node !== null && room.width > 0; node = walker.nextNode()) {
                // What is hidden, and what is cut off on purpose with all of it in a title.
                if (node.parentElement?.closest('.sr-only, .truncate[title], option') != null) {
                    continue;
                }
                const range = document.createRange();
                range.selectNode(node);
                const text = range.getBoundingClientRect();
                if (text.width > 0 && (text.right > room.right + 1.5 || text.left < room.left - 1.5)) {
                    found.push(`${element.tagName} ${(node.textContent ?? '').trim().slice(0, 60)}`);
                }
            }
        }

        return found;
    });
}

/** Goes on after a fault, so that all pages are looked at. */
const softly = expect.configure({ soft: true });

/** What the page asks for from now on, as it is answered. */
function answersOf(page: Page): unknown[] {
    const answers: unknown[] = [];
    page.on('response', (response) => {
        if (response.headers()['content-type']?.startsWith('application/json') === true) {
            // An answer to what the end of the test cuts off is of no interest.
            response.json().then(
                (answer) => answers.push(answer),
                () => undefined,
            );
        }
    });

    return answers;
}

async function check(page: Page, address: string, answers: unknown[]): Promise<void> {
    const found = address.includes('/2026-W25') ? page.waitForResponse(/\/findings$/) : null;
    await page.goto(address);
    await arrived(page);
    await found;
    // What was asked for may be shown a moment before it is noted here.
    await softly.poll(() => untranslated(page, answers), `${address}: past the translation`).toEqual([]);
    expect.soft(await overflowing(page), `${address}: does not fit`).toEqual([]);
}

test.describe('in a language half as long again', () => {
    test('what the time office looks at is translated, and fits', async ({ page }) => {
        // There are many pages.
        test.setTimeout(480_000);
        await signIn(page, 'tobin.vale');
        await speakPseudo(page);
        const answers = answersOf(page);
        for (const address of [
            '/messages',
            '/outbox',
            '/timesheets',
            '/review',
            '/not-submitted',
            '/stand-ins',
            '/projects',
            '/compare?by=task&then=person',
            '/compare?by=team&across=week&figure=pending&draw=lines',
            '/compare?by=team&period=last-month&show=actual,billable-share,cost,margin,expected,utilisation,remaining,forecast&figure=cost',
            '/comparisons',
            '/load?need=20&open=ines.calder',
            '/load?unit=day',
            '/reported',
            '/past-tasks?by=client',
            '/office',
            '/office/periods',
            '/office/rules',
            '/office/questions',
            '/office/routes',
            '/office/remaining',
            '/office/rates',
            '/office/audit-trail',
        ]) {
            await check(page, address, answers);
        }
    });

    test('what the time office keeps is translated, and fits', async ({ page }) => {
        test.setTimeout(480_000);
        await signIn(page, 'tobin.vale');
        await speakPseudo(page);
        const answers = answersOf(page);
        for (const address of [
            '/office/accounts',
            '/office/people?state=all&sort=last-day',
            '/office/people/new',
            '/office/people/pasted',
            '/office/people/of/corin.ashdown',
            '/office/people/of/idris.calloway/responsibilities',
            '/office/teams',
            '/office/roles',
            '/office/clients',
            '/office/organisation',
            '/office/files',
            '/office/intake',
            '/office/settings',
            '/office/absence-kinds',
            '/office/webhooks',
            '/office/webhooks/1',
            '/office/trackers',
            '/office/billing',
            '/office/billing?kind=payroll&detail=person',
            '/office/client-systems',
            '/office/own-fields?field=place',
            '/office/pay-rules',
            '/office/expenses?category=mileage',
            '/office/expense-statements',
            '/office/expense-statements?kind=client&client=hollin',
            '/office/clients/of/hollin',
            '/compare?by=field&field=place&then=team',
            '/client-systems',
            '/projects/LOCK/schedule',
            '/projects/LOCK/tracker',
            '/account',
            '/account/second-factor',
            '/new-project',
            '/people/ines.calder/week/2026-W25',
            '/week/2026-W60',
        ]) {
            await check(page, address, answers);
        }
    });

    test('the week, its panels and the pages of a manager are translated, and fit', async ({ page }) => {
        await signIn(page, 'brannoc.leigh');
        await speakPseudo(page);
        const answers = answersOf(page);
        for (const address of [
            '/',
            '/expenses',
            '/my-figures',
            '/month/2026-06',
            '/tasks',
            '/appointments',
            '/leave',
            '/leave/requests',
            '/leave/calendar',
            '/requests',
            '/week/2026-W25',
            '/review',
            '/projects',
            '/projects/LOCK',
            '/projects/WEIR',
            '/projects/WEIR?figure=forecast&task=DAMS&assignee=person:gideon.park',
            '/projects/LOCK/plan',
        ]) {
            await check(page, address, answers);
        }
        await page.goto('/week/2026-W25');
        const margin = page.getByRole('complementary');
        for (const [key, opened] of [
            ['?', page.getByRole('dialog')],
            ['t', margin.locator('[aria-expanded=true]')],
            ['+', margin.getByRole('option').first()],
            ['Control+Enter', margin.getByRole('button').first()],
        ] as const) {
            await page.locator('[role=gridcell][tabindex="0"]').focus();
            await page.keyboard.press(key);
            await expect(opened).toBeVisible();
            await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
            await expect.poll(() => untranslated(page, answers), `the panel of ${key}: past the translation`).toEqual([]);
            expect.soft(await overflowing(page), `the panel of ${key}: does not fit`).toEqual([]);
            await page.keyboard.press('Escape');
        }
    });
});
