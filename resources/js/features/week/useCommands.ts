import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { WeekProps } from '@/types/generated/props';
import { isCorrectable } from './cells';
import { ditto, filledDown, filledRight, type Filled } from './block';
import type { Command, Scope } from './gridKeys';
import { foldedWith, moved, rowsOf } from './rows';
import type { Grid } from './useGrid';
import { mayTypeIn } from './useGridEvents';
import type { SheetActs } from './useSheet';
import type { SheetState } from './sheetState';

export type Panel = 'cell' | 'submit' | 'estimate' | 'add line' | 'remove line' | 'keys';

interface Hands {
    sheet: WeekProps;
    state: SheetState;
    grid: Grid;
    acts: SheetActs;
    /** Asks for other hours in the place of approved or settled ones. */
    correct: (cell: string, hours: string) => void;
    open: (panel: Panel) => void;
    type: (first: string | null) => void;
    say: (sentence: string) => void;
    /** Goes to the part of the margin that writes about the cell. */
    write: (part: 'note' | 'auditTrail') => void;
}

/** The next entry of the week in the order of lines and days; null past the last. */
function entryBeside(grid: Grid, state: SheetState, by: -1 | 1): { row: number; column: number } | null {
    const { rows, columns } = grid.size;
    for (let index = grid.place.row * columns + grid.place.column + by; index >= 0 && index < rows * columns; index += by) {
        const place = { row: Math.floor(index / columns), column: index % columns };
        const key = grid.keyAt(place.row, place.column);
        if ((state.cells[key ?? '']?.saved.minutes ?? null) !== null) {
            return place;
        }
    }

    return null;
}

/** The cells that one key inks. */
function keysOf(scope: Scope, { keysIn, block, size, place }: Grid): string[] {
    switch (scope) {
        case 'cell':
            return keysIn(block);
        case 'line':
            return keysIn({ top: block.top, bottom: block.bottom, left: 0, right: size.columns - 1 });
        case 'day':
            return keysIn({ top: 0, bottom: size.rows - 1, left: place.column, right: place.column });
        case 'all':
            return keysIn({ top: 0, bottom: size.rows - 1, left: 0, right: size.columns - 1 });
    }
}

type Does = { [Kind in Command['kind']]: (command: Extract<Command, { kind: Kind }>) => void };

/** What may be asked of a sheet that one only reads. */
const readOnly = new Set<Command['kind']>(['move', 'select all', 'step', 'collapse', 'auditTrail', 'cancel', 'estimate']);

/** Does what a key or a button asks of the grid. */
export function useCommands({ sheet, state, grid, acts, correct, open, type, say, write }: Hands): (command: Command) => void {
    const { here, place, block, size } = grid;
    const line = here?.row.line;
    const mayType = here !== null && mayTypeIn(sheet, here.row.line, here.cell);
    const put = (filled: Filled[]) => {
        const wanted = grid.wantedBy(filled);
        if (wanted.size === 0) {
            say(text.week.nothingToFill);
        }
        acts.want(wanted);
    };
    const collapse = () => {
        const row = grid.rows[place.row];
        const code = row?.kind === 'collapsed' ? row.projectCode : row?.line.projectCode;
        if (code !== undefined) {
            acts.arrange(state.lines, foldedWith(state.collapsed, code));
        }
    };

    const does: Does = {
        move: ({ to, extends: extend }) => {
            grid.go(to, extend);
        },
        'select all': () => {
            grid.select({ top: 0, left: 0, bottom: size.rows - 1, right: size.columns - 1 });
        },
        step: ({ by }) => {
            const to = entryBeside(grid, state, by);
            if (to === null) {
                say(by === 1 ? text.week.noNextEntry : text.week.noPreviousEntry);
            } else {
                grid.go(to);
            }
        },
        collapse,
        auditTrail: () => {
            write('auditTrail');
        },
        cancel: () => {
            const trouble = here?.cell.typed ?? null;
            if (here !== null && trouble !== null && trouble.status !== 'saving') {
                acts.restore(here.key);
            } else {
                grid.go(place);
            }
        },
        type: ({ first }) => {
            if (mayType) {
                type(first);
            }
        },
        edit: () => {
            if (mayType) {
                type(null);
            } else if (here === null) {
                collapse();
            }
        },
        ink: ({ scope }) => {
            const keys = keysOf(scope, grid).filter((key) => state.proposals[key] !== undefined);
            if (keys.length === 0) {
                say(text.week.nothingPencilled);
            }
            acts.ink(keys);
        },
        clear: () => {
            const keys = grid.keysIn(block);
            const fixed = keys.filter((key) => state.cells[key] !== undefined && isCorrectable(state.cells[key]));
            for (const key of sheet.maySubmit ? fixed : []) {
                correct(key, '');
            }
            acts.clear(keys.filter((key) => !fixed.includes(key)));
        },
        undo: () => {
            if (!acts.undo()) {
                say(text.week.nothingToUndo);
            }
        },
        redo: () => {
            if (!acts.redo()) {
                say(text.week.nothingToRedo);
            }
        },
        'fill right': () => {
            put(filledRight(block, grid.valueAt, (column) => sheet.days[column]?.isWorkingDay ?? false, size));
        },
        'fill down': () => {
            put(filledDown(block, grid.valueAt));
        },
        ditto: () => {
            put(ditto(block, grid.valueAt));
        },
        'write note': () => {
            write('note');
        },
        'ink client note': () => {
            const label = here?.cell.saved.proposedClientNote ?? null;
            if (here === null || label === null) {
                say(text.week.nothingPencilled);
            } else {
                acts.want(new Map([[here.key, { clientNote: label }]]));
            }
        },
        arrange: ({ by, withProject }) => {
            if (line !== undefined) {
                const lines = moved(state.lines, line, by, withProject);
                acts.arrange(lines, state.collapsed);
                grid.go({ row: rowsOf(lines, state.collapsed).findIndex(({ key }) => key === line.key), column: place.column });
            }
        },
        'add line': () => {
            open('add line');
        },
        'remove line': () => {
            if (line !== undefined && (state.totals.lines[line.key] ?? 0) === 0) {
                acts.removeLine(line.key);
                say(text.week.lineRemoved);
            } else if (line !== undefined) {
                open('remove line');
            }
        },
        estimate: () => {
            if (line !== undefined) {
                open('estimate');
            }
        },
        submit: () => {
            if (sheet.maySubmit) {
                open('submit');
            } else {
                say(text.week.ownerSubmits(sheet.personName));
            }
        },
    };

    return useStable((command: Command) => {
        if (sheet.mayRecord || readOnly.has(command.kind)) {
            (does[command.kind] as (command: Command) => void)(command);
        }
    });
}
