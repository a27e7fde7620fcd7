import { describe, expect, it } from 'vitest';
import { monthCommandFor } from './monthKeys';

const place = { row: 1, column: 2 };
const size = { rows: 3, columns: 30 };

function press(key: string, held: Partial<Record<'ctrlKey' | 'altKey' | 'shiftKey', boolean>> = {}) {
    return monthCommandFor({ key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...held }, place, size);
}

describe('keys on a timesheet of many days', () => {
    it.each([
        ['ArrowRight', { kind: 'move', to: { row: 1, column: 3 }, extends: false }],
        ['End', { kind: 'move', to: { row: 1, column: 29 }, extends: false }],
        ['4', { kind: 'edit', first: '4' }],
        ['½', { kind: 'edit', first: '½' }],
        ['Enter', { kind: 'edit', first: null }],
        ['Delete', { kind: 'clear' }],
        ['Escape', { kind: 'cancel' }],
        ['f', { kind: 'fill' }],
        ['q', null],
    ])('%s', (key, command) => {
        expect(press(key)).toEqual(command);
    });

    it('with Control, submits and undoes', () => {
        expect(press('Enter', { ctrlKey: true })).toEqual({ kind: 'submit' });
        expect(press('z', { ctrlKey: true })).toEqual({ kind: 'undo' });
        expect(press('Z', { ctrlKey: true, shiftKey: true })).toEqual({ kind: 'redo' });
        expect(press('f', { ctrlKey: true })).toBeNull();
        expect(press('4', { altKey: true })).toBeNull();
    });
});
