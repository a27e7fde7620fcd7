import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import { pasted } from '@/ui/grid/block';
import type { GridPlace } from '@/ui/grid/moves';
import { isOfCell } from '@/ui/grid/places';
import { useBlockClipboard } from '@/ui/grid/useBlockClipboard';
import { useGridPointer } from '@/ui/grid/useGridPointer';
import type { KeyboardEvent } from 'react';
import { mayTypeIn } from './cells';
import { commandFor } from './gridKeys';
import type { SheetPage } from './useSheetPage';
import { useSwipe } from './useSwipe';

/** Keys, mouse, fingers and the clipboard on the grid. */
export function useGridEvents({ sheet, state, grid, acts, typing, remaining, command, say }: SheetPage) {
    const mayType = ({ row, column }: GridPlace) => {
        const cell = state.cells[grid.keyAt(row, column) ?? ''];

        return cell !== undefined && mayTypeIn(sheet, cell);
    };
    const paste = (copied: string) => {
        const { filled, outside } = pasted(copied, grid.block, grid.size);
        const onCollapsed = filled.filter(({ row, column, value }) => value !== '' && grid.keyAt(row, column) === null).length;
        if (outside + onCollapsed > 0) {
            say(text.week.pastedOutside(outside + onCollapsed));
        }
        acts.want(grid.wantedBy(filled));
    };

    return {
        onKeyDown: useStable((event: KeyboardEvent) => {
            if (!isOfCell(event.target)) {
                return;
            }
            // The remaining hours stand beside the last day.
            const isBesideRemaining = grid.place.column === grid.size.columns - 1;
            if (event.key === 'ArrowRight' && !event.shiftKey && isBesideRemaining && remaining.focus(grid.place.row)) {
                event.preventDefault();

                return;
            }
            const asked = commandFor(event, grid.place, grid.size, grid.hasBlock);
            if (asked !== null) {
                event.preventDefault();
                command(asked);
            }
        }),
        ...useGridPointer({ cursor: grid, typing, mayType, valueAt: grid.valueAt }),
        ...useSwipe(grid),
        ...useBlockClipboard({
            block: grid.block,
            valueAt: grid.valueAt,
            mayWrite: sheet.mayRecord,
            onCut: () => {
                command({ kind: 'clear' });
            },
            onPaste: paste,
        }),
    };
}
