import { placesOf, type Block, type Filled } from '@/ui/grid/block';
import { useGridCursor, type GridCursor } from '@/ui/grid/useGridCursor';
import type { HoursFormat, WeekProps } from '@/types/generated/props';
import { useMemo } from 'react';
import { cellKey, shownIn, type Cell, type Wanted } from './cells';
import { rowsOf, type Row } from './rows';
import type { SheetState } from './sheetState';

export interface Grid extends GridCursor {
    rows: Row[];
    size: { rows: number; columns: number };
    /** The line and cell that are here; none on a collapsed project, or where there are no lines. */
    here: { key: string; cell: Cell; row: Extract<Row, { kind: 'line' }> } | null;
    keyAt: (row: number, column: number) => string | null;
    valueAt: (row: number, column: number) => string;
    keysIn: (block: Block) => string[];
    wantedBy: (filled: Filled[]) => Map<string, Wanted>;
}

/** Where one is in the grid of a week, what is selected, and what stands at each place. */
export function useGrid(sheet: WeekProps, state: SheetState, format: HoursFormat): Grid {
    const today = sheet.days.findIndex((day) => day.isToday);
    const rows = useMemo(() => rowsOf(state.lines, state.collapsed), [state.lines, state.collapsed]);
    const size = { rows: rows.length, columns: sheet.days.length };
    const cursor = useGridCursor(size, { row: 0, column: Math.max(0, today) });
    const { place } = cursor;

    const keyAt = (row: number, column: number) => {
        const [found, day] = [rows[row], sheet.days[column]];

        return found?.kind === 'line' && day !== undefined ? cellKey(found.key, day.date) : null;
    };
    const cellAt = (row: number, column: number) => state.cells[keyAt(row, column) ?? ''];
    const valueAt = (row: number, column: number) => {
        const cell = cellAt(row, column);

        return cell === undefined ? '' : shownIn(cell, format);
    };
    const row = rows[place.row];
    const cell = cellAt(place.row, place.column);

    return {
        ...cursor,
        rows,
        size,
        here: row?.kind === 'line' && cell !== undefined ? { key: keyAt(place.row, place.column) ?? '', cell, row } : null,
        keyAt,
        valueAt,
        keysIn: (wide) => placesOf(wide).flatMap((one) => keyAt(one.row, one.column) ?? []),
        wantedBy: (filled) =>
            new Map(
                filled.flatMap(({ row: at, column, value }) => {
                    const key = keyAt(at, column);

                    return key === null || value === valueAt(at, column) ? [] : [[key, { hours: value }] as const];
                }),
            ),
    };
}
