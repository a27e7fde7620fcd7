import { describe, expect, it } from 'vitest';
import { afterTyping, movedBy, startsTyping } from './moves';

const size = { rows: 3, columns: 7 };
const key = (name: string, modifiers: { ctrlKey?: boolean; shiftKey?: boolean } = {}) => ({
    key: name,
    ctrlKey: false,
    metaKey: false,
    shiftKey: false,
    ...modifiers,
});

describe('moving in the grid', () => {
    it.each([
        ['ArrowUp', {}, { row: 0, column: 2 }],
        ['ArrowDown', {}, { row: 2, column: 2 }],
        ['ArrowLeft', {}, { row: 1, column: 1 }],
        ['ArrowRight', {}, { row: 1, column: 3 }],
        ['Home', {}, { row: 1, column: 0 }],
        ['End', {}, { row: 1, column: 6 }],
        ['Home', { ctrlKey: true }, { row: 0, column: 0 }],
        ['End', { ctrlKey: true }, { row: 2, column: 6 }],
        ['ArrowDown', { ctrlKey: true }, { row: 2, column: 2 }],
        ['ArrowRight', { ctrlKey: true }, { row: 1, column: 6 }],
    ])('%s %o', (name, modifiers, expected) => {
        expect(movedBy(key(name, modifiers), { row: 1, column: 2 }, size)).toEqual(expected);
    });

    it('stays inside', () => {
        expect(movedBy(key('ArrowUp'), { row: 0, column: 0 }, size)).toEqual({ row: 0, column: 0 });
        expect(movedBy(key('ArrowRight'), { row: 2, column: 6 }, size)).toEqual({ row: 2, column: 6 });
        expect(movedBy(key('x'), { row: 0, column: 0 }, size)).toBeNull();
    });

    it('goes down with Enter, on with Tab, and back with Shift', () => {
        expect(afterTyping(key('Enter'), { row: 1, column: 2 }, size)).toEqual({ row: 2, column: 2 });
        expect(afterTyping(key('Enter', { shiftKey: true }), { row: 1, column: 2 }, size)).toEqual({ row: 0, column: 2 });
        expect(afterTyping(key('Tab'), { row: 1, column: 6 }, size)).toEqual({ row: 2, column: 0 });
        expect(afterTyping(key('Tab', { shiftKey: true }), { row: 1, column: 0 }, size)).toEqual({ row: 0, column: 6 });
    });

    it('lets Tab out at both ends of the grid', () => {
        expect(afterTyping(key('Tab'), { row: 2, column: 6 }, size)).toBeNull();
        expect(afterTyping(key('Tab', { shiftKey: true }), { row: 0, column: 0 }, size)).toBeNull();
        expect(afterTyping(key('a'), { row: 0, column: 0 }, size)).toBeNull();
    });

    it('starts a value with a digit, point, comma or colon only', () => {
        expect(['1', '.', ',', ':'].every((name) => startsTyping(key(name)))).toBe(true);
        expect(['a', '/', '?', 'Enter'].some((name) => startsTyping(key(name)))).toBe(false);
        expect(startsTyping(key('1', { ctrlKey: true }))).toBe(false);
    });
});
