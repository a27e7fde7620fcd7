import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('the office says from when on time is overtime, and a member sees it while typing', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    await page.goto('/office/pay-rules');
    await arrived(page);
    const form = page.getByRole('form', { name: 'Add rule' });
    await form.getByRole('button', { name: 'Add rule' }).click();
    await expect(form.getByRole('alert')).toHaveText(/^Enter at least one threshold or kind of pay/);
    await form.getByRole('combobox', { name: 'Person' }).fill('Jem');
    await page.getByRole('option', { name: /Jem Sorley/ }).click();
    await form.getByLabel('Daily overtime after (hours)').fill('7:30');
    await form.getByRole('button', { name: 'Add rule' }).click();
    await expect(notices(page).getByText(/^Pay rule saved\./)).toBeVisible();
    await expect(page.getByRole('row', { name: /Jem Sorley always overtime after 7\.5 hours a day/ })).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await signIn(page, 'jem.sorley');
    await page.goto('/week');
    await arrived(page);
    const margin = page.getByRole('complementary');
    const cell = page.getByRole('gridcell', { name: /Friday 19 June/ }).first();
    await cell.click();
    await page.keyboard.type('9');
    await page.keyboard.press('Enter');
    await expect(margin.getByText(/Fri 19 Jun: 1\.5\sh overtime, after 7\.5\sh that day\./)).toBeVisible();
    await page.keyboard.press('ArrowUp');
    await expect(margin.getByText(/7\.5\sh regular, 1\.5\sh overtime/)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    await expect(margin.getByText(/Fri 19 Jun: .* overtime/)).toHaveCount(0);
});

test('somebody who may stands by for a part of an entry, and takes it back', async ({ page }) => {
    await signIn(page, 'magnus.treloar');
    await page.goto('/week');
    await arrived(page);
    const margin = page.getByRole('complementary');
    const cell = page.getByRole('gridcell', { name: /Friday 19 June/ }).first();
    await cell.click();
    await page.keyboard.type('6');
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowUp');
    await margin.getByRole('button', { name: 'Kinds of pay' }).click();
    await margin.getByLabel('Stand-by').fill('2');
    await margin.getByLabel('Stand-by').press('Enter');
    await expect(margin.getByText(/^4\sh regular, 2\sh stand-by$/)).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await margin.getByLabel('Late shift').fill('5');
    await margin.getByLabel('Late shift').press('Enter');
    await expect(page.getByText(/^The kinds of pay that you chose come to more than the 6\sh entered\./).first()).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(margin.getByText(/stand-by/)).toHaveCount(0);
});

test('the office offers a premium and says what it costs', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    await page.goto('/office/pay-rules');
    await arrived(page);
    const form = page.getByRole('form', { name: 'Add premium' });
    await form.getByLabel('Name').fill('Night watch');
    await form.getByLabel('Code').fill('Night watch');
    await form.getByRole('button', { name: 'Add premium' }).click();
    await expect(form.getByRole('alert')).toHaveText(/^Enter a code of at most 32/);
    await form.getByLabel('Code').fill('night-watch');
    await form.getByLabel('Cost (% of regular time)').fill('140');
    await form.getByRole('combobox', { name: 'People' }).fill('Jem');
    await page.getByRole('option', { name: /Jem Sorley/ }).click();
    await form.getByRole('button', { name: 'Add premium' }).click();
    await expect(page.getByRole('row', { name: /Night watch .* Jem Sorley 140\s%/ })).toBeVisible();
    expect(await findings(page)).toEqual([]);
});
