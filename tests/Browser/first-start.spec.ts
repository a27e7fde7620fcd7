import type { Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findings } from './accessibility';
import { arrived, cell, choose, goTo, notices, paste, pick } from './people';
import { expect, test } from './test';

const PASSWORD = 'seven herons at low water';

/** An installation of its own, started as a newcomer does it, on a fixed Wednesday. */
let started: ChildProcess | undefined;
let folder = '';

async function freePort(): Promise<number> {
    return new Promise((resolve) => {
        const server = createServer().listen(0, '127.0.0.1', () => {
            const address = server.address();
            server.close(() => {
                resolve(typeof address === 'object' && address !== null ? address.port : 0);
            });
        });
    });
}

/** Runs bin/start, and gives the link that it prints. */
async function start(): Promise<string> {
    folder = mkdtempSync(join(tmpdir(), 'moss-start-'));
    const port = String(await freePort());
    const environment = {
        ...process.env,
        FOLDER: folder,
        PORT: port,
        MOSS_TODAY: '2026-06-17',
        ARGON_MEMORY: '1024',
        ARGON_TIME: '1',
    };
    started = spawn('bash', ['bin/start'], { env: environment, detached: true });

    return new Promise((resolve, reject) => {
        let said = '';
        const listen = (text: Buffer) => {
            said += text.toString();
            const link = /http\S+\/start\?key=\w+/.exec(said);
            if (link !== null) {
                resolve(link[0]);
            }
        };
        started?.stdout?.on('data', listen);
        started?.stderr?.on('data', listen);
        started?.on('exit', () => {
            reject(new Error(said));
        });
    });
}

test.afterAll(() => {
    if (started?.pid !== undefined) {
        process.kill(-started.pid, 'SIGTERM');
    }
    rmSync(folder, { recursive: true, force: true });
});

async function addPerson(page: Page, name: string, manager: string, isLast: boolean): Promise<void> {
    await page.getByLabel('Name', { exact: true }).fill(name);
    await page.getByLabel('Email address').fill(`${name.toLowerCase().replace(' ', '.')}@skerry.example`);
    await pick(page, 'Team', 'ben', 'Bench');
    if (manager !== '') {
        await pick(page, 'Line manager', manager.slice(0, 4), manager);
    }
    await page.getByRole('button', { name: isLast ? 'Add person' : 'Add and enter another', exact: true }).click();
    await expect(notices(page).getByText(`${name} is added.`)).toBeVisible();
}

test('an empty installation becomes an organisation whose first week is approved, in the browser alone', async ({ browser }) => {
    test.setTimeout(150_000);
    const link = await start();
    const base = new URL(link).origin;
    const office = await (await browser.newContext({ baseURL: base })).newPage();
    await expect(async () => {
        await office.goto('/');
    }).toPass();
    await expect(office.getByText('This installation is not set up yet.')).toBeVisible();

    await office.goto(link);
    await expect(office.getByLabel('Name of the organisation')).toBeVisible();
    expect(await findings(office)).toEqual([]);
    await office.getByLabel('Name of the organisation').fill('Skerry Instruments');
    await office.getByRole('combobox', { name: 'Country' }).click();
    await office.getByRole('option', { name: 'Ireland' }).click();
    await office.getByLabel('Your name').fill('Nora Vane');
    await office.getByLabel('Email address').fill('nora.vane@skerry.example');
    await office.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await office.getByRole('button', { name: 'Set up and sign in' }).click();
    await expect(office.getByRole('heading', { name: 'Until the first week is recorded' })).toBeVisible();
    expect(await findings(office)).toEqual([]);

    await office.getByRole('link', { name: 'People', exact: true }).click();
    await office.getByRole('link', { name: 'Teams', exact: true }).click();
    await office.getByLabel('Name', { exact: true }).fill('Bench');
    await office.keyboard.press('Enter');
    await expect(office.getByRole('row', { name: /Bench/ })).toBeVisible();
    expect(await findings(office)).toEqual([]);

    await office.getByRole('link', { name: 'Today', exact: true }).click();
    await office.getByRole('link', { name: /^Add the people who record time/ }).click();
    await office.getByRole('link', { name: 'Add person' }).click();
    expect(await findings(office)).toEqual([]);
    await addPerson(office, 'Odhran Reef', '', false);
    await addPerson(office, 'Maeve Skerry', 'Odhran Reef', true);
    // Two more come from a spreadsheet, of whom one is mistyped at first.
    await office.getByRole('link', { name: 'From a spreadsheet' }).click();
    const rows = office.getByLabel('Rows');
    await rows.fill(
        'Name\tEmail\tTeam\tLine manager\tRole\nFinn Marram\tfinn.skerry.example\tBench\tOdhran Reef\tFitter\nAilbhe Strand\tailbhe@skerry.example\tBench\tFinn Marram\tFitter',
    );
    await office.getByRole('button', { name: 'Add 2 people' }).click();
    await expect(office.getByRole('alert')).toContainText('Nobody was added');
    expect(await findings(office)).toEqual([]);
    // Corrected where it is wrong; a row too many is removed.
    const address = office.getByRole('gridcell', { name: 'Email address, row 1: finn.skerry.example' });
    await expect(address).toHaveAttribute('aria-invalid', 'true');
    await address.click();
    await office.keyboard.type('finn@skerry.example');
    await office.keyboard.press('Enter');
    await expect(office.getByRole('gridcell', { name: 'Email address, row 1: finn@skerry.example' })).toBeVisible();
    await paste(office, 'two@skerry.example\nthree@skerry.example');
    await expect(office.getByRole('button', { name: 'Add 3 people' })).toBeVisible();
    await office.keyboard.press('Control+z');
    await office.getByRole('button', { name: 'Add 2 people' }).click();
    // A role that there is not yet is added with them, once that is agreed to.
    await office.getByRole('checkbox', { name: 'Also add role “Fitter”' }).check();
    await office.getByRole('button', { name: 'Add 2 people' }).click();
    await expect(notices(office).getByText('2 people are added.')).toBeVisible();
    await expect(office.getByText('5 people work here.')).toBeVisible();
    await expect(office.getByRole('row', { name: /Finn Marram.*Fitter.*15 Jun 2026/ })).toBeVisible();
    await office.getByRole('checkbox', { name: 'Choose Finn Marram' }).check();
    await office.getByRole('checkbox', { name: 'Choose Ailbhe Strand' }).check();
    await choose(office, 'Field', 'Line manager');
    await pick(office, 'New value', 'nora', 'Nora Vane');
    await office.getByRole('button', { name: 'Save line manager' }).click();
    await expect(notices(office).getByText('2 people have changed.')).toBeVisible();
    await expect(office.getByRole('row', { name: /Ailbhe Strand.*Nora Vane/ })).toBeVisible();
    expect(await findings(office)).toEqual([]);

    await office.getByRole('link', { name: 'Clients', exact: true }).click();
    await office.getByLabel('Name', { exact: true }).fill('Harbour Board');
    await office.keyboard.press('Enter');
    await expect(notices(office).getByText('Harbour Board is added.')).toBeVisible();

    await office.getByRole('link', { name: 'Today', exact: true }).click();
    await office.getByRole('link', { name: /^Create a project/ }).click();
    await office.getByLabel('Project name', { exact: true }).fill('Tide gauges');
    await pick(office, 'Client', 'harb', 'Harbour Board');
    await office.getByRole('button', { name: 'Create project' }).click();
    await office.getByRole('button', { name: 'Add task…' }).click();
    await expect(office.getByLabel('Task', { exact: true })).toBeFocused();
    for (const typed of ['Calibrate gauges', '', 'Maeve Skerry', '24']) {
        await office.keyboard.type(typed);
        await office.keyboard.press('Tab');
    }
    await office.getByRole('textbox', { name: 'First day' }).fill('2026-06-15');
    await office.getByRole('textbox', { name: 'Last day' }).fill('2026-06-26');
    await office.keyboard.press('Enter');
    await expect(office.getByText(/^One task, 24\sh planned/)).toBeVisible();

    await office.goto('/office/accounts');
    await office.getByRole('button', { name: 'Invite: Maeve Skerry' }).click();
    await expect(notices(office).getByText('One person is being invited by email.')).toBeVisible();
    await expect(async () => {
        await office.goto('/outbox?search=maeve');
        await office.getByRole('link', { name: /Your account at Moss Week/ }).click({ timeout: 2000 });
    }).toPass();
    const invitation = await office.frameLocator('iframe').getByRole('link', { name: 'Choose a password' }).getAttribute('href');

    const member = await (await browser.newContext({ baseURL: base })).newPage();
    await member.goto(invitation ?? '');
    await member.getByLabel('Password', { exact: true }).fill('eleven otters asleep');
    await member.getByRole('button', { name: 'Save password and sign in' }).click();
    await member.waitForURL(/\/week\/2026-W25$/);
    await goTo(member, 'Calibrate gauges', 'Wednesday 17 June');
    await member.keyboard.type('7.5');
    await member.keyboard.press('Enter');
    await expect(cell(member, 'Calibrate gauges', 'Wednesday 17 June')).toHaveAccessibleName(/: 7\.5, draft$/);
    await member.keyboard.press('Control+Enter');
    // What goes is added up a moment later, and moves the button.
    await expect(member.getByRole('row', { name: /^To Nora Vane/ })).toBeVisible();
    await member.getByRole('button', { name: /^Submit \d/ }).click();
    await expect(notices(member).getByText(/h submitted\./)).toBeVisible();

    // The office manages the project that it made.
    await office.goto('/review');
    await arrived(office);
    await office
        .getByRole('region', { name: /^Maeve Skerry/ })
        .getByRole('rowheader')
        .first()
        .focus();
    await office.keyboard.press('a');
    await expect(notices(office).getByText(/^Approved: /)).toBeVisible();
    await member.reload();
    await expect(cell(member, 'Calibrate gauges', 'Wednesday 17 June')).toHaveAccessibleName(/: 7\.5, approved$/);
    await office.goto('/office');
    await arrived(office);
    await expect(office.getByRole('heading', { name: 'Until the first week is recorded' })).toBeHidden();
});
