/** What a key asks of the desk. */
export type DeskCommand =
    | { kind: 'sheet'; by: -1 | 1 }
    | { kind: 'group'; by: -1 | 1 }
    | { kind: 'approve' }
    | { kind: 'return' }
    | { kind: 'approve in order' }
    | { kind: 'undo' }
    | { kind: 'keys' };

const commands: Record<string, DeskCommand> = {
    n: { kind: 'sheet', by: 1 },
    p: { kind: 'sheet', by: -1 },
    ']': { kind: 'group', by: 1 },
    '[': { kind: 'group', by: -1 },
    a: { kind: 'approve' },
    r: { kind: 'return' },
    o: { kind: 'approve in order' },
    u: { kind: 'undo' },
    '?': { kind: 'keys' },
};

interface Pressed {
    key: string;
    ctrlKey: boolean;
    metaKey: boolean;
    altKey: boolean;
}

/** What a key pressed anywhere on the desk means, or null where it is left to the browser. */
export function deskCommandFor({ key, ctrlKey, metaKey, altKey }: Pressed): DeskCommand | null {
    return ctrlKey || metaKey || altKey ? null : (commands[key] ?? null);
}

/** A place of a sheet: its line, and its day; −1 is the line as a whole. */
export interface GridPlace {
    row: number;
    column: number;
}

/** Where an arrow key leads from a place, inside what there is; null for any other key. */
export function movedBy(key: string, { row, column }: GridPlace, rows: number, columns: number): GridPlace | null {
    const steps: Record<string, [number, number]> = {
        ArrowUp: [-1, 0],
        ArrowDown: [1, 0],
        ArrowLeft: [0, -1],
        ArrowRight: [0, 1],
    };
    const step = steps[key];
    if (step === undefined) {
        return null;
    }

    return {
        row: Math.max(0, Math.min(rows - 1, row + step[0])),
        column: Math.max(-1, Math.min(columns - 1, column + step[1])),
    };
}
