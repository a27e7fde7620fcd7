import { describe, expect, it } from 'vitest';
import { planCommandFor } from './planKeys';

const size = { rows: 4, columns: 8 };
const pressed = (key: string, held: Partial<Record<'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey', boolean>> = {}) =>
    planCommandFor({ key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...held }, { row: 1, column: 2 }, size);

describe('keys in the plan', () => {
    it.each([
        ['ArrowDown', {}, { kind: 'move', to: { row: 2, column: 2 }, extends: false }],
        ['a', {}, { kind: 'edit', first: 'a' }],
        ['4', {}, { kind: 'edit', first: '4' }],
        ['F2', {}, { kind: 'edit', first: null }],
        ['Delete', {}, { kind: 'clear' }],
        ['Delete', { ctrlKey: true }, { kind: 'remove' }],
        ['+', {}, { kind: 'add task' }],
        ['Enter', { ctrlKey: true }, { kind: 'add person' }],
        ['d', { metaKey: true }, { kind: 'by day' }],
        ['z', { ctrlKey: true }, { kind: 'undo' }],
        ['Z', { ctrlKey: true, shiftKey: true }, { kind: 'redo' }],
        ['v', { ctrlKey: true }, null],
        ['Tab', {}, null],
        ['?', {}, null],
        ['ArrowUp', { altKey: true }, null],
    ] as const)('%s %j asks %j', (key, held, command) => {
        expect(pressed(key, held)).toEqual(command);
    });
});
