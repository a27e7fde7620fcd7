import { useStable } from '@/lib/useStable';
import type { LineProps, WeekProps } from '@/types/generated/props';
import type { FocusEvent, KeyboardEvent } from 'react';
import { isCorrectable, isOpen, type Cell } from './cells';
import { commandFor, type Command } from './gridKeys';
import { afterTyping, type GridPlace } from '@/lib/gridMoves';
import { cellAround, isOfCell, placeOf } from './gridPlaces';
import { focusOnRemaining } from './RemainingCell';
import type { SheetState } from './sheetState';
import { useClipboard } from './useClipboard';
import type { Grid } from './useGrid';
import { usePointer } from './usePointer';
import type { SheetActs } from './useSheet';
import { useSwipe } from './useSwipe';

/** The place that is typed over, and what the typing begins with. */
export interface Typing extends GridPlace {
    first: string;
}

export interface GridParts {
    sheet: WeekProps;
    state: SheetState;
    grid: Grid;
    acts: SheetActs;
    typing: Typing | null;
    /** What is typed over approved or settled time, which is asked for rather than saved. */
    onCorrect: (cell: string, hours: string) => void;
    onType: (typing: Typing | null) => void;
    onCommand: (command: Command) => void;
    onSay: (sentence: string) => void;
}

type FinishingKey = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey'>;

/** Whether something may be typed here: to be saved where the time is open, to be asked for where it is approved or settled. */
export function mayTypeIn(sheet: WeekProps, line: LineProps, cell: Cell): boolean {
    return (sheet.mayRecord && isOpen(line, cell)) || (sheet.maySubmit && isCorrectable(cell));
}

/** Keys, mouse, fingers and the clipboard on the grid, and what becomes of what is typed in it. */
export function useGridEvents(parts: GridParts) {
    const { sheet, state, grid, acts, typing, onType, onCommand } = parts;
    const mayType = ({ row, column }: GridPlace) => {
        const [line, cell] = [grid.rows[row], state.cells[grid.keyAt(row, column) ?? '']];

        return line?.kind === 'line' && cell !== undefined && mayTypeIn(sheet, line.line, cell);
    };

    return {
        finish: useStable((typed: string | null, key: FinishingKey | null) => {
            if (typing === null) {
                return;
            }
            onType(null);
            const cell = grid.keyAt(typing.row, typing.column) ?? '';
            const before = state.cells[cell]?.typed ?? null;
            if (state.cells[cell] !== undefined && isCorrectable(state.cells[cell])) {
                if (typed !== null && typed.trim() !== grid.valueAt(typing.row, typing.column)) {
                    parts.onCorrect(cell, typed.trim());
                }
                grid.go(key === null ? typing : (afterTyping(key, typing, grid.size) ?? typing));

                return;
            }
            const isTrouble = before !== null && before.status !== 'saving';
            // Opening and closing a cell without typing changes nothing; a value that was not saved is tried again.
            if (typed !== null && (typed.trim() !== grid.valueAt(typing.row, typing.column) || isTrouble)) {
                acts.want(new Map([[cell, { hours: typed.trim() }]]));
            }
            if (key !== null) {
                grid.go(afterTyping(key, typing, grid.size) ?? typing);
            }
        }),
        /** To so many minutes; null inks what is pencilled. */
        step: useStable((key: string, minutes: number | null) => {
            if (minutes === null) {
                acts.ink([key]);
            } else {
                acts.want(new Map([[key, { hours: minutes <= 0 ? '' : `${Math.min(minutes, 1440)}m` }]]));
            }
        }),
        events: {
            onKeyDown: (event: KeyboardEvent) => {
                // The remaining hours stand beside the last day.
                if (
                    event.key === 'ArrowRight' &&
                    !event.shiftKey &&
                    isOfCell(event.target) &&
                    grid.place.column === grid.size.columns - 1 &&
                    focusOnRemaining(grid.place.row)
                ) {
                    event.preventDefault();

                    return;
                }
                const command = isOfCell(event.target) ? commandFor(event, grid.place, grid.size, grid.hasBlock) : null;
                if (command !== null) {
                    event.preventDefault();
                    onCommand(command);
                }
            },
            onFocus: (event: FocusEvent) => {
                const to = placeOf(cellAround(event.target));
                if (to !== null && isOfCell(event.target) && (to.row !== grid.place.row || to.column !== grid.place.column)) {
                    grid.stay(to);
                }
            },
            ...usePointer(parts, mayType),
            ...useSwipe(parts),
            ...useClipboard(parts),
        },
    };
}
