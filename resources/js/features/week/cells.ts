import type { CellProps, EntryState, LineProps, SavedCellProps } from '@/types/generated/props';

/** A typed value on its way: being sent, kept while the server is away, or refused with the reason. */
export type Typed =
    | { text: string; status: 'saving' }
    | { text: string; status: 'offline' }
    | { text: string; status: 'refused'; message: string }
    | { text: string; status: 'moved on'; message: string; minutes: number | null; version: number | null };

/** A cell as it is shown: what the server has, and what was typed over it. */
export interface Cell {
    saved: CellProps;
    typed: Typed | null;
}

export type Cells = Record<string, Cell>;

/** Where a cell stands in the sheet. */
export function cellKey(line: string, date: string): string {
    return `${line} ${date}`;
}

export function cellsOf(lines: LineProps[]): Cells {
    return Object.fromEntries(
        lines.flatMap((line) => line.cells.map((saved) => [cellKey(line.key, saved.date), { saved, typed: null }])),
    );
}

export type CellChange =
    | { kind: 'typed'; key: string; typed: Typed }
    | { kind: 'restored'; key: string }
    | { kind: 'saved'; key: string; saved: SavedCellProps }
    | { kind: 'adopted'; key: string; minutes: number | null; version: number | null };

function withSaved(cell: Cell, minutes: number | null, version: number | null, state: EntryState | null): Cell {
    return { typed: null, saved: { ...cell.saved, minutes, version, state } };
}

/** The cells after a change; a cell that is not there any more is left alone. */
export function changedCells(cells: Cells, change: CellChange): Cells {
    const cell = cells[change.key];
    if (cell === undefined) {
        return cells;
    }
    switch (change.kind) {
        case 'typed':
            return { ...cells, [change.key]: { ...cell, typed: change.typed } };
        case 'restored':
            return { ...cells, [change.key]: { ...cell, typed: null } };
        case 'saved':
            return { ...cells, [change.key]: withSaved(cell, change.saved.minutes, change.saved.version, change.saved.state) };
        case 'adopted':
            return {
                ...cells,
                [change.key]: withSaved(cell, change.minutes, change.version, change.version === null ? null : 'draft'),
            };
    }
}

/** How many typed values the server does not have. */
export function unsavedCount(cells: Cells): number {
    return Object.values(cells).filter(({ typed }) => typed !== null && typed.status !== 'saving').length;
}

export function isSaving(cells: Cells): boolean {
    return Object.values(cells).some(({ typed }) => typed?.status === 'saving');
}

/** Whether a value may be typed here: on an open line, over nothing, a draft or what was returned. */
export function isOpen(line: LineProps, { saved }: Cell): boolean {
    return line.closedBecause === null && (saved.state === null || saved.state === 'draft' || saved.state === 'returned');
}
