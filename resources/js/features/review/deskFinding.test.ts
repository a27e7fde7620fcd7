import { describe, expect, it } from 'vitest';
import { deskFinding, isDeskEmpty } from './deskFinding';

const sum = { entries: 0, minutes: 0, needingAttention: 0, attentionMinutes: 0, inOrder: '' };
const nothing = {
    sum,
    correctionCount: 0,
    expenseCount: 0,
    expensesNeedingAttention: 0,
    search: '',
    show: 'all' as const,
};

describe('what waits, in a sentence', () => {
    it.each([
        [{}, 'Nothing is waiting for you.'],
        [{ correctionCount: 2 }, '2 corrections are waiting for you.'],
        [{ expenseCount: 1 }, 'One expense is waiting for you; everything is in order.'],
        [{ expenseCount: 3, expensesNeedingAttention: 1 }, '3 expenses are waiting for you; one needs attention.'],
        [{ sum: { ...sum, entries: 1 } }, '8 h in one entry is waiting for you; everything is in order.'],
        [
            {
                sum: { ...sum, entries: 47, needingAttention: 1 },
                correctionCount: 1,
                expenseCount: 3,
                expensesNeedingAttention: 2,
            },
            '8 h in 47 entries, one correction and 3 expenses are waiting for you; 3 need attention.',
        ],
    ])('%j', (waiting, sentence) => {
        expect(deskFinding({ ...nothing, ...waiting }, '8 h')).toBe(sentence);
    });

    it('does not say that nothing waits where a search leaves nothing', () => {
        expect(deskFinding({ ...nothing, search: 'weir' }, '0 h')).toMatch(/^Nothing matches/);
        expect(isDeskEmpty({ ...nothing, search: 'weir' })).toBe(false);
        expect(isDeskEmpty(nothing)).toBe(true);
    });
});
