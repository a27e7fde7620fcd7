import { snapped } from './clockView';

/** What a key asks of time on a day's line; moves are in minutes. */
export type ClockKey =
    { kind: 'move' | 'start' | 'end'; by: number } | { kind: 'split'; at: number } | { kind: 'open' | 'ink' | 'remove' };

interface Pressed {
    key: string;
    ctrlKey: boolean;
    metaKey: boolean;
    altKey: boolean;
    shiftKey: boolean;
}

/** Arrows move it, with Shift its end, with Control its start; letters do the rest. */
export function clockKeyFor(pressed: Pressed, { starts, ends }: { starts: number; ends: number }, step: number): ClockKey | null {
    const { key, shiftKey, altKey } = pressed;
    const control = pressed.ctrlKey || pressed.metaKey;
    if (altKey) {
        return null;
    }
    if (key === 'ArrowLeft' || key === 'ArrowRight') {
        return { kind: control ? 'start' : shiftKey ? 'end' : 'move', by: key === 'ArrowLeft' ? -step : step };
    }
    if (control) {
        return null;
    }
    switch (key) {
        case 'i':
            return { kind: 'ink' };
        case 'Enter':
        case 'F2':
            return { kind: 'open' };
        case 'Delete':
        case 'Backspace':
            return { kind: 'remove' };
        case 's': {
            const at = snapped((starts + ends) / 2, step);

            return at > starts && at < ends ? { kind: 'split', at } : null;
        }
        default:
            return null;
    }
}
