/** A place in the grid, from 0. */
export interface GridPlace {
    row: number;
    column: number;
}

export interface Size {
    rows: number;
    columns: number;
}

interface Key {
    key: string;
    ctrlKey: boolean;
    metaKey: boolean;
    shiftKey: boolean;
}

/** How far a page key goes, in rows. */
const PAGE = 20;

/** The place inside the grid that is nearest. */
export function within({ row, column }: GridPlace, { rows, columns }: Size): GridPlace {
    return { row: Math.max(0, Math.min(row, rows - 1)), column: Math.max(0, Math.min(column, columns - 1)) };
}

/** Where an arrow, Home, End or page key leads, or null for any other key. */
export function movedBy({ key, ctrlKey, metaKey }: Key, { row, column }: GridPlace, size: Size): GridPlace | null {
    const far = ctrlKey || metaKey;
    switch (key) {
        case 'ArrowUp':
            return within({ row: far ? 0 : row - 1, column }, size);
        case 'ArrowDown':
            return within({ row: far ? size.rows : row + 1, column }, size);
        case 'ArrowLeft':
            return within({ row, column: far ? 0 : column - 1 }, size);
        case 'ArrowRight':
            return within({ row, column: far ? size.columns : column + 1 }, size);
        case 'PageUp':
            return within({ row: row - PAGE, column }, size);
        case 'PageDown':
            return within({ row: row + PAGE, column }, size);
        case 'Home':
            return within({ row: far ? 0 : row, column: 0 }, size);
        case 'End':
            return within({ row: far ? size.rows : row, column: size.columns }, size);
        default:
            return null;
    }
}

/** Where Enter or Tab leads after typing: down, or right and on to the next line; with Shift the other way. */
export function afterTyping({ key, shiftKey }: Key, { row, column }: GridPlace, size: Size): GridPlace | null {
    if (key === 'Enter') {
        return within({ row: row + (shiftKey ? -1 : 1), column }, size);
    }
    if (key !== 'Tab') {
        return null;
    }
    const index = row * size.columns + column + (shiftKey ? -1 : 1);
    if (index < 0 || index >= size.rows * size.columns) {
        return null;
    }

    return { row: Math.floor(index / size.columns), column: index % size.columns };
}

/** Whether a key begins a value by being typed over the cell. */
export function startsTyping({ key, ctrlKey, metaKey }: Key): boolean {
    return !ctrlKey && !metaKey && /^[\d.,:]$/.test(key);
}
