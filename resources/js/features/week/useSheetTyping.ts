import { useTyping, type TypingState } from '@/ui/grid/useTyping';
import type { SheetState } from './sheetState';
import type { Grid } from './useGrid';
import type { SheetActs } from './useSheet';

/** What becomes of what is typed over a cell: it is saved, or over approved and settled time asked for. */
export function useSheetTyping(
    grid: Grid,
    state: SheetState,
    acts: SheetActs,
    correct: (cell: string, hours: string) => void,
): TypingState {
    return useTyping(grid, grid.size, (typed, place) => {
        const key = grid.keyAt(place.row, place.column) ?? '';
        const cell = state.cells[key];
        const isOther = typed !== grid.valueAt(place.row, place.column);
        if (cell?.saved.isCorrectable === true) {
            if (isOther) {
                correct(key, typed);
            }
            // What was asked for is written in the margin; one stays here.
            grid.go(place);

            return;
        }
        const isTrouble = cell?.typed != null && cell.typed.status !== 'saving';
        // Opening and closing a cell without typing changes nothing; a value that was not saved is tried again.
        if (isOther || isTrouble) {
            acts.want(new Map([[key, { hours: typed }]]));
        }
    });
}
