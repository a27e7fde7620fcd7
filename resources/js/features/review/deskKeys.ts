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
