import { readFile } from 'node:fs/promises';
import { findings } from './accessibility';
import { arrived, notices, signIn } from './people';
import { expect, test } from './test';

const plan = `wbs,task,name,phase,milestone,after,starts_on,ends_on,who,role,day,planned
2.1,STONES,Stepping stones,Pass,,,2026-06-29,2026-07-10,,,,
,STONES,,,,,2026-06-29,2026-07-03,Callum Reyes,,,24
2.2,STEPPED,Stones are laid,,yes,STONES,2026-07-10,2026-07-10,,,,
,STONES,,,,,,,Nobody Known,,2026-06-29,8
`;

test('a plan comes from a file, says what it pushes, and goes out with the hours recorded', async ({ page }) => {
    await signIn(page, 'brannoc.leigh', '/projects/REEDS/plan');
    await arrived(page);
    await page.getByRole('link', { name: 'Schedule files' }).click();
    await page
        .getByLabel('CSV or XLSX file')
        .setInputFiles({ name: 'stones.csv', mimeType: 'text/csv', buffer: Buffer.from(plan) });
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(notices(page).getByText('Nothing is changed yet.')).toBeVisible();
    await expect(page.getByText('Line 5: No person or team is called “Nobody Known”')).toBeVisible();
    await expect(page.getByText('Stones are laid begins one day too early: it waits for Stepping stones.')).toBeVisible();
    await expect(page.getByRole('row', { name: /Gone.*it stays/ }).first()).toBeVisible();
    expect(await findings(page)).toEqual([]);

    // What is gone from the file is not chosen by itself.
    await page.getByRole('button', { name: 'Take over 3 rows' }).click();
    await expect(notices(page).getByText('3 rows were taken over.')).toBeVisible();
    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await expect(page.getByRole('gridcell', { name: /Stepping stones/ }).first()).toBeVisible();
    await page.goBack();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'By day, CSV' }).click();
    const written = await readFile(await (await download).path(), 'utf8');
    expect(written.split(/\r?\n/)[0]).toBe(
        'wbs,task,name,phase,milestone,after,starts_on,ends_on,who,role,day,planned,actual,pending',
    );
    expect(written).toContain('2.2,STEPPED,"Stones are laid",,yes,STONES,2026-07-10,2026-07-10,');
});
