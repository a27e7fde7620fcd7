// @vitest-environment happy-dom
import { beforeEach, describe, expect, it, vi } from 'vitest';

/** As on a page that was made on a day. */
async function daysOn(today: string) {
    vi.resetModules();
    Object.assign(document.documentElement.dataset, { locale: 'en-GB', today });

    return import('./days');
}

describe('days in a sentence', () => {
    beforeEach(() => {
        vi.stubEnv('TZ', 'UTC');
    });

    it('go without the year that it is', async () => {
        const { shortDay, span, instant } = await daysOn('2026-06-17');

        expect(shortDay('2026-06-15')).toMatch(/^Mon,? 15 Jun$/);
        expect(span('2026-06-15', '2026-06-21')).toMatch(/^15\s?–\s?21 Jun$/);
        expect(instant('2026-06-15T12:04:00Z')).toMatch(/^15 Jun, \d\d:04$/);
    });

    it('have the year that it is not', async () => {
        const { shortDay, span, instant } = await daysOn('2027-01-04');

        // As it stands without its year.
        expect(shortDay('2026-06-15').replace('Mon', 'Fri')).toBe(shortDay('2027-01-15').replace('15 Jan', '15 Jun 2026'));
        expect(span('2026-06-15', '2026-06-21')).toMatch(/^15\s?–\s?21 Jun 2026$/);
        expect(span('2026-12-28', '2027-01-03')).toMatch(/^28 Dec 2026\s?–\s?3 Jan 2027$/);
        expect(instant('2026-06-15T12:04:00Z')).toMatch(/^15 Jun 2026, \d\d:04$/);
    });
});
