import type { Browser, Page } from '@playwright/test';
import { cell, choose, goTo, notices, pick, signIn } from './people';
import { expect, test } from './test';

async function signedIn(browser: Browser, code: string): Promise<Page> {
    const page = await (await browser.newContext()).newPage();
    await signIn(page, code);

    return page;
}

const remarks = (page: Page) => page.getByRole('complementary', { name: 'Remarks' });

test('a week is submitted, one cell returned, that one fixed, and all of it approved', async ({ browser }) => {
    const ivo = await signedIn(browser, 'ivo.marl');
    await goTo(ivo, 'Armour stone', 'Monday 15 June');
    await ivo.keyboard.press('Control+Enter');
    await expect(ivo.getByRole('radio', { name: 'The whole week' })).toBeChecked();
    await expect(remarks(ivo).getByRole('row', { name: /^To Una Sedge 16/ })).toBeVisible();
    await ivo.getByRole('button', { name: 'Submit 16 h' }).press('Enter');
    await expect(notices(ivo).getByText('16 h submitted.')).toBeVisible();
    await goTo(ivo, 'Armour stone', 'Monday 15 June');
    await expect(remarks(ivo).getByText('Waiting for Una Sedge.')).toBeVisible();

    const una = await signedIn(browser, 'una.sedge');
    await una.goto('/review?open=ivo.marl');
    const sheet = una.getByRole('region', { name: 'Ivo Marl, week 25' });
    await sheet.getByRole('rowheader', { name: /Armour stone/ }).focus();
    // Monday is left out, so that only Tuesday goes back.
    await una.keyboard.press('ArrowRight');
    await una.keyboard.press('Space');
    await expect(sheet.getByText('1 of 2 entries selected')).toBeVisible();
    await una.keyboard.press('r');
    await una.getByLabel('Comment (required)').fill('Was the slipway in it?');
    await una.keyboard.press('Control+Enter');
    await expect(notices(una).getByText('Returned: 8 h in one entry.')).toBeVisible();
    // A second thought: undone, and returned again; Monday is still left out.
    await notices(una).getByRole('button', { name: 'Undo' }).click();
    await expect(notices(una).getByText('Undone: 8 h waiting again.')).toBeVisible();
    await expect(sheet.getByText('1 of 2 entries selected')).toBeVisible();
    await una.keyboard.press('r');
    await una.getByLabel('Comment (required)').fill('Was the slipway in it?');
    await una.keyboard.press('Control+Enter');
    await expect(notices(una).getByText('Returned: 8 h in one entry.')).toBeVisible();

    await ivo.goto('/messages');
    await ivo.getByRole('link', { name: 'Una Sedge returned 8 h in week 25: “Was the slipway in it?”' }).click();
    await goTo(ivo, 'Armour stone', 'Tuesday 16 June');
    await expect(remarks(ivo).getByText('Returned: “Was the slipway in it?”')).toBeVisible();
    await ivo.keyboard.type('6');
    await ivo.keyboard.press('Enter');
    await expect(ivo.getByText('All changes saved.')).toBeVisible();
    await ivo.keyboard.press('Control+Enter');
    await ivo.getByRole('button', { name: 'Submit 6 h' }).press('Enter');
    await expect(notices(ivo).getByText('6 h submitted.')).toBeVisible();

    await una.goto('/review?open=ivo.marl');
    await expect(una.getByRole('complementary', { name: 'Remarks' }).getByText('Approved 40 h → 54 h')).toBeVisible();
    await una.keyboard.press('a');
    await expect(notices(una).getByText('Approved: 14 h in 2 entries.')).toBeVisible();
    await ivo.reload();
    await expect(cell(ivo, 'Armour stone', 'Tuesday 16 June')).toHaveAccessibleName(/: 6, approved/);
});

test('approved time is corrected by asking, and the audit trail has the earlier value', async ({ browser }) => {
    const ivo = await signedIn(browser, 'ivo.marl');
    await ivo.goto('/week/2026-W24');
    await goTo(ivo, 'Armour stone', 'Monday 8 June');
    await ivo.keyboard.type('7');
    await ivo.keyboard.press('Enter');
    await expect(ivo.getByRole('heading', { name: 'Propose a correction' })).toBeVisible();
    await ivo.getByRole('button', { name: 'Send for approval' }).click();
    await expect(ivo.getByText('Enter a reason so that your approver can decide.')).toBeVisible();
    await ivo.getByLabel('Reason').fill('An hour was the ferry');
    await ivo.keyboard.press('Enter');
    await expect(notices(ivo).getByText('The correction is waiting for your approver.')).toBeVisible();
    await expect(cell(ivo, 'Armour stone', 'Monday 8 June')).toHaveAccessibleName(/: 8, approved, correction to 7 proposed$/);

    const una = await signedIn(browser, 'una.sedge');
    await una.goto('/review');
    await expect(una.getByText(/If accepted: −1\sh/)).toBeVisible();
    await una.getByRole('button', { name: 'Accept' }).click();
    await expect(notices(una).getByText('One correction accepted. The audit trail has the earlier value.')).toBeVisible();

    await ivo.goto('/week/2026-W24');
    await expect(cell(ivo, 'Armour stone', 'Monday 8 June')).toHaveAccessibleName(/: 7, approved$/);
    await goTo(ivo, 'Armour stone', 'Monday 8 June');
    await ivo.keyboard.press('t');
    await expect(ivo.getByRole('list', { name: 'Audit trail' }).getByText(/Una Sedge: corrected, 8\sh → 7\sh/)).toBeVisible();
});

test('a stand-in approves a line that was submitted alone, and every decision says for whom', async ({ browser }) => {
    const una = await signedIn(browser, 'una.sedge');
    await una.goto('/stand-ins');
    await pick(una, 'Stand-in', 'per kn', 'Per Knoll');
    await una.getByRole('textbox', { name: 'Last day' }).fill('2026-06-19');
    await una.getByRole('button', { name: 'Add stand-in' }).click();
    await expect(una.getByText('Standing in at the moment: Per Knoll.')).toBeVisible();

    const ivo = await signedIn(browser, 'ivo.marl');
    await goTo(ivo, 'Slipway', 'Thursday 18 June');
    await ivo.keyboard.type('2');
    await ivo.keyboard.press('Enter');
    await goTo(ivo, 'Armour stone', 'Thursday 18 June');
    await ivo.keyboard.type('4');
    await ivo.keyboard.press('Enter');
    await expect(ivo.getByText('All changes saved.')).toBeVisible();
    await goTo(ivo, 'Slipway', 'Thursday 18 June');
    await ivo.keyboard.press('Control+Enter');
    await ivo.getByRole('radio', { name: 'Only Slipway' }).check();
    await ivo.getByRole('button', { name: 'Submit 2 h' }).click();
    await expect(notices(ivo).getByText('2 h submitted.')).toBeVisible();
    await expect(cell(ivo, 'Armour stone', 'Thursday 18 June')).toHaveAccessibleName(/: 4, draft/);

    const per = await signedIn(browser, 'per.knoll');
    await per.goto('/review');
    await expect(per.getByText('You are standing in for Una Sedge.')).toBeVisible();
    await per.getByRole('button', { name: /^Approve all in order: 2 h in one entry/ }).press('Enter');
    await expect(notices(per).getByText('Approved: 2 h in one entry.')).toBeVisible();

    await ivo.reload();
    await goTo(ivo, 'Slipway', 'Thursday 18 June');
    await ivo.keyboard.press('t');
    await expect(
        ivo.getByRole('list', { name: 'Audit trail' }).getByText(/Per Knoll on behalf of Una Sedge: approved/),
    ).toBeVisible();
});

test('the day reminder in the outbox carries the day’s pencil, and its link inks it without signing in', async ({ browser }) => {
    const ivo = await signedIn(browser, 'ivo.marl');
    await ivo.goto('/outbox');
    await ivo
        .getByRole('link', { name: /^Moss Week:/ })
        .first()
        .click();
    const mail = ivo.frameLocator('iframe');
    await expect(mail.getByText(/h Armour stone, Mole Bay breakwater/)).toBeVisible();
    await ivo.getByRole('button', { name: 'Plain text' }).click();
    const link = /\/day-reminder\/\S+/.exec(await ivo.locator('pre').innerText())?.[0] ?? '';

    const stranger = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await stranger.goto(link);
    await expect(stranger.getByRole('heading', { name: 'Ivo Marl, Wednesday 17 June' })).toBeVisible();
    await stranger
        .getByRole('form', { name: 'Wednesday 17 June' })
        .getByRole('textbox', { name: /^Hours, Armour stone/ })
        .fill('7.5');
    await stranger.getByRole('button', { name: 'Ink Wed 17 Jun' }).click();
    await expect(stranger.getByText(/^Inked .* on Wed 17 Jun\.$/)).toBeVisible();
    await expect(stranger.getByText(/This day has been inked by this link/)).toBeVisible();

    await ivo.goto('/week/2026-W25');
    await expect(cell(ivo, 'Armour stone', 'Wednesday 17 June')).toHaveAccessibleName(/, draft/);
    await stranger.goto(link.replace('2026-06-17', '2026-06-18'));
    await expect(stranger.getByText('This link has expired.')).toBeVisible();
});

test('a rule that the office sets is found while typing, needs an explanation, and the explanation reaches the approver', async ({
    browser,
}) => {
    const office = await signedIn(browser, 'tobin.vale');
    await office.goto('/office/rules');
    await office.getByRole('button', { name: 'Change the rule: Long day' }).click();
    await choose(office, 'Severity', 'Needs explanation');
    await office.getByRole('textbox', { name: /^More than/ }).fill('5');
    await choose(office, 'Applies to', 'Everyone');
    await office.getByRole('textbox', { name: 'Applies from' }).fill('2026-06-19');
    await office.getByRole('button', { name: 'Save rule' }).click();
    await expect(notices(office).getByText('Rule saved: Long day.')).toBeVisible();

    const ivo = await signedIn(browser, 'ivo.marl');
    await goTo(ivo, 'Armour stone', 'Friday 19 June');
    await ivo.keyboard.type('5:30');
    await ivo.keyboard.press('Enter');
    await expect(remarks(ivo).getByText('Fri 19 Jun has 5.5 h; the limit is 5 h.')).toBeVisible();
    await ivo.keyboard.press('Control+Enter');
    await ivo.getByRole('button', { name: /^Submit \d/ }).click();
    await expect(ivo.getByText('Enter an explanation.').first()).toBeVisible();
    for (const field of await remarks(ivo).getByRole('textbox').all()) {
        await field.fill('The tide was right');
    }
    await ivo.getByRole('button', { name: /^Submit \d/ }).click();
    await expect(notices(ivo).getByText(/h submitted\./)).toBeVisible();

    const una = await signedIn(browser, 'una.sedge');
    await una.goto('/review?show=attention');
    await expect(una.getByText('The tide was right').first()).toBeVisible();
    await office.goto('/office/rules');
    await office.getByRole('button', { name: 'Remove the setting: Long day, Everyone' }).last().click();
    await expect(notices(office).getByText('Setting removed. The one it overrode applies again.')).toBeVisible();
});

test('the office closes a period after its check list, and opens days again with a reason', async ({ browser }) => {
    const office = await signedIn(browser, 'tobin.vale');
    await office.goto('/office/periods?day=2026-01-31');
    await office.getByRole('button', { name: /^Close and settle/ }).click();
    const asked = office.getByRole('alertdialog', { name: /^Close all time up to 31 Jan 2026/ });
    await expect(asked.getByRole('button', { name: 'Not yet' })).toBeFocused();
    await asked.getByRole('button', { name: /^Close and settle/ }).click();
    await expect(office.getByText(/^Closed up to Sat 31 Jan;/)).toBeVisible();
    await office.getByRole('button', { name: 'Reopen closed days…' }).click();
    await office.getByRole('textbox', { name: 'Reopen from' }).fill('2026-01-01');
    await office.getByLabel('Reason', { exact: true }).fill('A test of the harbour lights');
    await office.getByRole('button', { name: 'Reopen closed days', exact: true }).click();
    await expect(office.getByText(/^Reopened from Thu 1 Jan\./)).toBeVisible();
    await office.goto('/office/audit-trail?subject=period');
    await expect(office.getByText('A test of the harbour lights')).toBeVisible();
});

test('a date is typed as people type it, and a wrong one says what to enter', async ({ browser }) => {
    const office = await signedIn(browser, 'tobin.vale');
    await office.goto('/office/audit-trail');
    const from = office.getByRole('textbox', { name: 'From' });
    for (const [typed, shown] of [
        ['fri', '19 Jun 2026'],
        ['28/11', '28 Nov 2026'],
        ['+3', '20 Jun 2026'],
        ['2026-06-01', '1 Jun 2026'],
    ] as const) {
        await from.fill(typed);
        await from.press('Tab');
        await expect(from).toHaveValue(shown);
    }
    await from.fill('soon');
    await from.press('Enter');
    await expect(office.getByRole('alert')).toHaveText('Enter a date such as 17 Jun 2026.');
    await expect(office).toHaveURL(/audit-trail$/);
    await from.fill('1 jun');
    await from.press('Enter');
    await expect(office).toHaveURL(/from=2026-06-01/);
    await expect(office.getByRole('textbox', { name: 'From' })).toHaveValue('1 Jun 2026');
});

test('who has not submitted is seen and reminded', async ({ browser }) => {
    const una = await signedIn(browser, 'una.sedge');
    await una.goto('/not-submitted?week=2026-W23');
    await una.getByRole('button', { name: /^Remind Ivo Marl/ }).click();
    await expect(notices(una).getByText('One person has been reminded.')).toBeVisible();

    const ivo = await signedIn(browser, 'ivo.marl');
    await ivo.goto('/messages');
    await expect(ivo.getByText(/Week 23 was due on .* Reminder sent by Una Sedge\./)).toBeVisible();
});
