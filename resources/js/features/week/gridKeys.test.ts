import { describe, expect, it } from 'vitest';
import { commandFor, type Command } from './gridKeys';

const none = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };
const asked = (key: string, held: Partial<typeof none> = {}, hasBlock = false) =>
    commandFor({ key, ...none, ...held }, { row: 1, column: 1 }, { rows: 3, columns: 7 }, hasBlock);

describe('a key in the grid', () => {
    it.each<[string, Partial<typeof none>, Command]>([
        ['ArrowRight', {}, { kind: 'move', to: { row: 1, column: 2 }, extends: false }],
        ['ArrowDown', { shiftKey: true }, { kind: 'move', to: { row: 2, column: 1 }, extends: true }],
        ['ArrowDown', { ctrlKey: true, shiftKey: true }, { kind: 'move', to: { row: 2, column: 1 }, extends: true }],
        ['ArrowUp', { altKey: true }, { kind: 'arrange', by: -1, withProject: false }],
        ['ArrowDown', { altKey: true, shiftKey: true }, { kind: 'arrange', by: 1, withProject: true }],
        ['7', {}, { kind: 'type', first: '7' }],
        ['.', {}, { kind: 'type', first: '.' }],
        ['F2', {}, { kind: 'edit' }],
        ['Enter', {}, { kind: 'edit' }],
        ['Enter', { ctrlKey: true }, { kind: 'submit' }],
        ['z', { metaKey: true }, { kind: 'undo' }],
        ['Z', { ctrlKey: true, shiftKey: true }, { kind: 'redo' }],
        ['y', { ctrlKey: true }, { kind: 'redo' }],
        ['a', {}, { kind: 'ink', scope: 'all' }],
        ['a', { ctrlKey: true }, { kind: 'select all' }],
        ['"', { shiftKey: true }, { kind: 'ditto' }],
        ['Delete', {}, { kind: 'clear' }],
    ])('%s with %j', (key, held, command) => {
        expect(asked(key, held)).toEqual(command);
    });

    it('leaves the browser its own where no block is selected', () => {
        expect(asked('r', { ctrlKey: true })).toBeNull();
        expect(asked('r', { ctrlKey: true }, true)).toEqual({ kind: 'fill right' });
        expect(asked('d', { ctrlKey: true }, true)).toEqual({ kind: 'fill down' });
    });

    it.each([
        ['q', {}],
        ['Tab', {}],
        ['c', { ctrlKey: true }],
        ['v', { ctrlKey: true }],
        ['ArrowLeft', { altKey: true }],
        ['/', {}],
        ['?', { shiftKey: true }],
    ])('leaves %s with %j to others', (key, held) => {
        expect(asked(key, held)).toBeNull();
    });
});
