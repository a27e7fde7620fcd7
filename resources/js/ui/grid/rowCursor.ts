import { isIn } from './block';
import type { GridCursor } from './useGridCursor';
import type { Typing } from './useTyping';

/** What of the cursor lies in one row: the column that one is on, those selected, and the one that is typed over. */
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

/** What of it lies in one cell. */
export function cellCursor(cursor: RowCursor | null, column: number) {
    const selected = cursor?.selected ?? null;

    return {
        isHere: cursor?.here === column,
        isSelected: selected !== null && column >= selected.left && column <= selected.right,
        /** What the typing begins with; null where nothing is typed. */
        typed: cursor?.typing?.column === column ? cursor.typing.first : null,
    };
}
