import { findings } from './accessibility';
import { signIn, signOut } from './people';
import { expect, test } from './test';

test('files are checked, imported and taken back, and others exported and downloaded', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/files');
    const form = page.getByRole('form', { name: 'Import files' });
    await form.getByLabel('Files', { exact: true }).setInputFiles({
        name: 'roles.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('role,name\ndiver,Diver\nsurveyor,Surveyor of lights\n'),
    });
    await expect(form.getByRole('listitem')).toContainText('roles.csv');
    expect(await findings(page), 'files').toEqual([]);
    await form.getByRole('button', { name: 'Check files' }).press('Enter');
    await expect(page.getByText('The files are in order. Nothing is changed until you import them.')).toBeVisible();
    await expect(page.getByRole('row', { name: /roles\.csv 2 new diver/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /name: Surveyor → Surveyor of lights/ })).toBeVisible();
    expect(await findings(page), 'what an import would change').toEqual([]);
    await page.getByRole('button', { name: 'Import files' }).press('Enter');
    await expect(page.getByText('The files are imported.')).toBeVisible();
    await page.getByRole('button', { name: 'Take back import' }).press('Enter');
    await page.getByRole('alertdialog').getByRole('button', { name: 'Take back import' }).press('Enter');
    await expect(page.getByText('This import was taken back.')).toBeVisible();

    await page.getByRole('link', { name: 'All imports and exports' }).press('Enter');
    const exported = page.getByRole('form', { name: 'Export files' });
    await exported.getByRole('button', { name: 'No files' }).press('Enter');
    await exported.getByRole('checkbox', { name: 'clients.csv' }).press(' ');
    await exported.getByRole('button', { name: 'Export files' }).press('Enter');
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page
            .getByRole('link', { name: /^Download the export of/ })
            .first()
            .click(),
    ]);
    expect(download.suggestedFilename()).toMatch(/^moss-week-.*\.zip$/);
});

test('somebody at a client requests work, and it becomes a project', async ({ page }) => {
    await signIn(page, 'tobin.vale', '/office/intake');
    const links = page.getByRole('form', { name: 'Create link' });
    await links.getByRole('combobox', { name: 'Client' }).fill('skerrow');
    await expect(page.getByRole('option').first()).toHaveText('Skerrow Lights Trust');
    await page.keyboard.press('Enter');
    await links.getByRole('textbox', { name: 'Last day' }).fill('2027-12-31');
    await links.getByRole('button', { name: 'Create link' }).click();
    const address = await page.getByText(/\/intake\/\d+\?/).innerText();
    expect(await findings(page), 'intake').toEqual([]);

    await signOut(page);
    await page.goto(new URL(address).pathname + new URL(address).search);
    await page.getByLabel('Your name').fill('Orla Finch');
    await page.getByLabel('Your email address').fill('orla@skerrow.example');
    await page.getByLabel('What is to be done').fill('New rings for the quay');
    await page.getByLabel('About how many hours').fill('40');
    await page.getByLabel('Files').setInputFiles({ name: 'rings.txt', mimeType: 'text/plain', buffer: Buffer.from('Twelve.') });
    await expect(page.getByRole('listitem')).toContainText('rings.txt');
    expect(await findings(page), 'a request by a client').toEqual([]);
    await page.getByRole('button', { name: 'Send request' }).click();
    await expect(page.getByText(/has received this request and has not decided yet\.$/)).toBeVisible();

    await signIn(page, 'brannoc.leigh', '/requests');
    await page.getByRole('link', { name: 'New rings for the quay' }).press('Enter');
    await expect(page.getByRole('link', { name: 'rings.txt' })).toBeVisible();
    expect(await findings(page), 'deciding on a request').toEqual([]);
    await page.getByRole('button', { name: 'Create project' }).click();
    await page.waitForURL(/\/projects\/.*\/plan/);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('New rings for the quay');
});
