import { text } from '@/lib/text';
import type { ClipboardEvent } from 'react';
import { pasted, textOf } from './block';
import { isOfCell } from './gridPlaces';
import type { GridParts } from './useGridEvents';

/** Blocks to and from a spreadsheet, as tab-separated text. Only ink is copied. */
export function useClipboard({ sheet, grid, acts, onCommand, onSay }: GridParts) {
    const copy = (event: ClipboardEvent): boolean => {
        if (!isOfCell(event.target)) {
            return false;
        }
        event.preventDefault();
        event.clipboardData.setData('text/plain', textOf(grid.block, grid.valueAt));

        return true;
    };

    return {
        onCopy: (event: ClipboardEvent) => void copy(event),
        onCut: (event: ClipboardEvent) => {
            if (copy(event)) {
                onCommand({ kind: 'clear' });
            }
        },
        onPaste: (event: ClipboardEvent) => {
            if (!isOfCell(event.target) || !sheet.mayRecord) {
                return;
            }
            event.preventDefault();
            const { filled, outside } = pasted(event.clipboardData.getData('text/plain'), grid.block, grid.size);
            const onCollapsed = filled.filter(
                ({ row, column, value }) => value !== '' && grid.keyAt(row, column) === null,
            ).length;
            if (outside + onCollapsed > 0) {
                onSay(text.week.pastedOutside(outside + onCollapsed));
            }
            acts.want(grid.wantedBy(filled));
        },
    };
}
