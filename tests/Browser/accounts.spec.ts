import type { Browser, Page } from '@playwright/test';
import { createHmac } from 'node:crypto';
import { findings } from './accessibility';
import { arrived, cell, goTo, notices, signIn, signOut } from './people';
import { expect, test } from './test';

const PASSWORD = 'seven herons at low water';

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

/** What an app shows that was given a key, as RFC 6238 says; a code that was used is not good again, so the next one can be asked for. */
function codeOf(key: string, stepsLater = 0): string {
    const bits = (key.match(/[A-Z2-7]/g) ?? []).map((letter) => ALPHABET.indexOf(letter).toString(2).padStart(5, '0')).join('');
    const secret = Buffer.from((bits.match(/.{8}/g) ?? []).map((byte) => parseInt(byte, 2)));
    const moment = Buffer.alloc(8);
    moment.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000) + stepsLater));
    const hash = createHmac('sha1', secret).update(moment).digest();
    const number = hash.readUInt32BE((hash.at(-1) ?? 0) & 15) & 0x7fffffff;

    return String(number % 1_000_000).padStart(6, '0');
}

/** The link in the newest mail to somebody, as the office hands it on where mail stays in the outbox. */
async function invitationOf(office: Page, code: string): Promise<string> {
    await office.goto(`/outbox?search=${code}`);
    await office.getByRole('link', { name: /Your account at Moss Week/ }).click();
    const link = office.frameLocator('iframe').getByRole('link', { name: 'Choose a password' });

    return (await link.getAttribute('href')) ?? '';
}

/** From an invitation to a submitted week, with nothing but what the pages say. */
async function begin(browser: Browser, invitation: string, name: string, isScanned: boolean): Promise<void> {
    const context = await browser.newContext();
    const page = await context.newPage();
    await page.goto(invitation);
    await expect(page.getByText(`For ${name}`)).toBeVisible();
    await page.getByLabel('Password', { exact: true }).fill('short');
    await page.keyboard.press('Enter');
    await expect(page.getByText('at least 12 characters')).toBeVisible();
    if (isScanned) {
        expect(await findings(page)).toEqual([]);
    }
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.getByRole('button', { name: 'Save password and sign in' }).click();

    await page.getByRole('button', { name: `Account: ${name}` }).click();
    await page.getByRole('link', { name: 'Account and sign-in' }).click();
    await arrived(page);
    if (isScanned) {
        expect(await findings(page)).toEqual([]);
    }
    await page.getByRole('link', { name: 'Set up second factor' }).click();
    await expect(page.getByRole('img', { name: 'Code to scan with the app' })).toBeVisible();
    if (isScanned) {
        expect(await findings(page)).toEqual([]);
    }
    const key = (await page.getByText(/^([A-Z2-7]{4} ?){8}$/).innerText()).trim();
    await page.getByLabel('Code', { exact: true }).fill('12');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/This code is not valid/)).toBeVisible();
    await page.getByLabel('Code', { exact: true }).fill(codeOf(key));
    await page.getByRole('button', { name: 'Turn on second factor' }).click();
    const codes = page.getByRole('list', { name: 'Recovery codes' }).getByRole('listitem');
    await expect(codes).toHaveCount(10);
    const recovery = await codes.first().innerText();
    if (isScanned) {
        expect(await findings(page)).toEqual([]);
    }
    await page.getByRole('link', { name: 'I have saved them' }).click();

    await goTo(page, 'Fences', 'Monday 15 June');
    await page.keyboard.type('7.5');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Fences', 'Monday 15 June')).toHaveAccessibleName(/: 7\.5, draft$/);
    await page.keyboard.press('Control+Enter');
    await page.getByRole('button', { name: /^Submit \d/ }).click();
    await expect(notices(page).getByText(/h submitted\./)).toBeVisible();

    await page.getByRole('button', { name: `Account: ${name}` }).click();
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByLabel('Email address').fill(`${name.toLowerCase().replace(' ', '.')}@fenlight.example`);
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Second factor' })).toBeVisible();
    if (isScanned) {
        expect(await findings(page)).toEqual([]);
    }
    // One by their app, the other by a recovery code.
    await page.getByLabel('Code', { exact: true }).fill(isScanned ? codeOf(key, 1) : recovery.toLowerCase());
    await page.keyboard.press('Enter');
    await page.waitForURL(/\/week\/2026-W25$/);
    await expect(cell(page, 'Fences', 'Monday 15 June')).toHaveAccessibleName(/: 7\.5, submitted$/);
    await context.close();
}

test('two people come from an invitation to a submitted week, with a password and a second factor', async ({ browser }) => {
    const office = await (await browser.newContext()).newPage();
    await signIn(office, 'tobin.vale', '/office/accounts?state=no+password');
    await office.getByRole('checkbox', { name: 'Choose Orla Finch' }).check();
    await office.getByRole('checkbox', { name: 'Choose Teague Rowan' }).check();
    await office.getByRole('button', { name: 'Invite 2 people' }).click();
    await expect(notices(office).getByText('2 people are being invited by email.')).toBeVisible();
    expect(await findings(office)).toEqual([]);
    // Mail is sent in the background.
    await expect
        .poll(async () => {
            await office.reload();

            return office.getByRole('row', { name: /(Orla Finch|Teague Rowan).*invited on/ }).count();
        })
        .toBe(2);

    await begin(browser, await invitationOf(office, 'orla.finch'), 'Orla Finch', true);
    await begin(browser, await invitationOf(office, 'teague.rowan'), 'Teague Rowan', false);

    await office.goto('/office/accounts?search=orla');
    await expect(office.getByRole('row', { name: /Orla Finch.*active.*on.*in one browser/ })).toBeVisible();
});

test('people sign in through the identity provider of their organisation, also after its keys have changed', async ({ page }) => {
    const chooseThere = async (name: string) => {
        await page.goto('/sign-in');
        await page.getByRole('button', { name: 'Sign in with Fenlight sign-on' }).click();
        await expect(page.getByRole('heading', { name: 'Simulated identity provider' })).toBeVisible();
        const provider = new URL(page.url()).origin;
        await page.getByRole('button', { name, exact: true }).click();

        return provider;
    };
    const provider = await chooseThere('Another Ines');
    await expect(page.getByRole('alert').getByText(/has not verified your email address/)).toBeVisible();
    await chooseThere('Robin Quill');
    await expect(page.getByRole('alert').getByText(/Nobody here has the email address robin\.quill@/)).toBeVisible();
    await chooseThere('Wilf Garrity');
    await expect(page.getByRole('button', { name: 'Account: Wilf Garrity' })).toBeVisible();
    await page.goto('/account');
    await expect(page.getByRole('row', { name: /this browser.*single sign-on/ })).toBeVisible();

    expect((await page.request.post(`${provider}/keys/change`)).ok()).toBe(true);
    await signOut(page);
    await chooseThere('Wilf Garrity');
    await expect(page.getByRole('button', { name: 'Account: Wilf Garrity' })).toBeVisible();
});

test('a forgotten password is asked for without saying who exists, and a link that is over says so', async ({ page }) => {
    await page.goto('/sign-in');
    await page.getByRole('link', { name: 'Forgotten password?' }).click();
    await expect(page.getByRole('heading', { name: 'Forgotten password' })).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await page.getByLabel('Email address').fill('nobody@fenlight.example');
    await page.getByRole('button', { name: 'Send link' }).click();
    await expect(notices(page).getByText(/If somebody has an account with this email address/)).toBeVisible();
    await page.goto('/password/set/of-long-ago');
    await expect(page.getByText('This link has been used or has expired.')).toBeVisible();
    expect(await findings(page)).toEqual([]);
});

test('another browser is signed out from the account page, on a phone too', async ({ browser }) => {
    const phone = await (await browser.newContext({ viewport: { width: 390, height: 800 } })).newPage();
    const other = await (await browser.newContext()).newPage();
    await signIn(phone, 'wren.octave', '/account');
    await signIn(other, 'wren.octave');
    await phone.reload();
    await phone.getByRole('button', { name: /^End the sign-in of Chrome/ }).click();
    await expect(notices(phone).getByText('That browser has been signed out.')).toBeVisible();
    await other.goto('/week');
    await expect(other.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(other.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
});
