import { describe, expect, it } from 'vitest';
import { cellsIn } from '@/lib/pastedRows';
import { pastedLines } from './pastedLines';

describe('text from a spreadsheet', () => {
    it.each([
        [
            'a\tb\nc\td',
            [
                ['a', 'b'],
                ['c', 'd'],
            ],
        ],
        ['a\tb\r\n', [['a', 'b']]],
        ['\n\n  \t\n', []],
        ['"two\nlines"\tx', [['two\nlines', 'x']]],
        ['"say ""so"""\ty', [['say "so"', 'y']]],
        ['3" pipe', [['3" pipe']]],
        ['', []],
    ])('%j has its cells', (text, cells) => {
        expect(cellsIn(text)).toEqual(cells);
    });

    it('is read in the order of the table', () => {
        expect(pastedLines('Making\tCast\tCAST\tada\tsenior\t40\t900\t2026-07-01\t2026-07-31\tB1')).toEqual([
            {
                phase: 'Making',
                task: 'Cast',
                code: 'CAST',
                who: 'ada',
                role: 'senior',
                planned: '40',
                budget: '900',
                startsOn: '2026-07-01',
                endsOn: '2026-07-31',
                chargeCode: 'B1',
            },
        ]);
    });

    it('is read by its headings, where it has them', () => {
        expect(pastedLines('Task\tHours\tPerson\nCast\t40\t\n\t8\tada')).toEqual([
            { task: 'Cast', planned: '40' },
            { planned: '8', who: 'ada' },
        ]);
    });

    it('takes a first row that is not all headings for a line', () => {
        expect(pastedLines('Task\tCast the bell')).toEqual([{ phase: 'Task', task: 'Cast the bell' }]);
    });
});
