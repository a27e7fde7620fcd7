import { useRef, type FocusEvent, type PointerEvent } from 'react';
import type { GridPlace } from './moves';
import { cellAround, isOfCell, placeOf } from './places';
import type { GridCursor } from './useGridCursor';
import type { TypingState } from './useTyping';

/** How far a finger goes before it means something else than the cell, in pixels. */
export const SWIPE = 60;

interface Pressed {
    place: GridPlace;
    hadFocus: boolean;
    x: number;
    byTouch: boolean;
}

interface GridPointer {
    cursor: Pick<GridCursor, 'go' | 'stay' | 'hasBlock'>;
    typing: TypingState;
    mayType: (place: GridPlace) => boolean;
    valueAt: (row: number, column: number) => string;
}

function isOnControl(target: EventTarget): boolean {
    return target instanceof Element && target.closest('button, input') !== null;
}

/** A press goes to a cell, a drag selects a block, and a press on the cell one is on opens it; a finger opens it at once. A cell that takes the focus is where one is. */
export function useGridPointer({ cursor, typing, mayType, valueAt }: GridPointer) {
    const pressed = useRef<Pressed | null>(null);

    return {
        onFocus: (event: FocusEvent) => {
            const to = placeOf(cellAround(event.target));
            if (to !== null && isOfCell(event.target)) {
                cursor.stay(to);
            }
        },
        onPointerDown: (event: PointerEvent) => {
            const cell = cellAround(event.target);
            const place = placeOf(cell);
            if (place === null || isOnControl(event.target)) {
                return;
            }
            pressed.current = {
                place,
                hadFocus: document.activeElement === cell,
                x: event.clientX,
                byTouch: event.pointerType === 'touch',
            };
            if (event.shiftKey) {
                event.preventDefault();
                cursor.go(place, true);
            }
        },
        onPointerOver: (event: PointerEvent) => {
            const place = placeOf(cellAround(event.target));
            const from = pressed.current;
            if (place === null || from === null || from.byTouch || event.buttons !== 1 || typing.typing !== null) {
                return;
            }
            if (cursor.hasBlock || place.row !== from.place.row || place.column !== from.place.column) {
                window.getSelection()?.removeAllRanges();
                cursor.go(place, true);
            }
        },
        onPointerUp: (event: PointerEvent) => {
            const from = pressed.current;
            const to = placeOf(cellAround(event.target));
            pressed.current = null;
            if (from === null || to === null || event.shiftKey || isOnControl(event.target)) {
                return;
            }
            const isStill =
                to.row === from.place.row && to.column === from.place.column && Math.abs(event.clientX - from.x) < SWIPE;
            if (isStill && (from.hadFocus || from.byTouch) && mayType(to)) {
                event.preventDefault();
                typing.begin({ ...to, first: valueAt(to.row, to.column) });
            }
        },
    };
}
