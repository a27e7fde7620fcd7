import { useStable } from '@/lib/useStable';
import type { HoursFormat, WeekProps } from '@/types/generated/props';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { blockBetween, isSingle, placesOf, type Block, type Filled } from './block';
import { cellKey, shownIn, type Cell, type Wanted } from './cells';
import type { GridPlace } from '@/lib/gridMoves';
import { rowsOf, type Row } from './rows';
import type { SheetState } from './sheetState';

export interface Grid {
    rows: Row[];
    size: { rows: number; columns: number };
    place: GridPlace;
    block: Block;
    hasBlock: boolean;
    /** The line and cell that are here; none on a collapsed project, or where there are no lines. */
    here: { key: string; cell: Cell; row: Extract<Row, { kind: 'line' }> } | null;
    keyAt: (row: number, column: number) => string | null;
    valueAt: (row: number, column: number) => string;
    keysIn: (block: Block) => string[];
    wantedBy: (filled: Filled[]) => Map<string, Wanted>;
    /** Goes to a place and takes the focus there, or takes the block along. */
    go: (place: GridPlace, extend?: boolean) => void;
    /** Selects a block and goes to its end. */
    select: (block: Block) => void;
    /** Goes to a place without taking the focus. */
    stay: (place: GridPlace) => void;
}

function focusOn({ row, column }: GridPlace): void {
    document.querySelector<HTMLElement>(`[data-place="${row} ${column}"]`)?.focus();
}

/** Where one is in the grid, what is selected, and what stands at each place. */
export function useGrid(sheet: WeekProps, state: SheetState, format: HoursFormat): Grid {
    const today = Math.max(
        0,
        sheet.days.findIndex((day) => day.isToday),
    );
    const [at, setAt] = useState<{ place: GridPlace; anchor: GridPlace | null }>({
        place: { row: 0, column: today },
        anchor: null,
    });
    // Taken once the place is drawn: lines may have moved with it.
    const takesFocus = useRef(false);
    const rows = useMemo(() => rowsOf(state.lines, state.collapsed), [state.lines, state.collapsed]);
    const size = { rows: rows.length, columns: sheet.days.length };
    const inside = ({ row, column }: GridPlace): GridPlace => ({
        row: Math.max(0, Math.min(row, rows.length - 1)),
        column,
    });
    const place = inside(at.place);
    const block = blockBetween(inside(at.anchor ?? place), place);

    const keyAt = (row: number, column: number) => {
        const [found, day] = [rows[row], sheet.days[column]];

        return found?.kind === 'line' && day !== undefined ? cellKey(found.key, day.date) : null;
    };
    const cellAt = (row: number, column: number) => state.cells[keyAt(row, column) ?? ''];
    const valueAt = (row: number, column: number) => {
        const cell = cellAt(row, column);

        return cell === undefined ? '' : shownIn(cell, format);
    };
    useLayoutEffect(() => {
        if (takesFocus.current) {
            takesFocus.current = false;
            focusOn(place);
        }
    });
    const row = rows[place.row];
    const cell = cellAt(place.row, place.column);

    return {
        rows,
        size,
        place,
        block,
        hasBlock: !isSingle(block),
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
        go: useStable((to, extend = false) => {
            setAt({ place: to, anchor: extend ? (at.anchor ?? place) : null });
            takesFocus.current = true;
        }),
        select: useStable(({ top, left, bottom, right }) => {
            setAt({ place: { row: bottom, column: right }, anchor: { row: top, column: left } });
            takesFocus.current = true;
        }),
        stay: useStable((to) => {
            // Taking the focus reports back here; a block selected on the way there stays.
            setAt((before) =>
                before.place.row === to.row && before.place.column === to.column ? before : { place: to, anchor: null },
            );
        }),
    };
}
