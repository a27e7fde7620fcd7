import { findings } from './accessibility';
import { ApiClient } from './apiClient';
import { signIn } from './people';
import { expect, test } from './test';

test('a program with a token records and submits a week', async ({ page, playwright, baseURL }) => {
    await signIn(page, 'sorrel.mead', '/account');
    await page.getByRole('textbox', { name: 'What it is for' }).fill('Weir log');
    const last = new Date(Date.now() + 30 * 86_400_000).toISOString().slice(0, 10);
    await page.getByRole('textbox', { name: 'Last day' }).fill(last);
    await page.keyboard.press('Tab');
    await page.getByRole('checkbox', { name: 'Record and submit time' }).press(' ');
    await page.getByRole('button', { name: 'Create token' }).click();
    const token = await page.getByRole('textbox', { name: /^Copy the token now/ }).inputValue();
    expect(await findings(page)).toEqual([]);

    const request = await playwright.request.newContext({ baseURL: baseURL ?? '' });
    const program = new ApiClient(request, token);
    const me = await program.me();
    expect(me.person).toBe('sorrel.mead');
    const { data: work } = await program.assignments('2026-06-22', '2026-06-26');
    const gauge = work.find(({ task }) => task === 'GAUGE');
    const entries = ['2026-06-22', '2026-06-23', '2026-06-24'].map((date) => ({
        project: gauge?.project ?? '',
        task: gauge?.task ?? '',
        date,
        hours: '7:30',
    }));
    const saved = await program.save(me.person, { entries }, 'week 26');
    expect(saved.data.map(({ outcome }) => outcome)).toEqual(['saved', 'saved', 'saved']);
    // Sent again it is done once.
    expect(await program.save(me.person, { entries }, 'week 26')).toEqual(saved);
    const { minutes, findings: found } = await program.summary(me.person, '2026-W26');
    expect(minutes).toBe(1350);
    const explanations = found
        .filter(({ severity }) => severity === 'explanation')
        .map(({ week, rule, taskNumber, roleNumber, date }) => ({
            ...{ week, rule, taskNumber, roleNumber, date },
            explanation: 'The gauge had silted up',
        }));
    expect(explanations.length).toBeGreaterThan(0);
    expect(await program.submit(me.person, '2026-W26', { explanations })).toEqual({ minutes: 1350, approved: 0 });
    const { data: submitted } = await program.entries('2026-06-22', '2026-06-28');
    expect(submitted.map(({ state, minutes }) => [state, minutes])).toEqual([
        ['submitted', 450],
        ['submitted', 450],
        ['submitted', 450],
    ]);

    expect((await program.takeBack(me.person, '2026-W26')).minutes).toBe(1350);
    const { data: open } = await program.entries('2026-06-22', '2026-06-28');
    const cleared = entries.map((entry, index) => ({ ...entry, hours: '0', version: open[index]?.version ?? null }));
    await program.save(me.person, { entries: cleared }, 'week 26, cleared');
    expect((await program.entries('2026-06-22', '2026-06-28')).data).toEqual([]);
    await request.dispose();

    await page.reload();
    await expect(page.getByRole('row', { name: /^Weir log/ })).toBeVisible();
    await page.getByRole('button', { name: 'Revoke the token for Weir log' }).press('Enter');
    await expect(page.getByRole('row', { name: /^Weir log/ })).toBeHidden();
    await page.getByRole('link', { name: 'What a program can ask' }).press('Enter');
    await expect(page.getByRole('heading', { level: 2, name: 'PUT /people/{person}/entries' })).toBeVisible();
    expect(await findings(page)).toEqual([]);
});
