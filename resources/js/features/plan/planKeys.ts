import { movedBy, type GridPlace, type Size } from '@/ui/grid/moves';

/** What a key asks of the plan. */
export type PlanCommand =
    | { kind: 'move'; to: GridPlace; extends: boolean }
    | { kind: 'edit'; first: string | null }
    | { kind: 'clear' | 'add task' | 'add person' | 'remove' | 'by day' | 'done' | 'undo' | 'redo' };

interface Pressed {
    key: string;
    ctrlKey: boolean;
    metaKey: boolean;
    altKey: boolean;
    shiftKey: boolean;
}

const withControl: Record<string, PlanCommand> = {
    z: { kind: 'undo' },
    y: { kind: 'redo' },
    '+': { kind: 'add task' },
    Enter: { kind: 'add person' },
    d: { kind: 'by day' },
    Delete: { kind: 'remove' },
    Backspace: { kind: 'remove' },
};

/** What a key pressed in the table means there, or null where it is left to the browser. Letters begin to type. */
export function planCommandFor(pressed: Pressed, place: GridPlace, size: Size): PlanCommand | null {
    const { key, altKey } = pressed;
    const control = pressed.ctrlKey || pressed.metaKey;
    if (altKey) {
        return null;
    }
    const to = movedBy(pressed, place, size);
    if (to !== null) {
        return { kind: 'move', to, extends: pressed.shiftKey };
    }
    if (control) {
        return key.toLowerCase() === 'z' && pressed.shiftKey ? { kind: 'redo' } : (withControl[key] ?? null);
    }
    if (key === 'Enter' || key === 'F2') {
        return { kind: 'edit', first: null };
    }
    if (key === 'Delete' || key === 'Backspace') {
        return { kind: 'clear' };
    }
    if (key === '+') {
        return { kind: 'add task' };
    }

    return key.length === 1 && key !== ' ' && key !== '?' ? { kind: 'edit', first: key } : null;
}
