import { movedBy, startsTyping, type GridPlace, type Size } from '@/ui/grid/moves';
import type { Pressed } from '@/ui/grid/gridKeys';

/** What a key asks of a timesheet of many days. */
export type MonthCommand =
    | { kind: 'move'; to: GridPlace; extends: boolean }
    | { kind: 'edit'; first: string | null }
    | { kind: 'clear' | 'cancel' | 'fill' | 'submit' | 'undo' | 'redo' };

const plain: Record<string, MonthCommand> = {
    Enter: { kind: 'edit', first: null },
    F2: { kind: 'edit', first: null },
    Delete: { kind: 'clear' },
    Backspace: { kind: 'clear' },
    Escape: { kind: 'cancel' },
    f: { kind: 'fill' },
    '½': { kind: 'edit', first: '½' },
};

const withControl: Record<string, MonthCommand> = {
    Enter: { kind: 'submit' },
    z: { kind: 'undo' },
    y: { kind: 'redo' },
};

/** What a key pressed in the grid means there, or null where it is left to the browser. */
export function monthCommandFor(pressed: Pressed, place: GridPlace, size: Size): MonthCommand | null {
    const { key, altKey, shiftKey } = pressed;
    if (altKey) {
        return null;
    }
    const to = movedBy(pressed, place, size);
    if (to !== null) {
        return { kind: 'move', to, extends: shiftKey };
    }
    if (pressed.ctrlKey || pressed.metaKey) {
        return key.toLowerCase() === 'z' && shiftKey ? { kind: 'redo' } : (withControl[key] ?? null);
    }

    return startsTyping(pressed) ? { kind: 'edit', first: key } : (plain[key] ?? null);
}
