import type { FindingProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { isAbout, lettersOf, marksOf } from './findings';

function finding(
    rule: string,
    severity: FindingProps['severity'],
    line: string | null = null,
    date: string | null = null,
): FindingProps {
    return { week: '2026-W25', rule, severity, line, date, what: rule, cure: '', explanation: '' };
}

describe('marks of findings', () => {
    it('gives letters to what blocks or asks, where it stands', () => {
        const findings = [
            finding('blocked', 'blocking', '7:', '2026-06-16'),
            finding('asked', 'explanation', '7:', '2026-06-16'),
            finding('mentioned', 'information', '8:', '2026-06-16'),
            finding('of the day', 'explanation', null, '2026-06-17'),
            finding('of the line', 'explanation', '8:'),
            finding('of the week', 'explanation'),
        ];

        expect(marksOf(findings)).toEqual({
            cells: { '7: 2026-06-16': 'ab' },
            days: { '2026-06-17': 'c', '': 'e' },
            lines: { '8:': 'd' },
        });
    });

    it('begins again after z', () => {
        const many = Array.from({ length: 27 }, (_, index) => finding(`rule ${index}`, 'explanation'));

        expect([...lettersOf(many).values()].slice(25)).toEqual(['z', 'a']);
    });
});

describe('what a finding is about', () => {
    const here = { line: '7:2', date: '2026-06-16' };
    it.each([
        ['the cell', finding('x', 'explanation', '7:2', '2026-06-16'), true],
        ['its line', finding('x', 'explanation', '7:2'), true],
        ['its day', finding('x', 'explanation', null, '2026-06-16'), true],
        ['another day of the line', finding('x', 'explanation', '7:2', '2026-06-17'), false],
        ['the same task in another role', finding('x', 'explanation', '7:', '2026-06-16'), false],
        ['the week', finding('x', 'explanation'), false],
    ])('%s', (_, found, expected) => {
        expect(isAbout(found, here)).toBe(expected);
        expect(isAbout(found, null)).toBe(false);
    });
});
