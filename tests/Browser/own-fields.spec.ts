import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('the office asks for a field, a member fills it in for the week and composes a charge code, and both are compared', async ({
    page,
}) => {
    await signIn(page, 'tobin.vale');
    await page.goto('/office/own-fields');
    await arrived(page);
    const form = page.getByRole('form', { name: 'Add a field' });
    await form.getByLabel('Name').fill('Weather');
    await form.getByLabel('Choices').fill('dry = Dry\nDriving rain');
    await form.getByRole('combobox', { name: 'Only on projects of' }).fill('Friends of Sandle');
    await page.getByRole('option', { name: /Friends of Sandle Quarry/ }).click();
    await form.getByRole('button', { name: 'Add a field' }).click();
    await expect(notices(page).getByText('The field “Weather” is added.')).toBeVisible();
    await expect(
        page.getByRole('row', { name: /Weather Entries Dry, Driving rain Client Friends of Sandle Quarry/ }),
    ).toBeVisible();
    expect(await findings(page)).toEqual([]);

    await signIn(page, 'ilse.navarro');
    await page.goto('/week');
    await arrived(page);
    const margin = page.getByRole('complementary');
    const choose = async (label: string, option: string) => {
        await margin.getByLabel(label).click();
        await page.getByRole('option', { name: option }).click();
        await expect(page.getByText('All changes saved.')).toBeVisible();
    };
    await page.getByRole('gridcell', { name: /^Boxes and banks.*Monday 15 June/ }).click();
    await choose('Weather', 'Driving rain');
    await choose('Place of work', 'On site');
    await margin.getByRole('button', { name: 'Use for the whole week' }).first().click();
    await expect(page.getByText('All changes saved.')).toBeVisible();

    await page.getByRole('gridcell', { name: /^Counts after works.*Tuesday 16 June/ }).click();
    await expect(margin.getByLabel('Place of work')).toHaveText(/On site/);
    await expect(margin.getByLabel('Weather')).toHaveCount(0);
    await margin.getByRole('button', { name: 'Choose another' }).click();
    await margin.getByLabel('Work', { exact: true }).click();
    await page.getByRole('option', { name: 'SUR Survey' }).click();
    await margin.getByLabel('Cost', { exact: true }).click();
    await page.getByRole('option', { name: 'TRV Travel' }).click();
    await expect(margin.getByRole('form', { name: 'Charge code' }).getByText('H1-SUR-TRV')).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await margin.getByRole('button', { name: 'Use this code' }).click();
    await expect(notices(page).getByText('The charge code is H1-SUR-TRV.')).toBeVisible();
    await expect(page.getByRole('rowheader', { name: /Counts after works.*H1-SUR-TRV/ })).toBeVisible();

    await signIn(page, 'tobin.vale');
    await page.goto('/compare?by=person&period=this-week&pending=in&person=ilse.navarro');
    await page.getByLabel('Compare by').click();
    await page.getByRole('option', { name: 'Place of work' }).click();
    await expect(page.getByRole('row', { name: /^On site .*\b16 h/ })).toBeVisible();
    await page.getByLabel('Compare by').click();
    await page.getByRole('option', { name: 'Charge code' }).click();
    await expect(page.getByRole('row', { name: /^H1-SUR-TRV .*10\.25/ })).toBeVisible();

    await page.goto('/office/own-fields?field=weather');
    await page.getByLabel('Retired: no longer asked').check();
    await page.getByRole('button', { name: 'Save field' }).click();
    await expect(page.getByRole('row', { name: /Weather \(retired\)/ })).toBeVisible();
});
