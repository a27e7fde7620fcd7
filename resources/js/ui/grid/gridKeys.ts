import { movedBy, type GridPlace, type Size } from './moves';

/** What a key asks of any grid. */
export type GridCommand =
    | { kind: 'move'; to: GridPlace; extends: boolean }
    | { kind: 'edit'; first: string | null }
    | { kind: 'clear' | 'remove' | 'undo' | 'redo' };

export interface Pressed {
    key: string;
    ctrlKey: boolean;
    metaKey: boolean;
    altKey: boolean;
    shiftKey: boolean;
}

const withControl: Record<string, GridCommand> = {
    z: { kind: 'undo' },
    y: { kind: 'redo' },
    Delete: { kind: 'remove' },
    Backspace: { kind: 'remove' },
};

/** What a key pressed in a grid means there, or null where it is left to the browser. Letters begin to type. */
export function gridCommandFor(pressed: Pressed, place: GridPlace, size: Size): GridCommand | null {
    const { key, altKey } = pressed;
    if (altKey) {
        return null;
    }
    const to = movedBy(pressed, place, size);
    if (to !== null) {
        return { kind: 'move', to, extends: pressed.shiftKey };
    }
    if (pressed.ctrlKey || pressed.metaKey) {
        return key.toLowerCase() === 'z' && pressed.shiftKey ? { kind: 'redo' } : (withControl[key] ?? null);
    }
    if (key === 'Enter' || key === 'F2') {
        return { kind: 'edit', first: null };
    }
    if (key === 'Delete' || key === 'Backspace') {
        return { kind: 'clear' };
    }

    return key.length === 1 && key !== ' ' && key !== '?' ? { kind: 'edit', first: key } : null;
}
