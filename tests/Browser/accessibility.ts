import type { Page } from '@playwright/test';
import axe from 'axe-core';

const standards = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** Rules for all there is, in the light theme. */
const everything = { type: 'tag' as const, values: [...standards, 'best-practice'] };

/** What is good practice for a page does not apply while a list lies over it, of which the rest is neither read out nor reached. */
const underList = { type: 'tag' as const, values: standards };

/** Another theme changes colours alone. */
const colours = { type: 'rule' as const, values: ['color-contrast'] };

/** What the rules find wrong, a line each; the page has the rules already. */
async function violations(page: Page, rules: axe.RunOnly): Promise<string[]> {
    return page.evaluate(async (runOnly) => {
        // Only what is wrong is of interest, and nothing is loaded for it.
        const found = await axe.run(document, { runOnly, resultTypes: ['violations'], preload: false });

        return found.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' ')}`);
    }, rules);
}

/** What a scan of the page as it is finds wrong, in both themes. */
export async function findings(page: Page, over: 'page' | 'list' = 'page'): Promise<string[]> {
    if (!(await page.evaluate(() => 'axe' in window))) {
        await page.evaluate(axe.source);
    }
    await page.emulateMedia({ colorScheme: 'light' });
    const light = await violations(page, over === 'list' ? underList : everything);
    await page.emulateMedia({ colorScheme: 'dark' });
    const dark = await violations(page, colours);

    return [...light.map((finding) => `light: ${finding}`), ...dark.map((finding) => `dark: ${finding}`)];
}
