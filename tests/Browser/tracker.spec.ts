import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('a project is linked with a task tracker, and time logged there waits in pencil', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/trackers');
    await arrived(page);
    const address = (await page.getByText(/^http:\/\/127/).textContent()) ?? '';
    await page.getByLabel('Name').fill('Other board');
    await page.getByLabel('Address').fill(address);
    await page.getByLabel('Token').fill('wrong');
    await page.getByRole('button', { name: 'Connect task tracker' }).click();
    await expect(page.getByText('did not answer as expected')).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await page.goto('/projects/BELLS/plan');
    await page.getByRole('link', { name: 'Task tracker' }).click();
    await expect(page.getByLabel('Project in the task tracker')).toHaveText(/Tide gauges/);
    expect(await findings(page)).toEqual([]);
    await page.getByRole('button', { name: 'Link', exact: true }).click();
    await expect(page.getByRole('rowheader', { name: /Photograph the stilling well/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /Ines Calder.*1.5\sh.*In pencil/ })).toBeVisible();
    expect(await findings(page)).toEqual([]);

    // Logged on the tracker's own page by somebody whom nobody knows here, until it is said who it is.
    await page.request.post(`${address}/times`, {
        form: { task: 'TIDE-2', person: 'h.wick', day: '2026-06-17', minutes: '45', text: 'Held the ladder' },
    });
    await page.getByRole('combobox', { name: 'Hester Wick is' }).fill('Pilar');
    await page.getByRole('option').first().click();
    await expect(notices(page).getByText('It is matched.')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'People not matched' })).toBeHidden();

    await signIn(page, 'ines.calder', '/week/2026-W25');
    await arrived(page);
    await expect(page.getByRole('gridcell', { name: /Calibrate the float.*17 June.*1.5/ })).toBeVisible();
    await page.goto('/tasks');
    await expect(page.getByText('Task tracker: in progress')).toBeVisible();
    expect(await findings(page)).toEqual([]);
});
