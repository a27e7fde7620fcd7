import { SWIPE } from '@/ui/grid/useGridPointer';
import { useRef, type TouchEvent } from 'react';
import type { Grid } from './useGrid';

/** A finger that goes sideways turns the day. */
export function useSwipe({ place, size, stay }: Pick<Grid, 'place' | 'size' | 'stay'>) {
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
            const column = place.column + (across < 0 ? 1 : -1);
            if (Math.abs(across) >= SWIPE && Math.abs(across) > 2 * Math.abs(down) && column >= 0 && column < size.columns) {
                stay({ row: place.row, column });
            }
        },
    };
}
