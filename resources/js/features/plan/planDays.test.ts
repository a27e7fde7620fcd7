import { describe, expect, it } from 'vitest';
import { dayFieldsOf, withDays } from './planDays';

const dayFields = dayFieldsOf({
    taskFields: [
        { code: 'handed-over', kind: 'date' },
        { code: 'drawing', kind: 'text' },
    ] as Parameters<typeof dayFieldsOf>[0]['taskFields'],
});
const read = (fields: Record<string, string>, locale = 'en-GB') => withDays(fields, dayFields, '2026-06-17', locale);

describe('days of a plan', () => {
    it.each([
        ['30 Nov', '2026-11-30'],
        ['8/1/27', '2027-01-08'],
        ['17.6.2026', '2026-06-17'],
        ['2026-07-01', '2026-07-01'],
        ['fri', '2026-06-19'],
        ['', ''],
        ['soon', 'soon'],
    ])('%j is sent as %j', (typed, sent) => {
        expect(read({ startsOn: typed, endsOn: typed, 'own:handed-over': typed })).toEqual({
            startsOn: sent,
            endsOn: sent,
            'own:handed-over': sent,
        });
    });

    it('are in the order of the locale', () => {
        expect(read({ startsOn: '8/1/27' }, 'en-US')).toEqual({ startsOn: '2027-08-01' });
    });

    it('are no other field', () => {
        const others = { task: 'May', phase: '3 Jun', planned: '8', 'own:drawing': '17.6.2026' };

        expect(read(others)).toEqual(others);
    });
});
