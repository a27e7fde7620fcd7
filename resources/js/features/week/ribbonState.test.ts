import type { RibbonWeekProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { totals } from './fixtures';
import { ribbonState, withTotals } from './ribbonState';

const week: RibbonWeekProps = {
    week: '2026-W24',
    monday: '2026-06-08',
    expected: 2400,
    draft: 0,
    submitted: 0,
    returned: 0,
    approved: 0,
    isThisWeek: false,
};

describe('what a week of the ribbon says first', () => {
    it.each([
        ['something returned', { submitted: 2000, returned: 400 }, { kind: 'returned' }],
        ['hours missing', { submitted: 2000 }, { kind: 'missing', minutes: 400 }],
        ['a draft', { draft: 400, approved: 2000 }, { kind: 'draft' }],
        ['submitted', { submitted: 2400 }, { kind: 'submitted' }],
        ['partly approved', { submitted: 400, approved: 2000 }, { kind: 'mixed' }],
        ['approved', { approved: 2460 }, { kind: 'approved' }],
        ['nothing expected', { expected: 0 }, { kind: 'none' }],
        ['everything missing', {}, { kind: 'missing', minutes: 2400 }],
    ])('%s', (_, sums, expected) => {
        expect(ribbonState({ ...week, ...sums }, '2026-W25')).toEqual(expected);
    });

    it('misses nothing in this week or a later one', () => {
        expect(ribbonState({ ...week, draft: 60 }, '2026-W24')).toEqual({ kind: 'draft' });
        expect(ribbonState({ ...week, week: '2026-W30' }, '2026-W24')).toEqual({ kind: 'open' });
    });

    it('has the sums that its sheet has come to since', () => {
        const since = { ...totals, states: { draft: 60, approved: 30, settled: 15 } };
        const week = {
            week: '2026-W25',
            monday: '2026-06-15',
            expected: 480,
            draft: 0,
            submitted: 9,
            returned: 0,
            approved: 0,
            isThisWeek: true,
        };
        expect(withTotals(week, since)).toEqual({ ...week, draft: 60, submitted: 0, returned: 0, approved: 45 });
    });
});
