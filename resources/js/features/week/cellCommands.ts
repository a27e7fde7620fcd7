import { text } from '@/lib/text';
import { ditto, filledDown, filledRight, type Filled } from '@/ui/grid/block';
import { mayTypeIn } from './cells';
import type { Does, Hands } from './commands';
import type { Scope } from './gridKeys';
import type { Grid } from './useGrid';

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

/** Whether one may type where one is. */
export function mayTypeHere({ sheet, grid }: Pick<Hands, 'sheet' | 'grid'>): boolean {
    return grid.here !== null && mayTypeIn(sheet, grid.here.cell);
}

/** Writing in cells: typing, inking, filling and clearing. */
export function cellCommands(
    hands: Hands,
): Does<'type' | 'ink' | 'clear' | 'undo' | 'redo' | 'fill right' | 'fill down' | 'ditto' | 'write note' | 'ink client note'> {
    const { sheet, state, grid, acts, correct, type, say, write } = hands;
    const put = (filled: Filled[]) => {
        const wanted = grid.wantedBy(filled);
        if (wanted.size === 0) {
            say(text.week.nothingToFill);
        }
        acts.want(wanted);
    };

    return {
        type: ({ first }) => {
            if (mayTypeHere(hands)) {
                type(first);
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
            const keys = grid.keysIn(grid.block);
            const fixed = keys.filter((key) => state.cells[key]?.saved.isCorrectable);
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
            put(filledRight(grid.block, grid.valueAt, (column) => sheet.days[column]?.isWorkingDay ?? false, grid.size));
        },
        'fill down': () => {
            put(filledDown(grid.block, grid.valueAt));
        },
        ditto: () => {
            put(ditto(grid.block, grid.valueAt));
        },
        'write note': () => {
            write('note');
        },
        'ink client note': () => {
            const label = grid.here?.cell.saved.proposedClientNote ?? null;
            if (grid.here === null || label === null) {
                say(text.week.nothingPencilled);
            } else {
                acts.want(new Map([[grid.here.key, { clientNote: label }]]));
            }
        },
    };
}
