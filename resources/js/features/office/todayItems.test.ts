import type { TodayProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { todayItems } from './todayItems';

const quiet: TodayProps = {
    entries: 0,
    corrections: 0,
    expenses: 0,
    leave: 0,
    estimates: 0,
    estimatesSince: null,
    unrated: 0,
    period: null,
    failed: 0,
    undelivered: 0,
    failing: [],
    steps: [],
    settings: [],
};
const week = { week: '2026-W24', number: 24, missing: 3, people: 11, isOverdue: false };

describe('what needs the time office', () => {
    it('is nothing on a quiet day', () => {
        expect(todayItems(quiet, { ...week, missing: 0 })).toEqual([]);
        expect(todayItems(quiet, null)).toEqual([]);
    });

    it('leads to where each is dealt with', () => {
        const items = todayItems(
            { ...quiet, entries: 2, estimates: 1, estimatesSince: '2026-06-10', period: { until: '2026-05-31', open: 4 } },
            week,
        );

        expect(items.map(({ href }) => href)).toEqual([
            '/not-submitted?week=2026-W24',
            '/review',
            '/office/periods?day=2026-05-31',
            '/projects?only=estimates+waiting',
        ]);
    });

    it('counts all that waits for the reader', () => {
        const whats = (today: Partial<TodayProps>) => todayItems({ ...quiet, ...today }, null).map(({ what }) => what);

        expect(whats({ expenses: 1 })).toEqual(['One expense is waiting for your decision.']);
        expect(whats({ entries: 2, corrections: 1, expenses: 3, leave: 2 })).toEqual([
            '2 entries, one correction and 3 expenses are waiting for your decision.',
            '2 leave requests are waiting for your decision.',
        ]);
    });

    it('says what has stopped, since when, and has failed jobs tried again', () => {
        const items = todayItems(
            {
                ...quiet,
                failed: 2,
                failing: [
                    { check: 'scheduler', lastSeen: '2026-06-12T10:03:00Z' },
                    { check: 'backup', lastSeen: null },
                ],
            },
            null,
        );

        expect(items.map(({ what }) => what)).toEqual([
            expect.stringMatching(/^Nothing scheduled has run since 12 Jun/),
            'There is no backup yet.',
            '2 background jobs failed.',
        ]);
        expect(items[2]).toMatchObject({ href: '/office/failed-jobs/retries', method: 'post', act: 'Try again' });
    });

    it('puts what is late first', () => {
        const items = todayItems({ ...quiet, corrections: 1, unrated: 2, failed: 1 }, { ...week, isOverdue: true });

        expect(items.map(({ isUrgent }) => isUrgent)).toEqual([true, true, true, false]);
        expect(items[0]?.href).toBe('/not-submitted?week=2026-W24');
    });
});
