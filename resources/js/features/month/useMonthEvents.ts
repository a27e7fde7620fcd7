import { isOfCell } from '@/ui/grid/places';
import { useBlockClipboard } from '@/ui/grid/useBlockClipboard';
import { useGridPointer } from '@/ui/grid/useGridPointer';
import type { MonthLineProps } from '@/types/generated/props';
import type { KeyboardEvent } from 'react';
import { monthCommandFor } from './monthKeys';
import type { MonthGrid } from './useMonthGrid';

/** Keys, pointer and clipboard on the grid of days. */
export function useMonthEvents(grid: MonthGrid, onFill: (line: MonthLineProps) => void, onSubmit: () => void) {
    const acts = {
        clear: () => {
            grid.writeSelected('');
        },
        cancel: grid.forget,
        fill: () => {
            if (grid.line?.canFill === true) {
                onFill(grid.line);
            }
        },
        submit: onSubmit,
        undo: grid.undo,
        redo: grid.redo,
    };

    return {
        onKeyDown: (event: KeyboardEvent) => {
            const command = isOfCell(event.target) ? monthCommandFor(event, grid.place, grid.size) : null;
            if (command === null) {
                return;
            }
            event.preventDefault();
            if (command.kind === 'move') {
                grid.go(command.to, command.extends);
            } else if (command.kind === 'edit') {
                grid.edit(command.first);
            } else {
                acts[command.kind]();
            }
        },
        ...useGridPointer({ cursor: grid, typing: grid.typing, mayType: grid.mayType, valueAt: grid.valueAt }),
        ...useBlockClipboard({
            block: grid.block,
            valueAt: grid.valueAt,
            mayWrite: true,
            onCut: acts.clear,
            onPaste: (copied) => {
                grid.writeSelected(copied.trim());
            },
        }),
    };
}
