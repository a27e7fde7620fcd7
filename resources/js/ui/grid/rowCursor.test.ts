import { describe, expect, it } from 'vitest';
import { cellCursor, rowCursor } from './rowCursor';

const single = { place: { row: 1, column: 2 }, block: { top: 1, bottom: 1, left: 2, right: 2 }, hasBlock: false };

describe('the cursor in a row', () => {
    it('is nothing in a row that one is not on', () => {
        expect(rowCursor(single, null, 0)).toBeNull();
    });

    it('is the column that one is on', () => {
        expect(rowCursor(single, null, 1)).toEqual({ here: 2, selected: null, typing: null });
    });

    it('is what is selected, in each row of the block', () => {
        const block = { place: { row: 2, column: 3 }, block: { top: 1, bottom: 2, left: 1, right: 3 }, hasBlock: true };
        expect(rowCursor(block, null, 1)).toEqual({ here: null, selected: { left: 1, right: 3 }, typing: null });
        expect(rowCursor(block, null, 2)?.here).toBe(3);
        expect(rowCursor(block, null, 3)).toBeNull();
    });

    it('is what is typed, also after one has gone elsewhere', () => {
        const typing = { row: 0, column: 4, first: '7' };
        expect(rowCursor(single, typing, 0)).toEqual({ here: null, selected: null, typing });
    });

    it('reaches into the cells that it is about, and into no other', () => {
        const cursor = { here: 3, selected: { left: 1, right: 3 }, typing: { row: 2, column: 3, first: '7' } };
        expect([0, 1, 2, 3, 4].map((column) => cellCursor(cursor, column).isSelected)).toEqual([false, true, true, true, false]);
        expect(cellCursor(cursor, 3)).toEqual({ isHere: true, isSelected: true, typed: '7' });
        expect(cellCursor(cursor, 2).typed).toBeNull();
        expect(cellCursor(null, 2)).toEqual({ isHere: false, isSelected: false, typed: null });
    });
});
