import type { ClipboardEvent } from 'react';
import { textOf, type Block } from './block';
import { isOfCell } from './places';

interface BlockClipboard {
    block: Block;
    valueAt: (row: number, column: number) => string;
    mayWrite: boolean;
    onCut: () => void;
    onPaste: (text: string) => void;
}

/** A block to and from a spreadsheet, as tab-separated text. What is typed in a field of a cell is left to the field. */
export function useBlockClipboard({ block, valueAt, mayWrite, onCut, onPaste }: BlockClipboard) {
    const copy = (event: ClipboardEvent): boolean => {
        if (!isOfCell(event.target)) {
            return false;
        }
        event.preventDefault();
        event.clipboardData.setData('text/plain', textOf(block, valueAt));

        return true;
    };

    return {
        onCopy: (event: ClipboardEvent) => void copy(event),
        onCut: (event: ClipboardEvent) => {
            if (copy(event) && mayWrite) {
                onCut();
            }
        },
        onPaste: (event: ClipboardEvent) => {
            if (isOfCell(event.target) && mayWrite) {
                event.preventDefault();
                onPaste(event.clipboardData.getData('text/plain'));
            }
        },
    };
}
