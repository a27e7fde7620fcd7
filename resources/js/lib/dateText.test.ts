import { describe, expect, it } from 'vitest';
import { readDate } from './dateText';

describe('a date as it is typed, on Wednesday 17 June 2026', () => {
    const today = '2026-06-17';

    it.each([
        ['2026-11-28', '2026-11-28'],
        ['28 nov', '2026-11-28'],
        ['28nov', '2026-11-28'],
        ['28 November 2027', '2027-11-28'],
        ['nov 28, 2026', '2026-11-28'],
        ['28 Nov 26', '2026-11-28'],
        ['28/11', '2026-11-28'],
        ['28.11.', '2026-11-28'],
        ['1/2/27', '2027-02-01'],
        ['1/2', '2026-02-01'],
        // The nearest, also across the turn of a year.
        ['20 dec', '2025-12-20'],
        ['wed', '2026-06-17'],
        ['fri', '2026-06-19'],
        ['tuesday', '2026-06-23'],
        ['+3', '2026-06-20'],
        ['-17', '2026-05-31'],
        ['+0', '2026-06-17'],
        ['29 feb 2028', '2028-02-29'],
        ['29 feb 2027', null],
        ['31/4', null],
        ['2026-13-01', null],
        ['ju', null],
        ['j', null],
        ['t', null],
        ['soon', null],
        ['28 xyz', null],
        ['', null],
        ['99/99', null],
    ])('%s', (typed, expected) => {
        expect(readDate(typed, today, 'en-GB')).toBe(expected);
    });

    it.each([
        ['en-US', '11/28', '2026-11-28'],
        ['en-US', '1.7.2026', '2026-07-01'],
        ['de-DE', '28.11.2026', '2026-11-28'],
        ['de-DE', '3. März', '2026-03-03'],
        ['de-DE', '3 mrz', null],
        ['fr-FR', '14 fév', '2026-02-14'],
        ['fr-FR', '14 aout', '2026-08-14'],
        ['fr-FR', 'ven', '2026-06-19'],
        ['el-GR', '28 Νοε', '2026-11-28'],
        ['el-GR', '28 nov', '2026-11-28'],
    ])('in %s, %s', (locale, typed, expected) => {
        expect(readDate(typed, today, locale)).toBe(expected);
    });
});
