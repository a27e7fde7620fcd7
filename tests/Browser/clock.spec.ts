import type { Page } from '@playwright/test';
import { findings } from './accessibility';
import { answered, cell, signIn } from './people';
import { expect, test } from './test';

const timer = (page: Page) => page.getByRole('region', { name: 'Timer' });

/** Takes the server away, or gives it back. */
async function server(page: Page, isThere: boolean): Promise<void> {
    if (isThere) {
        await page.unroute('**/timer**');
    } else {
        await page.route('**/timer**', (route) => route.abort());
    }
}

async function quickLine(page: Page, line: string, understood: RegExp): Promise<void> {
    await page.getByRole('combobox', { name: 'Quick line' }).fill(line);
    await expect(page.getByRole('search', { name: 'Quick line' }).getByRole('status')).toHaveText(understood);
    await page.keyboard.press('Enter');
}

/** Discards whatever is left from the test before. */
async function startAfresh(page: Page): Promise<void> {
    if (await timer(page).getByRole('button', { name: 'Discard timer' }).isVisible()) {
        await timer(page).getByRole('button', { name: 'Discard timer' }).click();
        await expect(timer(page)).toContainText('Timer discarded.');
    }
}

/** Waits until the day where she is, an hour ahead of UTC in summer, has a few minutes: in its first one, nothing of a timer would lie in it yet. */
async function awaitDay(): Promise<void> {
    const seconds = (Date.now() / 1000 + 3600) % 86_400;
    if (seconds < 120) {
        test.setTimeout(300_000);
        await new Promise((goOn) => setTimeout(goOn, (120 - seconds) * 1000));
    }
}

test('a timer counts while the server is gone, through midnight, and its time is inked', async ({ page }) => {
    await awaitDay();
    await page.clock.install({ time: new Date('2026-06-17T12:00:00Z') });
    await signIn(page, 'sorrel.mead', '/week/2026-W25');
    await startAfresh(page);
    await server(page, false);
    await quickLine(page, 'start sill note formwork', /a timer on Otter weir · Sill repair; note “formwork”/);
    await expect(timer(page)).toContainText('Timing Sill repair · Otter weir:');
    await expect(timer(page)).toContainText('No connection.');
    // A day goes by; it certainly passes midnight where she is.
    await page.clock.fastForward('24:00:00');
    await expect(timer(page).getByRole('timer')).toHaveText(/^24(\.0\d)?\sh$/);
    await page.keyboard.press('Alt+p');
    await expect(timer(page)).toContainText('Paused: Sill repair');
    await server(page, true);
    await page.clock.fastForward(6000);
    await expect(timer(page).getByRole('status')).toHaveText('');
    await page.keyboard.press('Alt+s');

    await expect(timer(page)).toContainText(/24(\.0\d)?\sh measured and pencilled in your week\. Ink it there\./);
    const margin = page.getByRole('complementary', { name: 'Remarks' });
    const before = margin.getByText(/^(Tue 16|Wed 17) Jun, \d\d:\d\d–24:00 · Sill repair/);
    await expect(before).toBeVisible();
    // Late in the evening of the server it is the next day where she is.
    const [first, second, day] = (await before.textContent())?.startsWith('Tue')
        ? ['Tue 16 Jun', 'Wed 17 Jun', 'Wednesday 17 June']
        : ['Wed 17 Jun', 'Thu 18 Jun', 'Thursday 18 June'];
    await expect(margin.getByText(new RegExp(`^${second}, 00:00–\\d\\d:\\d\\d · Sill repair`))).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await margin.getByRole('button', { name: `Discard time: Sill repair, ${first}` }).click();
    await expect(margin.getByText(`${first}, `)).toBeHidden();
    await margin.getByRole('button', { name: `Change time: Sill repair, ${second}` }).click();
    await page.getByRole('textbox', { name: 'Start and end' }).fill('9-10:30');
    await page.keyboard.press('Enter');
    await margin.getByRole('button', { name: `Ink time: Sill repair, ${second}, 09:00–10:30` }).click();
    await expect(cell(page, 'Sill repair', day)).toHaveAccessibleName(/: 1\.5, draft, has a note$/);
});

test('two devices show the same timer, and neither overwrites the other', async ({ page, browser }) => {
    await signIn(page, 'sorrel.mead', '/leave');
    await startAfresh(page);
    await page.goto('/week/2026-W25');
    await quickLine(page, 'start gauge', /a timer on Otter weir · Gauge readings/);
    await expect(timer(page)).toContainText('Timing Gauge readings');
    const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await signIn(phone, 'sorrel.mead', '/leave');
    await expect(timer(phone)).toContainText('Timing Gauge readings');
    await timer(phone).getByRole('button', { name: 'Pause timer' }).click();
    await expect(timer(phone)).toContainText('Paused: Gauge readings');
    expect(await findings(phone)).toEqual([]);
    expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

    await timer(page).getByRole('button', { name: 'Stop timer' }).click();
    await expect(timer(page)).toContainText('The timer was changed in another window or on another device.');
    await expect(timer(page)).toContainText('Paused: Gauge readings');
    await timer(page).getByRole('button', { name: 'Discard timer' }).click();
    await expect(timer(page)).toContainText('Timer discarded.');
    await phone.close();
});

test('a day is drawn by keyboard alone', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/week/2026-W25');
    await page.getByRole('link', { name: 'By the clock' }).press('Enter');
    const tuesday = page.getByRole('group', { name: 'Tuesday 16 June by the clock' });
    const quick = page.getByRole('combobox', { name: 'Quick line' });
    await page.getByRole('button', { name: 'Add time on Tuesday 16 June' }).press('Enter');
    await expect(quick).toBeFocused();
    await page.keyboard.type('gauge');
    await expect(page.getByRole('search').getByRole('status')).toHaveText(/Gauge readings, Tue 16 Jun/);
    await page.keyboard.press('Enter');
    const stroke = (times: string, state = 'inked') =>
        tuesday.getByRole('button', { name: `Gauge readings, ${times}, Tuesday 16 June, ${state}` });
    const first = await tuesday
        .getByRole('button', { name: /, inked$/ })
        .first()
        .getAttribute('aria-label');
    const [starts = '', ends = ''] = (/(\d\d:\d\d)–(\d\d:\d\d)/.exec(first ?? '') ?? []).slice(1);
    await stroke(`${starts}–${ends}`).press('ArrowRight');
    await page.keyboard.press('Shift+ArrowRight');
    const later = (time: string, by: number) => {
        const minute = Number(time.slice(0, 2)) * 60 + Number(time.slice(3)) + by;

        return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
    };
    await expect(stroke(`${later(starts, 15)}–${later(ends, 30)}`)).toBeVisible();
    await expect(page.getByText('1.25 h', { exact: true })).toBeVisible();
    await stroke(`${later(starts, 15)}–${later(ends, 30)}`).press('s');
    await expect(tuesday.getByRole('button', { name: /^Gauge readings, .*, inked$/ })).toHaveCount(2);
    await tuesday
        .getByRole('button', { name: /^Gauge readings, .*, inked$/ })
        .last()
        .press('Delete');
    await expect(tuesday.getByRole('button', { name: /^Gauge readings, .*, inked$/ })).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(tuesday.getByRole('button', { name: /^Gauge readings, .*, inked$/ })).toHaveCount(2);
    await tuesday
        .getByRole('button', { name: /^Gauge readings, .*, inked$/ })
        .last()
        .press('Delete');
    await expect(tuesday.getByRole('button', { name: /^Gauge readings, .*, inked$/ })).toHaveCount(1);
    expect(await findings(page)).toEqual([]);

    // The next start is the last end.
    await page.getByRole('button', { name: 'Add time on Tuesday 16 June' }).press('Enter');
    await expect(quick).toHaveValue(/^\d\d:\d\d-\d\d:\d\d tue $/);
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Grid' }).press('Enter');
    await expect(cell(page, 'Gauge readings', 'Tuesday 16 June')).toHaveAccessibleName(/: 0\.\d+, draft$/);
});

test('time is drawn and moved with the pointer', async ({ page }) => {
    await signIn(page, 'sorrel.mead', '/week/2026-W25?view=clock');
    const monday = page.getByRole('group', { name: 'Monday 15 June by the clock' });
    const box = await monday.boundingBox();
    expect(box).not.toBeNull();
    const { x, y, width, height } = box ?? { x: 0, y: 0, width: 0, height: 0 };
    const strokes = monday.getByRole('button', { name: /^Sill repair, .*, inked$/ });
    await page.mouse.move(x + width * 0.7, y + height - 3);
    await page.mouse.down();
    await page.mouse.move(x + width * 0.8, y + height - 3, { steps: 4 });
    await page.mouse.up();
    await expect(page.getByRole('combobox', { name: 'Quick line' })).toHaveValue(/^\d\d:\d\d-\d\d:\d\d mon $/);
    await page.keyboard.type('sill');
    await expect(page.getByRole('search').getByRole('status')).toHaveText(/Sill repair, Mon 15 Jun/);
    await page.keyboard.press('Enter');
    await expect(strokes).toHaveCount(1);
    const before = await strokes.getAttribute('aria-label');
    const drawn = await strokes.boundingBox();
    const from = { x: (drawn?.x ?? 0) + (drawn?.width ?? 0) / 2, y: (drawn?.y ?? 0) + 10 };
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x - width * 0.2, from.y, { steps: 6 });
    await answered(page, () => page.mouse.up());
    await expect(strokes).not.toHaveAttribute('aria-label', before ?? '');
    const moved = (await strokes.getAttribute('aria-label')) ?? '';
    await page.reload();
    await expect(strokes).toHaveAttribute('aria-label', moved);
    await strokes.click();
    await page.getByRole('button', { name: 'Remove time' }).click();
    await expect(strokes).toHaveCount(0);
});
