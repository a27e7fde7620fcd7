import { describe, expect, it } from 'vitest';
import { later, lengthOf, loadAddress, moved, type LoadAsked } from './loadAddress';

const asked: LoadAsked = {
    unit: 'week',
    from: '2026-10-19',
    to: '2026-11-01',
    sort: 'over',
    people: [],
    teams: [{ code: 'field', name: 'Field' }],
    roles: [],
    need: '',
    page: 1,
};

describe('the address of a load', () => {
    it('says whose, over which days, and who is opened', () => {
        expect(loadAddress({ ...asked, unit: 'day', sort: 'name', need: '20', page: 2 }, 'ada')).toBe(
            '/load?unit=day&from=2026-10-19&to=2026-11-01&sort=name&team=field&need=20&page=2&open=ada',
        );
        expect(loadAddress({ ...asked, from: '', to: '' })).toBe('/load?team=field');
    });

    it('moves by days, whatever the clocks do', () => {
        expect(later('2026-10-24', 2)).toBe('2026-10-26');
        expect(later('2026-03-01', -1)).toBe('2026-02-28');
        expect(lengthOf(asked)).toBe(14);
        const next = moved({ ...asked, page: 4 }, lengthOf(asked));
        expect([next.from, next.to, next.page]).toEqual(['2026-11-02', '2026-11-15', 1]);
    });
});
