import { describe, expect, it } from 'vitest';
import { explanationOf, findingKey } from './finding';

function finding(week: string, line: string | null, date: string | null) {
    return { week, rule: 'x', severity: 'explanation' as const, line, date, what: '', cure: '', explanation: '' };
}

describe('a finding that is explained', () => {
    it('says week, task and role to the server', () => {
        expect(explanationOf(finding('2026-W25', '7:2', '2026-06-16'), 'Storm')).toEqual({
            week: '2026-W25',
            rule: 'x',
            task: 7,
            role: 2,
            date: '2026-06-16',
            explanation: 'Storm',
        });
        expect(explanationOf(finding('2026-W25', '7:', null), '')).toMatchObject({ task: 7, role: null, date: null });
        expect(explanationOf(finding('2026-W25', null, null), '')).toMatchObject({ task: null, role: null });
    });

    it('is another one in another week', () => {
        expect(findingKey(finding('2026-W25', null, null))).not.toBe(findingKey(finding('2026-W26', null, null)));
    });
});
