import { describe, expect, it } from 'vitest';
import { compareAddress, compareFile, lookedInto, savedText, type Question } from './compareAddress';

const usual: Question = {
    by: 'project',
    then: null,
    across: null,
    period: 'this-quarter',
    from: '2026-04-01',
    to: '2026-06-30',
    narrowed: { project: [], person: [], team: [], client: [], manager: [], role: [], 'charge-code': [] },
    field: null,
    fieldValues: [],
    ownFields: [],
    internal: '',
    billable: '',
    withPending: false,
    tolerance: 10,
    sort: 'attention',
    withLines: false,
    measures: ['planned', 'planned-to-date', 'actual', 'pending', 'difference'],
    page: 1,
    saved: null,
};

describe('the address of a comparison', () => {
    it('leaves out what is usual', () => {
        expect(compareAddress(usual)).toBe('/compare');
    });

    it('says everything else, codes in one list', () => {
        const team = [
            { code: 'field', name: 'Field' },
            { code: 'a.b', name: 'A b' },
        ];
        const asked: Question = {
            ...usual,
            by: 'client',
            then: 'role',
            across: 'month',
            period: 'last-year',
            narrowed: { ...usual.narrowed, team },
            internal: 'out',
            withPending: true,
            tolerance: 0,
            billable: 'no',
            sort: 'cost',
            withLines: true,
            measures: ['actual', 'cost'],
            page: 2,
            saved: 7,
        };
        expect(compareAddress(asked)).toBe(
            '/compare?by=client&then=role&across=month&period=last-year&team=field%2Ca.b&internal=out&billable=no&pending=in&tolerance=0&sort=cost&draw=lines&show=actual%2Ccost&page=2&saved=7',
        );
    });

    it('is saved without the page and where it began', () => {
        expect(savedText({ ...usual, by: 'team', page: 3, saved: 7 })).toBe('by=team');
        expect(savedText(usual)).toBe('');
    });

    it('names fixed days, the opened figure, and the file', () => {
        expect(compareAddress({ ...usual, period: '' }, { figure: 'actual', group: 'LENS', at: '2026-06' })).toBe(
            '/compare?from=2026-04-01&to=2026-06-30&figure=actual&group=LENS&at=2026-06',
        );
        expect(compareFile({ ...usual, period: '' }, 'csv')).toBe('/compare.csv?from=2026-04-01&to=2026-06-30');
    });
});

describe('looking into a group', () => {
    it('narrows to it and groups by what it is made of', () => {
        const found = lookedInto({ ...usual, page: 3 }, { code: 'LENS', name: 'Lens refit' });
        expect(found?.narrowed.project).toEqual([{ code: 'LENS', name: 'Lens refit' }]);
        expect([found?.by, found?.page]).toEqual(['task', 1]);
        expect(lookedInto({ ...usual, then: 'role' }, { code: 'LENS', name: 'Lens refit' })?.by).toBe('role');
    });

    it('is not offered where there is nothing to narrow to', () => {
        expect(lookedInto({ ...usual, by: 'phase' }, { code: 'LENS/Refit', name: 'Refit' })).toBeNull();
        expect(lookedInto({ ...usual, by: 'client' }, { code: '-', name: '-' })).toBeNull();
    });
});
