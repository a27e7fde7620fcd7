import { expect, type Page } from '@playwright/test';

/** Where the server of this worker has its data. */
export function serverFolder(): string {
    const index = Number(process.env.TEST_PARALLEL_INDEX ?? 0);

    return index === 0 ? 'build/browser' : `build/browser-${String(index + 1)}`;
}

const PASSWORD = 'lantern-and-lens';

/** Signs in with email and password, by keyboard. */
export async function signInByKeyboard(page: Page, code: string): Promise<void> {
    await page.goto('/sign-in');
    await page.getByLabel('Email address').focus();
    await page.keyboard.type(`${code}@fenlight.example`);
    await page.keyboard.press('Tab');
    await page.keyboard.type(PASSWORD);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /^Account:/ })).toBeVisible();
}

/** Signs out without the menu. */
export async function signOut(page: Page): Promise<void> {
    await page.goto('about:blank');
    await page.context().clearCookies();
}

/** Who the page was made for, as the server sent it. */
async function reader(page: Page): Promise<string | undefined> {
    const sent = await page.locator('script[data-page]').textContent();
    const { props } = JSON.parse(sent ?? '{"props":{}}') as { props: { signedIn?: { code: string } | null } };

    return props.signedIn?.code;
}

/**
 * Signs in without the form, in the place of whoever was, and opens the first page that a test is about. An answer that was
 * still on its way to the page before may bring back its session; then this is done once more.
 */
export async function signIn(page: Page, code: string, address = '/'): Promise<void> {
    await expect(async () => {
        await signOut(page);
        await page.request.get('/sign-in');
        const token = (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN');
        const answer = await page.request.post('/sign-in', {
            form: { email: `${code}@fenlight.example`, password: PASSWORD },
            headers: { 'X-XSRF-TOKEN': decodeURIComponent(token?.value ?? '') },
            maxRedirects: 0,
        });
        expect(answer.headers().location, `where ${code} is sent by signing in`).not.toContain('/sign-in');
        await page.goto(address);
        expect(await reader(page), `who is signed in at ${address}`).toBe(code);
    }).toPass({ timeout: 60_000 });
    await expect(page.getByRole('button', { name: /^Account:/ })).toBeVisible();
}

/** One day of one line. */
export function cell(page: Page, line: string, day: string) {
    return page.getByRole('gridcell', { name: new RegExp(`^${line}(, .*)?, ${day}`) });
}

/** Goes to the grid and, by arrow keys alone, to a cell. */
export async function goTo(page: Page, line: string, day: string): Promise<void> {
    await page.getByRole('grid').getByRole('gridcell').first().waitFor();
    const target = await cell(page, line, day).getAttribute('data-place');
    const [row = 0, column = 0] = (target ?? '0 0').split(' ').map(Number);
    await page.locator('[role=gridcell][tabindex="0"]').focus();
    await page.keyboard.press('Control+Home');
    for (let step = 0; step < row; step++) {
        await page.keyboard.press('ArrowDown');
    }
    for (let step = 0; step < column; step++) {
        await page.keyboard.press('ArrowRight');
    }
    await expect(cell(page, line, day)).toBeFocused();
}

/** Pastes a text where one is, as a spreadsheet gives it. */
export async function paste(page: Page, text: string): Promise<void> {
    await page.evaluate((plain) => {
        const clipboardData = new DataTransfer();
        clipboardData.setData('text/plain', plain);
        document.activeElement?.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, text);
}

/** Chooses from a list by its name. */
export async function choose(page: Page, list: string, option: string): Promise<void> {
    await page.getByRole('combobox', { name: list, exact: true }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
}

/** Types a part of a name into a combobox and takes what is offered first. */
export async function pick(page: Page, field: string, typed: string, expected: string): Promise<void> {
    const input = page.getByRole('combobox', { name: field, exact: true });
    await input.fill(typed);
    await expect(page.getByRole('option').first()).toHaveText(expected);
    await input.press('Enter');
    await expect(input).toHaveValue(expected);
}

/** Waits until the page is there, with everything that comes after it. */
export async function arrived(page: Page): Promise<void> {
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
}

/** Does something, and waits until the server has answered what was sent by that. */
export async function answered(page: Page, act: () => Promise<void>): Promise<void> {
    const answer = page.waitForResponse((response) => response.request().method() !== 'GET');
    await act();
    await answer;
}

/** What the page says was just done. */
export function notices(page: Page) {
    return page.getByRole('region', { name: /^Notices/ });
}
