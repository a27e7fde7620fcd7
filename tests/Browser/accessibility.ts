import type { Page } from '@playwright/test';
import axe from 'axe-core';

const standards = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** Rules for all there is, in the light theme. */
const everything = { type: 'tag' as const, values: [...standards, 'best-practice'] };

/** What is good practice for a page does not apply while a list lies over it, of which the rest is neither read out nor reached. */
const underList = { type: 'tag' as const, values: standards };

/** Another theme changes colours alone. */
const colours = { type: 'rule' as const, values: ['color-contrast'] };

/**
 * The rules, with what takes them longest made quick: they keep the parts of every colour in weak maps, and read the same
 * few colours thousands of times. What they find is the same.
 */
const rules = `
    (function (WeakMap) {
        ${axe.source}
    })(class {
        #key = Symbol();
        get(owner) { return owner[this.#key]; }
        set(owner, value) { owner[this.#key] = value; return this; }
        has(owner) { return this.#key in owner; }
        delete(owner) { return delete owner[this.#key]; }
    });
    {
        const color = axe.commons.color.Color.prototype;
        const parse = color.parseString;
        const read = new Map();
        color.parseString = function (text) {
            const known = read.get(text);
            if (known !== undefined) {
                return Object.assign(this, known);
            }
            parse.call(this, text);
            read.set(text, { red: this.red, green: this.green, blue: this.blue, alpha: this.alpha });
            return this;
        };
    }`;

/** What the rules find wrong, a line each; the page has the rules already. */
async function violations(page: Page, asked: axe.RunOnly): Promise<string[]> {
    return page.evaluate(async (runOnly) => {
        // Only what is wrong is of interest, and nothing is loaded for it.
        const found = await axe.run(document, { runOnly, resultTypes: ['violations'], preload: false });

        return found.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' ')}`);
    }, asked);
}

/** What a scan of the page as it is finds wrong, in both themes. */
export async function findings(page: Page, over: 'page' | 'list' = 'page'): Promise<string[]> {
    // A page that is still being made has nothing that could be wrong, and no heading.
    await page.locator('h1').first().waitFor({ state: 'attached' });
    if (!(await page.evaluate(() => 'axe' in window))) {
        await page.evaluate(rules);
    }
    await page.emulateMedia({ colorScheme: 'light' });
    const light = await violations(page, over === 'list' ? underList : everything);
    await page.emulateMedia({ colorScheme: 'dark' });
    const dark = await violations(page, colours);

    return [...light.map((finding) => `light: ${finding}`), ...dark.map((finding) => `dark: ${finding}`)];
}
