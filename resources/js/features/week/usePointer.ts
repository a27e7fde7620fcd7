import { useRef, type PointerEvent } from 'react';
import type { GridPlace } from '@/lib/gridMoves';
import { cellAround, placeOf } from './gridPlaces';
import type { GridParts } from './useGridEvents';
import { SWIPE } from './useSwipe';

interface Pressed {
    place: GridPlace;
    hadFocus: boolean;
    x: number;
    byTouch: boolean;
}

function isOnControl(target: EventTarget): boolean {
    return target instanceof Element && target.closest('button, input') !== null;
}

/** A press goes to a cell, a drag selects a block, and a press on the cell one is on opens it; a finger opens it at once. */
export function usePointer({ grid, typing, onType }: GridParts, mayType: (place: GridPlace) => boolean) {
    const pressed = useRef<Pressed | null>(null);

    return {
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
                grid.go(place, true);
            }
        },
        onPointerOver: (event: PointerEvent) => {
            const place = placeOf(cellAround(event.target));
            const from = pressed.current;
            if (place === null || from === null || from.byTouch || event.buttons !== 1 || typing !== null) {
                return;
            }
            if (grid.hasBlock || place.row !== from.place.row || place.column !== from.place.column) {
                window.getSelection()?.removeAllRanges();
                grid.go(place, true);
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
                onType({ ...to, first: grid.valueAt(to.row, to.column) });
            }
        },
    };
}
