import { pasted, placesOf, tableIn } from '@/ui/grid/block';
import { gridCommandFor } from '@/ui/grid/gridKeys';
import { isOfCell } from '@/ui/grid/places';
import { useBlockClipboard } from '@/ui/grid/useBlockClipboard';
import { useGridCursor } from '@/ui/grid/useGridCursor';
import { useGridPointer } from '@/ui/grid/useGridPointer';
import { useTyping } from '@/ui/grid/useTyping';
import type { KeyboardEvent } from 'react';
import { PERSON_FIELDS } from './pastedPeople';
import type { PastedPeople } from './usePastedPeople';

/** Where one is among the people, and what keys, mouse and the clipboard do there. */
export function usePastedGrid({ people, write, remove, undo, redo }: PastedPeople) {
    const size = { rows: people.length, columns: PERSON_FIELDS.length };
    const cursor = useGridCursor(size, { row: 0, column: 0 });
    const { block, place } = cursor;
    const valueAt = (row: number, column: number) => people[row]?.[PERSON_FIELDS[column] ?? 'name'] ?? '';
    const typing = useTyping(cursor, size, (value, to) => {
        write([{ ...to, value }]);
    });
    const clear = () => {
        write(placesOf(block).map((to) => ({ ...to, value: '' })));
    };
    const acts = {
        clear,
        undo,
        redo,
        remove: () => {
            remove(block.top, block.bottom);
            cursor.go({ row: block.top, column: place.column });
        },
    };

    return {
        ...cursor,
        typing,
        removeRows: acts.remove,
        events: {
            onKeyDown: (event: KeyboardEvent) => {
                const command = isOfCell(event.target) ? gridCommandFor(event, place, size) : null;
                if (command === null) {
                    return;
                }
                event.preventDefault();
                if (command.kind === 'move') {
                    cursor.go(command.to, command.extends);
                } else if (command.kind === 'edit') {
                    typing.begin({ ...place, first: command.first ?? valueAt(place.row, place.column) });
                } else {
                    acts[command.kind]();
                }
            },
            ...useGridPointer({ cursor, typing, mayType: () => true, valueAt }),
            ...useBlockClipboard({
                block,
                valueAt,
                mayWrite: true,
                onCut: clear,
                onPaste: (text) => {
                    // Rows that do not fit below are new people.
                    write(pasted(text, block, { ...size, rows: Math.max(size.rows, block.top + tableIn(text).length) }).filled);
                },
            }),
        },
    };
}
