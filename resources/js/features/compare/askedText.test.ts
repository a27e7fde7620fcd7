import type { AskedProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { notUnderstood, understoodText } from './askedText';

const asked: AskedProps = {
    address: 'by=client',
    by: 'client',
    then: null,
    across: 'month',
    period: 'last-quarter',
    first: '2026-01-01',
    last: '2026-03-31',
    names: ['Lights and coast'],
    internal: '',
    billable: 'no',
    withPending: true,
    tolerance: 10,
    measures: ['planned', 'actual'],
    notOffered: [],
    unknown: [],
    several: [],
    meanings: [],
};

describe('what was understood of a question in words', () => {
    it('is one sentence', () => {
        expect(understoodText(asked)).toBe(
            'by client, month; last quarter (1 Jan\u2009–\u200931 Mar); Lights and coast; not billable; pending time counted; on track within 10\u00A0%; planned, actual',
        );
        expect(notUnderstood(asked)).toEqual([]);
    });

    it('says what was not', () => {
        expect(
            notUnderstood({
                ...asked,
                unknown: ['zzz', 'yyy'],
                several: ['lens'],
                meanings: ['Lens refit, Lens survey'],
                notOffered: ['cost'],
            }),
        ).toEqual([
            'Not understood: “zzz yyy”.',
            '“lens” may mean Lens refit, Lens survey. Type more of it.',
            'You may not see cost.',
        ]);
    });
});
