import { useRef, type TouchEvent } from 'react';
import type { GridParts } from './useGridEvents';

/** How far a finger goes before it turns the day, in pixels. */
export const SWIPE = 60;

/** A finger that goes sideways turns the day. */
export function useSwipe({ grid, sheet }: GridParts) {
    const start = useRef<{ x: number; y: number } | null>(null);

    return {
        onTouchStart: ({ touches }: TouchEvent) => {
            const touch = touches[0];
            start.current = touch === undefined ? null : { x: touch.clientX, y: touch.clientY };
        },
        onTouchEnd: ({ changedTouches }: TouchEvent) => {
            const touch = changedTouches[0];
            if (touch === undefined || start.current === null) {
                return;
            }
            const [across, down] = [touch.clientX - start.current.x, touch.clientY - start.current.y];
            const column = grid.place.column + (across < 0 ? 1 : -1);
            if (Math.abs(across) >= SWIPE && Math.abs(across) > 2 * Math.abs(down) && column >= 0 && column < sheet.days.length) {
                grid.stay({ row: grid.place.row, column });
            }
        },
    };
}
