import { describe, expect, it } from 'vitest';
import { deskCommandFor, movedBy } from './deskKeys';

const plain = { ctrlKey: false, metaKey: false, altKey: false };

describe('keys of the desk', () => {
    it('leaves what it does not know, and what is held with Ctrl, to the browser', () => {
        expect(deskCommandFor({ ...plain, key: 'n' })).toEqual({ kind: 'sheet', by: 1 });
        expect(deskCommandFor({ ...plain, key: 'x' })).toBeNull();
        expect(deskCommandFor({ ...plain, key: 'a', ctrlKey: true })).toBeNull();
    });

    it.each([
        ['ArrowUp', { row: 0, column: 2 }, { row: 0, column: 2 }],
        ['ArrowDown', { row: 0, column: 2 }, { row: 1, column: 2 }],
        ['ArrowDown', { row: 2, column: 2 }, { row: 2, column: 2 }],
        ['ArrowLeft', { row: 0, column: 0 }, { row: 0, column: -1 }],
        ['ArrowLeft', { row: 0, column: -1 }, { row: 0, column: -1 }],
        ['ArrowRight', { row: 0, column: 6 }, { row: 0, column: 6 }],
    ])('%s from %o', (key, from, to) => {
        expect(movedBy(key, from, 3, 7)).toEqual(to);
    });

    it('does not move by other keys', () => {
        expect(movedBy('Enter', { row: 0, column: 0 }, 3, 7)).toBeNull();
    });
});
