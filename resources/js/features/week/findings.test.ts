import type { FindingProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { isAbout, lettersOf, marksOf, wordOn } from './findings';

function finding(
    rule: string,
    level: FindingProps['level'],
    line: string | null = null,
    date: string | null = null,
): FindingProps {
    return { rule, level, line, date, what: rule, cure: '', word: '' };
}

describe('marks of findings', () => {
    it('gives letters to what blocks or asks, where it stands', () => {
        const findings = [
            finding('blocked', 'blocks', '7:', '2026-06-16'),
            finding('asked', 'asks', '7:', '2026-06-16'),
            finding('mentioned', 'mentions', '8:', '2026-06-16'),
            finding('of the day', 'asks', null, '2026-06-17'),
            finding('of the line', 'asks', '8:'),
            finding('of the week', 'asks'),
        ];

        expect(marksOf(findings)).toEqual({
            cells: { '7: 2026-06-16': 'ab' },
            days: { '2026-06-17': 'c', '': 'e' },
            lines: { '8:': 'd' },
        });
    });

    it('begins again after z', () => {
        const many = Array.from({ length: 27 }, (_, index) => finding(`rule ${index}`, 'asks'));

        expect([...lettersOf(many).values()].slice(25)).toEqual(['z', 'a']);
    });
});

describe('what a finding is about', () => {
    const here = { line: '7:2', date: '2026-06-16' };
    it.each([
        ['the cell', finding('x', 'asks', '7:2', '2026-06-16'), true],
        ['its line', finding('x', 'asks', '7:2'), true],
        ['its day', finding('x', 'asks', null, '2026-06-16'), true],
        ['another day of the line', finding('x', 'asks', '7:2', '2026-06-17'), false],
        ['the same task in another role', finding('x', 'asks', '7:', '2026-06-16'), false],
        ['the week', finding('x', 'asks'), false],
    ])('%s', (_, found, expected) => {
        expect(isAbout(found, here)).toBe(expected);
        expect(isAbout(found, null)).toBe(false);
    });

    it('says task and role to the server', () => {
        expect(wordOn(finding('x', 'asks', '7:2', '2026-06-16'), 'Storm')).toEqual({
            rule: 'x',
            task: 7,
            role: 2,
            date: '2026-06-16',
            word: 'Storm',
        });
        expect(wordOn(finding('x', 'asks', '7:'), '')).toMatchObject({ task: 7, role: null, date: null });
        expect(wordOn(finding('x', 'asks'), '')).toMatchObject({ task: null, role: null });
    });
});
