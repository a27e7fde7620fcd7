import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('another system is told of what happens, and the office sees how it fares', async ({ page }) => {
    await signIn(page, 'tobin.vale');
    await page.goto('/office/webhooks');
    await arrived(page);
    await page.getByLabel('Name').fill('Tide board');
    await page.getByLabel('Address').fill('http://10.1.2.3/events');
    await page.getByLabel('People, teams, roles and clients').check();
    await page.getByRole('button', { name: 'Add webhook' }).click();
    await expect(page.getByText('An address inside your own network has to be allowed')).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await page.getByRole('link', { name: 'Harbour board' }).click();
    await page.getByRole('button', { name: 'Send a test' }).click();
    await expect(page.getByRole('heading', { name: /Message \d+/ })).toBeVisible();
    await expect(page.getByText('{"received":0}')).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await page.getByRole('button', { name: 'Send again' }).click();
    await expect(notices(page).getByText('The message is sent again.')).toBeVisible();
    await page.getByRole('link', { name: 'All messages to Harbour board' }).click();
    await expect(page.getByRole('row', { name: /Test.*Received/ }).first()).toBeVisible();

    await page.getByLabel('Paused: messages wait until it goes on').check();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(notices(page).getByText('Harbour board is saved.')).toBeVisible();
    await expect(page.getByText(/^Paused\./)).toBeVisible();
    await page.getByLabel('Paused: messages wait until it goes on').uncheck();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/^Paused\./)).toBeHidden();
    expect(await findings(page)).toEqual([]);
});
