import { describe, expect, it } from 'vitest';
import { blockBetween, ditto, filledDown, filledRight, isIn, isSingle, pasted, placesOf, tableIn, textOf } from './block';

const size = { rows: 3, columns: 7 };
const valueAt = (row: number, column: number) => `${row}${column}`;
const at = (top: number, left: number, bottom = top, right = left) => ({ top, left, bottom, right });

describe('a block', () => {
    it('runs between two places, whichever was first', () => {
        expect(blockBetween({ row: 2, column: 1 }, { row: 0, column: 3 })).toEqual(at(0, 1, 2, 3));
        expect([isIn(at(0, 1, 2, 3), 2, 3), isIn(at(0, 1, 2, 3), 2, 4)]).toEqual([true, false]);
        expect([isSingle(at(1, 1)), isSingle(at(1, 1, 1, 2))]).toEqual([true, false]);
        expect(placesOf(at(0, 0, 1, 1))).toHaveLength(4);
    });

    it('is copied as tab-separated text', () => {
        expect(textOf(at(0, 0, 1, 1), valueAt)).toBe('00\t01\n10\t11');
    });

    it.each([
        [
            '1\t2\n3\t4',
            [
                ['1', '2'],
                ['3', '4'],
            ],
        ],
        [
            '1\t2\r\n3\t4\r\n',
            [
                ['1', '2'],
                ['3', '4'],
            ],
        ],
        ['8', [['8']]],
        ['"1\t2"\t3', [['1 2', '3']]],
        ['"say ""8"""\t8', [['say "8"', '8']]],
        ['\t5', [['', '5']]],
    ])('reads %j', (text, table) => {
        expect(tableIn(text)).toEqual(table);
    });

    it('takes several values from its corner on, and one everywhere', () => {
        expect(pasted('1\t2', at(1, 1), size).filled).toEqual([
            { row: 1, column: 1, value: '1' },
            { row: 1, column: 2, value: '2' },
        ]);
        expect(pasted('4', at(0, 0, 1, 1), size).filled).toHaveLength(4);
    });

    it('counts what falls outside the grid, blanks aside', () => {
        expect(pasted('1\t2\t\n3\t4\t5', at(2, 6), size)).toEqual({ filled: [{ row: 2, column: 6, value: '1' }], outside: 4 });
    });

    it('fills right: the block, or from one cell the days that are worked on', () => {
        const worksOn = (column: number) => column < 5;
        expect(filledRight(at(0, 0, 0, 2), valueAt, worksOn, size).map(({ column, value }) => [column, value])).toEqual([
            [1, '00'],
            [2, '00'],
        ]);
        expect(filledRight(at(0, 2), valueAt, worksOn, size).map(({ column }) => column)).toEqual([3, 4]);
        expect(filledRight(at(0, 6), valueAt, worksOn, size)).toEqual([]);
    });

    it('fills down: the block, or one row from the one above', () => {
        expect(filledDown(at(0, 0, 2, 0), valueAt).map(({ row, value }) => [row, value])).toEqual([
            [1, '00'],
            [2, '00'],
        ]);
        expect(filledDown(at(2, 3), valueAt)).toEqual([{ row: 2, column: 3, value: '13' }]);
        expect(filledDown(at(0, 3), valueAt)).toEqual([]);
    });

    it('takes the day before, which Monday has not', () => {
        expect(ditto(at(1, 2), valueAt)).toEqual([{ row: 1, column: 2, value: '11' }]);
        expect(ditto(at(1, 0), valueAt)).toEqual([]);
    });
});
