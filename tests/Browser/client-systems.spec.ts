import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

test('a client’s own hours are set beside ours, and each person sees what differs', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/client-systems');
    await arrived(page);
    await page.getByRole('combobox', { name: 'Client' }).fill('Cold Moss');
    await page.getByRole('option').first().click();
    await page.getByLabel('What the client calls it').fill('Commoners’ book');
    await page.getByLabel('Heading for people').fill('Worker');
    await page.getByLabel('Heading for dates').fill('Day');
    await page.getByLabel('Heading for hours').fill('Qty');
    expect(await findings(page)).toEqual([]);
    await page.getByRole('button', { name: 'Add system' }).click();
    await expect(notices(page).getByText('Commoners’ book is saved.')).toBeVisible();

    const files = (text: string) => ({ name: 'export.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await page.getByLabel('CSV file').setInputFiles(files('Worker,Day\nInes Calder,2026-06-16\n'));
    await page.getByRole('button', { name: 'Read', exact: true }).click();
    await expect(page.getByText('No column has the heading “Qty”.')).toBeVisible();
    await page
        .getByLabel('CSV file')
        .setInputFiles(files('Worker,Day,Qty\nines.calder@fenlight.example,2026-06-16,2\nSomebody Else,2026-06-16,1\n'));
    await page.getByRole('button', { name: 'Read', exact: true }).click();
    await expect(notices(page).getByText('2 rows were read.')).toBeVisible();
    await page.goto(`${page.url().split('?')[0] ?? ''}?week=2026-W25`);
    await expect(page.getByRole('row', { name: /Ines Calder.*2\sh.*(only there|different)/ })).toBeVisible();
    await expect(page.getByRole('combobox', { name: 'Somebody Else is' })).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await page.getByRole('button', { name: 'Remove' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByText('No client has the same hours in a system of its own.')).toBeVisible();
});
