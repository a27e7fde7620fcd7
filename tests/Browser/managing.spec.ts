import { findings } from './accessibility';
import { choose, signIn } from './people';
import { expect, test } from './test';

test.describe.configure({ mode: 'parallel' });

test('the day begins with what waits, what needs attention and what one follows', async ({ page }) => {
    await signIn(page, 'idris.calloway');
    await expect(page.getByRole('heading', { name: 'Wednesday 17 June', level: 1 })).toBeVisible();
    await expect(page.getByText(/decisions wait for you\./)).toBeVisible();
    const article = page.getByRole('article').filter({ hasText: 'Lights and coast, project by project' });
    await expect(article.getByText(/planned to date/)).toBeVisible();
    await expect(page.getByText(/people (is|are) over their hours\./)).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await article.getByRole('link', { name: 'Lights and coast, project by project' }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Lights and coast, project by project', level: 1 })).toBeVisible();
    await choose(page, 'Compare by', 'Person');
    await expect(page.getByText('You have changed it since it was saved.')).toBeVisible();
});

test('a comparison is asked in words, saved, followed and mailed', async ({ page }) => {
    await signIn(page, 'ottilie.brandreth', '/compare');
    await page.keyboard.press('/');
    await page.keyboard.type('planned vs actual by person last month coast team zzz');
    await expect(page.getByText(/^by person; last month \(.*\); Lights and coast;/)).toBeVisible();
    await expect(page.getByText('Not understood: “zzz”.')).toBeVisible();
    expect(await findings(page), 'what was understood').toEqual([]);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('columnheader', { name: 'Person' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Filters: Lights and coast' })).toBeVisible();

    await page.getByRole('button', { name: 'Save' }).press('Enter');
    await page.getByRole('textbox', { name: 'Name' }).fill('Coast, by person');
    expect(await findings(page, 'list'), 'saving').toEqual([]);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Coast, by person', level: 1 })).toBeVisible();

    await page.getByRole('link', { name: 'Saved comparisons' }).press('Enter');
    await page.getByRole('button', { name: 'Put Coast, by person on the front page' }).press('Enter');
    await expect(page.getByText('No. 1 on your front page')).toBeVisible();
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Coast, by person' })
        .getByRole('button', { name: 'Email, sharing, name and versions' })
        .press('Enter');
    await choose(page, 'How often', 'Every week');
    await choose(page, 'Day', 'Friday');
    await expect(page.getByText(/emailed to you every week/)).toBeVisible();
    await page.getByRole('radio', { name: 'People and teams' }).press(' ');
    expect(await findings(page), 'what can be done with it').toEqual([]);
    await page.goto('/');
    await expect(page.getByRole('article').getByRole('link', { name: 'Coast, by person' })).toBeVisible();
});

test('figures beside hours are chosen, and money shows for who may see it', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/compare?by=team&period=last-month');
    await page.getByRole('button', { name: 'Choose figures' }).press('Enter');
    const figures = page.getByRole('group', { name: 'Choose figures' });
    await figures.getByRole('checkbox', { name: 'Utilisation' }).press(' ');
    await expect(page.getByRole('columnheader', { name: 'Utilisation' })).toBeVisible();
    await figures.getByRole('checkbox', { name: 'Cost' }).press(' ');
    await page
        .getByRole('link', { name: /^Cost EUR .*, Lights and coast: show/ })
        .first()
        .press('Enter');
    await expect(page.getByRole('heading', { name: /^Cost: EUR .*, Lights and coast$/ })).toBeFocused();
    expect(await findings(page)).toEqual([]);
});

test('load says who is over on which day and who is free, and leads to the plan', async ({ page }) => {
    await signIn(page, 'idris.calloway', '/load');
    await expect(page.getByText(/people (is|are) over their hours, by/)).toBeVisible();
    await page.getByRole('textbox', { name: 'Who is free for' }).fill('20');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Who is free for 20 h' })).toBeVisible();
    const first = page.getByRole('region', { name: 'Who is free for 20 h' }).getByRole('listitem').first();
    await expect(first).toContainText(/by (Wed|Thu|Fri|Mon)/);
    await page
        .getByRole('rowheader', { name: /^Ines Calder/ })
        .getByRole('link')
        .press('Enter');
    await expect(page.getByRole('heading', { name: 'Planned for Ines Calder' })).toBeFocused();
    expect(await findings(page)).toEqual([]);
    await page
        .getByRole('complementary', { name: 'What is planned' })
        .getByRole('link', { name: 'Skerrow lantern: lens refit' })
        .first()
        .press('Enter');
    await page.waitForURL(/\/projects\/LANTERN\/plan$/);
});

test('before a period is closed there is nothing to compare with, and that is said', async ({ page }) => {
    await signIn(page, 'agnes.thornbury', '/reported');
    await expect(page.getByText(/^No period has been closed yet\.|^Up to /)).toBeVisible();
    expect(await findings(page)).toEqual([]);
});
