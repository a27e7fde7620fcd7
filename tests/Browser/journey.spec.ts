import { cell, goTo, notices, signIn, signInByKeyboard } from './people';
import { expect, test } from './test';

test('hours typed by keyboard are submitted, approved by the manager, and move the project at once', async ({ browser }) => {
    const member = await (await browser.newContext()).newPage();
    const manager = await (await browser.newContext()).newPage();

    await signIn(manager, 'idris.calloway', '/projects/LANTERN');
    const forecast = manager.getByRole('link', { name: /^Actual .*Project total/ });
    const before = Number((await forecast.innerText()).replace(',', ''));

    await signInByKeyboard(member, 'ines.calder');
    await goTo(member, 'Rotation bearing', 'Thursday 18 June');
    await member.keyboard.type('1h 30');
    await member.keyboard.press('Tab');
    await expect(cell(member, 'Rotation bearing', 'Friday 19 June')).toBeFocused();
    await member.keyboard.type('45m');
    await member.keyboard.press('Enter');
    await expect(cell(member, 'Rotation bearing', 'Thursday 18 June')).toHaveAccessibleName(/: 1\.5, draft$/);
    await expect(cell(member, 'Rotation bearing', 'Friday 19 June')).toHaveAccessibleName(/: 0\.75, draft$/);
    await expect(member.getByText('All changes saved.')).toBeVisible();

    await member.reload();
    await expect(cell(member, 'Rotation bearing', 'Thursday 18 June')).toHaveAccessibleName(/: 1\.5, draft$/);
    await goTo(member, 'Rotation bearing', 'Thursday 18 June');
    await member.keyboard.press('Control+Enter');
    await expect(member.getByRole('heading', { name: 'Submit week 25?' })).toBeVisible();
    await expect(member.getByRole('button', { name: /^Submit \d/ })).toBeFocused();
    await member.keyboard.press('Enter');
    await expect(notices(member).getByText(/h submitted\./)).toBeVisible();
    await expect(cell(member, 'Rotation bearing', 'Thursday 18 June')).toHaveAccessibleName(/: 1\.5, submitted$/);

    await manager.goto('/review');
    const waiting = manager.getByRole('navigation', { name: 'Waiting for you' });
    await waiting.getByRole('link', { name: /Ines Calder/ }).focus();
    await manager.keyboard.press('Enter');
    await manager.waitForURL(/open=ines\.calder/);
    const sheet = manager.getByRole('region', { name: 'Ines Calder, week 25' });
    await sheet.getByRole('rowheader').first().focus();
    // What approving would do stands beside it before it is done.
    await expect(manager.getByRole('heading', { name: 'If you approve this' })).toBeVisible();
    await manager.keyboard.press('a');
    await expect(notices(manager).getByText(/^Approved: /)).toBeVisible();

    await manager.goto('/projects/LANTERN');
    const after = Number((await forecast.innerText()).replace(',', ''));
    expect(after).toBeGreaterThan(before);
    await member.reload();
    await expect(cell(member, 'Rotation bearing', 'Thursday 18 June')).toHaveAccessibleName(/: 1\.5, approved$/);
});

test('what is submitted can be taken back, and a returned line carries its comment', async ({ browser }) => {
    const member = await (await browser.newContext()).newPage();
    await signIn(member, 'rafe.penhallow', '/week/2026-W24');
    await member.getByRole('button', { name: /^Take back/ }).focus();
    await member.keyboard.press('Enter');
    await expect(notices(member).getByText(/taken back\. They are drafts again\./)).toBeVisible();
    await member.getByRole('button', { name: 'Submit week…' }).click();
    await member.getByRole('button', { name: /^Submit \d/ }).click();
    await expect(notices(member).getByText(/h submitted\./)).toBeVisible();

    const manager = await (await browser.newContext()).newPage();
    await signIn(manager, 'idris.calloway', '/review?open=rafe.penhallow');
    const sheet = manager.getByRole('region', { name: 'Rafe Penhallow, week 24' });
    await expect(sheet.getByRole('gridcell', { selected: true }).first()).toBeVisible();
    const all = await sheet.getByRole('gridcell', { selected: true }).count();
    // Everything but the first entry is excluded: the lines with space, then the first cell is taken again.
    const lines = sheet.getByRole('rowheader', { selected: true });
    for (let left = await lines.count(); left > 0; left--) {
        await lines.first().focus();
        await manager.keyboard.press('Space');
        await expect(lines).toHaveCount(left - 1);
    }
    await expect(sheet.getByRole('button', { name: /^Return/ })).toBeDisabled();
    await sheet
        .getByRole('gridcell', { name: /excluded$/ })
        .first()
        .focus();
    await manager.keyboard.press('Space');
    await expect(sheet.getByText(`1 of ${all} entries selected`)).toBeVisible();
    await manager.keyboard.press('r');
    await sheet.getByRole('button', { name: /^Return/ }).click();
    await expect(manager.getByText('Enter a comment so that the person knows why.')).toBeVisible();
    await manager.getByLabel('Comment (required)').fill('Which prism?');
    await manager.getByRole('button', { name: 'Save phrase' }).click();
    await expect(manager.getByRole('list', { name: 'Saved phrases' }).getByText('Which prism?')).toBeVisible();
    await manager.getByLabel('Comment (required)').press('Control+Enter');
    await expect(notices(manager).getByText(/^Returned: .* in one entry\.$/)).toBeVisible();

    await member.goto('/week/2026-W24');
    const returned = member.getByRole('gridcell', { name: /returned$/ });
    await returned.first().click();
    await expect(member.getByText('Returned: “Which prism?”')).toBeVisible();
});
