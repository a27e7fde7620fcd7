import { isIn } from '@/ui/grid/block';
import type { GridCursor } from '@/ui/grid/useGridCursor';
import type { Typing } from '@/ui/grid/useTyping';

/** What of the cursor lies in one row: the day that one is on, the days selected, and the day that is typed over. */
export interface RowCursor {
    here: number | null;
    selected: { left: number; right: number } | null;
    typing: Typing | null;
}

/** Null in a row that has nothing of it, which is the same as before for as long as it has not. */
export function rowCursor(
    { place, block, hasBlock }: Pick<GridCursor, 'place' | 'block' | 'hasBlock'>,
    typing: Typing | null,
    row: number,
): RowCursor | null {
    const isSelected = hasBlock && isIn(block, row, block.left);
    if (place.row !== row && typing?.row !== row && !isSelected) {
        return null;
    }

    return {
        here: place.row === row ? place.column : null,
        selected: isSelected ? { left: block.left, right: block.right } : null,
        typing: typing?.row === row ? typing : null,
    };
}
