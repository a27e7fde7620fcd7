import { text } from '@/lib/text';
import type { GridPlace } from '@/ui/grid/moves';
import type { Does, Hands } from './commands';
import type { SheetState } from './sheetState';
import type { Grid } from './useGrid';

/** The next entry of the week in the order of lines and days; null past the last. */
function entryBeside(grid: Grid, state: SheetState, by: -1 | 1): GridPlace | null {
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

/** Going about in the sheet, which also somebody may who only reads it. */
export function moveCommands({
    state,
    grid,
    acts,
    say,
    write,
}: Hands): Does<'move' | 'select all' | 'step' | 'auditTrail' | 'cancel'> {
    return {
        move: ({ to, extends: extend }) => {
            grid.go(to, extend);
        },
        'select all': () => {
            grid.select({ top: 0, left: 0, bottom: grid.size.rows - 1, right: grid.size.columns - 1 });
        },
        step: ({ by }) => {
            const to = entryBeside(grid, state, by);
            if (to === null) {
                say(by === 1 ? text.week.noNextEntry : text.week.noPreviousEntry);
            } else {
                grid.go(to);
            }
        },
        auditTrail: () => {
            write('auditTrail');
        },
        cancel: () => {
            const trouble = grid.here?.cell.typed ?? null;
            if (grid.here !== null && trouble !== null && trouble.status !== 'saving') {
                acts.restore(grid.here.key);
            } else {
                grid.go(grid.place);
            }
        },
    };
}
