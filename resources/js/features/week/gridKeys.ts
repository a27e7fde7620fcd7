import { movedBy, startsTyping, type GridPlace, type Size } from '@/ui/grid/moves';

export type Scope = 'cell' | 'line' | 'day' | 'all';

type Plain<Kind extends string> = Kind extends string ? { kind: Kind } : never;

/** What a key asks of the grid. */
export type Command =
    | { kind: 'move'; to: GridPlace; extends: boolean }
    | { kind: 'type'; first: string }
    | { kind: 'ink'; scope: Scope }
    | { kind: 'arrange'; by: -1 | 1; withProject: boolean }
    | { kind: 'step'; by: -1 | 1 }
    | Plain<'edit' | 'clear' | 'cancel' | 'select all' | 'undo' | 'redo' | 'fill right' | 'fill down' | 'ditto'>
    | Plain<
          | 'write note'
          | 'ink client note'
          | 'auditTrail'
          | 'collapse'
          | 'add line'
          | 'remove line'
          | 'submit'
          | 'estimate'
          | 'start timer'
      >;

interface Pressed {
    key: string;
    ctrlKey: boolean;
    metaKey: boolean;
    altKey: boolean;
    shiftKey: boolean;
}

/** Plain letters and signs, which no value begins with. */
const letters: Record<string, Command> = {
    i: { kind: 'ink', scope: 'cell' },
    l: { kind: 'ink', scope: 'line' },
    d: { kind: 'ink', scope: 'day' },
    a: { kind: 'ink', scope: 'all' },
    r: { kind: 'fill right' },
    b: { kind: 'fill down' },
    '"': { kind: 'ditto' },
    "'": { kind: 'ditto' },
    m: { kind: 'write note' },
    c: { kind: 'ink client note' },
    t: { kind: 'auditTrail' },
    p: { kind: 'step', by: -1 },
    n: { kind: 'step', by: 1 },
    f: { kind: 'collapse' },
    '+': { kind: 'add line' },
    x: { kind: 'remove line' },
    s: { kind: 'start timer' },
    w: { kind: 'estimate' },
    F2: { kind: 'edit' },
    Enter: { kind: 'edit' },
    Delete: { kind: 'clear' },
    Backspace: { kind: 'clear' },
    Escape: { kind: 'cancel' },
};

/** Fill keys of spreadsheets; a block must be selected, since alone they mean something else to the browser. */
const withControl: Record<string, Command> = {
    a: { kind: 'select all' },
    z: { kind: 'undo' },
    y: { kind: 'redo' },
    Enter: { kind: 'submit' },
};

const onBlock: Record<string, Command> = { r: { kind: 'fill right' }, d: { kind: 'fill down' } };

/** What a key pressed in the grid means there, or null where it is left to the browser. */
export function commandFor(pressed: Pressed, place: GridPlace, size: Size, hasBlock: boolean): Command | null {
    const { key, altKey, shiftKey } = pressed;
    const control = pressed.ctrlKey || pressed.metaKey;
    if (altKey) {
        const by = key === 'ArrowUp' ? -1 : key === 'ArrowDown' ? 1 : null;

        return by === null || control ? null : { kind: 'arrange', by, withProject: shiftKey };
    }
    const to = movedBy(pressed, place, size);
    if (to !== null) {
        return { kind: 'move', to, extends: shiftKey };
    }
    if (control) {
        if (key.toLowerCase() === 'z' && shiftKey) {
            return { kind: 'redo' };
        }

        return withControl[key] ?? (hasBlock ? (onBlock[key] ?? null) : null);
    }

    return startsTyping(pressed) ? { kind: 'type', first: key } : (letters[key] ?? null);
}
