import { describe, expect, it } from 'vitest';
import { dateOf, isoOf } from './calendarDays';

describe('days of the calendar', () => {
    it.each(['2026-01-01', '2026-03-29', '2026-06-17', '2026-10-25', '2028-02-29', '2026-12-31'])('%s comes back', (day) => {
        expect(isoOf(dateOf(day))).toBe(day);
    });

    it('counts on from day to day over every change of the clock', () => {
        const date = dateOf('2026-01-01');
        const seen = new Set<string>();
        for (let count = 0; count < 365; count += 1) {
            seen.add(isoOf(date));
            date.setDate(date.getDate() + 1);
        }

        expect(seen.size).toBe(365);
        expect(isoOf(date)).toBe('2027-01-01');
    });
});
