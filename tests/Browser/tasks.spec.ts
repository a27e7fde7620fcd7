import { findings } from './accessibility';
import { arrived, cell, choose, notices, signIn } from './people';
import { expect, test } from './test';

test('an hour is logged in one line, and hours, estimate and done in one step', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/tasks');
    await arrived(page);
    const gauge = page.getByRole('textbox', { name: 'Hours, day and note: Gauge readings' });
    await gauge.fill('1:30 mon nte staff gauge');
    await gauge.press('Enter');
    await expect(page.getByRole('alert')).toHaveText(/“nte staff gauge” is neither hours nor a day/);
    await gauge.fill('1:30 mon note staff gauge');
    await gauge.press('Enter');
    await expect(notices(page).getByText('1.5 h recorded on Gauge readings.')).toBeVisible();
    await expect(gauge).toHaveValue('');

    const sill = page.getByRole('form', { name: 'Record on Sill repair' });
    await sill.getByRole('button', { name: 'Estimate and done: Sill repair' }).press('Enter');
    await sill.getByRole('textbox', { name: 'Hours, day and note: Sill repair' }).fill('2h tue');
    await sill.getByRole('textbox', { name: 'Remaining hours' }).fill('20');
    await sill.getByRole('textbox', { name: 'Reason' }).fill('concrete is worse than it looked');
    expect(await findings(page)).toEqual([]);
    await page.keyboard.press('Enter');
    await expect(notices(page).getByText('2 h recorded on Sill repair.')).toBeVisible();
    await expect(page.getByText(/of 16\sh; 20\sh remaining; estimated/)).toBeVisible();

    await page.getByRole('button', { name: 'Pin task: Sill repair' }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Pinned' })).toBeVisible();
    await page.getByRole('button', { name: 'Unpin task: Sill repair' }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Pinned' })).toBeHidden();
});

/** A calendar of the week of 17 June 2026, in the time of where Sorrel is. */
const diary = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Otter weir//Diary//EN',
    ...[
        ['formwork', '20260615T090000', '20260615T110000', 'SUMMARY:Sill repair: formwork'],
        ['breakfast', '20260617T080000', '20260617T090000', 'SUMMARY:Breakfast talk'],
        ['doctor', '20260618T120000', '20260618T124500', 'SUMMARY:Doctor', 'CLASS:PRIVATE', 'RRULE:FREQ=WEEKLY'],
    ].flatMap(([id, starts, ends, ...more]) => [
        'BEGIN:VEVENT',
        `UID:${id ?? ''}@otter.example`,
        'DTSTAMP:20260601T080000Z',
        `DTSTART:${starts ?? ''}`,
        `DTEND:${ends ?? ''}`,
        ...more,
        'END:VEVENT',
    ]),
    'END:VCALENDAR',
    '',
].join('\r\n');

test('an appointment is put on a task and inked with other times', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/appointments');
    await arrived(page);
    await page
        .getByLabel('Or a calendar file')
        .setInputFiles({ name: 'diary.ics', mimeType: 'text/calendar', buffer: Buffer.from(diary) });
    await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('diary');
    await page.getByRole('button', { name: 'Add calendar' }).press('Enter');
    await expect(page.getByText(/appointments? (is|are) pencilled in your weeks\./)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await choose(page, 'Task: Breakfast talk', 'Fenlight: non-project time · Training');
    await expect(notices(page).getByText('The appointment is pencilled.')).toBeVisible();
    await page.getByRole('button', { name: /^Leave out for good: Busy/ }).press('Enter');
    await expect(page.getByRole('heading', { name: 'Left out for good' })).toBeVisible();

    await page.goto('/week/2026-W25');
    const margin = page.getByRole('complementary', { name: 'Remarks' });
    await expect(margin.getByText('Breakfast talk')).toBeVisible();
    await expect(margin.getByText('words of the title: sill repair')).toBeVisible();
    await margin.getByRole('button', { name: /^Change time: Training, Wed 17 Jun, 08:00/ }).press('Enter');
    await page.getByRole('textbox', { name: 'Start and end' }).fill('8-8:45');
    await page.getByRole('button', { name: 'Save time' }).press('Enter');
    await margin.getByRole('button', { name: 'Ink time: Training, Wed 17 Jun, 08:00–08:45' }).press('Enter');
    await expect(cell(page, 'Training', 'Wednesday 17 June')).toHaveAccessibleName(/: 0\.75, draft/);
});
