import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blockBetween, isIn, isSingle, placesOf, textOf } from './block';

const place = fc.record({ row: fc.nat({ max: 40 }), column: fc.nat({ max: 8 }) });

describe('any block', () => {
    it('has both its corners, whichever was first, and as many places as it is wide and high', () => {
        fc.assert(
            fc.property(place, place, (one, other) => {
                const block = blockBetween(one, other);
                expect(block).toEqual(blockBetween(other, one));
                expect(isIn(block, one.row, one.column) && isIn(block, other.row, other.column)).toBe(true);
                expect(placesOf(block)).toHaveLength((block.bottom - block.top + 1) * (block.right - block.left + 1));
                expect(placesOf(block).every(({ row, column }) => isIn(block, row, column))).toBe(true);
                expect(isSingle(block)).toBe(one.row === other.row && one.column === other.column);
            }),
        );
    });

    it('is read back from its text as it stands', () => {
        fc.assert(
            fc.property(place, place, (one, other) => {
                const block = blockBetween(one, other);
                const valueAt = (row: number, column: number) => `${String(row)}:${String(column)}`;
                const rows = textOf(block, valueAt).split('\n');
                expect(rows).toHaveLength(block.bottom - block.top + 1);
                rows.forEach((line, index) => {
                    const values = line.split('\t');
                    expect(values).toHaveLength(block.right - block.left + 1);
                    expect(values[0]).toBe(valueAt(block.top + index, block.left));
                });
            }),
        );
    });
});
