import { useStable } from '@/lib/useStable';
import { useEffect, useRef, useState } from 'react';
import type { ClockKey } from './clockKeys';
import { endingAt, movedBy, snapped, startingAt, type Stroke } from './clockView';

/** After how long without another key a moved stroke is saved, in milliseconds. */
const SETTLED = 500;

/** How near to its ends a stroke is resized and not moved, in pixels. */
const EDGE = 9;

interface Times {
    starts: number;
    ends: number;
}

/** Moves and resizes a stroke on its line, and saves it once that is over. */
export function useStroke(stroke: Stroke, step: number, save: (times: Times) => void) {
    const isDragged = useRef(false);
    const [moved, setMoved] = useState<(Times & { version: number }) | null>(null);
    const held = useRef<{ part: 'move' | 'start' | 'end'; from: number; times: Times; isMoved: boolean } | null>(null);
    const version = stroke.stretch?.version ?? 0;
    // What comes from the server is what is shown, as soon as it comes.
    const shown: Times = moved?.version === version ? moved : stroke;
    const saveMoved = useStable(save);
    useEffect(() => {
        if (moved?.version !== version || isDragged.current) {
            return;
        }
        const timer = window.setTimeout(() => {
            saveMoved({ starts: moved.starts, ends: moved.ends });
        }, SETTLED);

        return () => {
            window.clearTimeout(timer);
        };
    }, [moved, version, saveMoved]);
    const to = (part: 'move' | 'start' | 'end', from: Times, by: number): Times =>
        part === 'move'
            ? movedBy(from, by)
            : part === 'end'
              ? endingAt(from, from.ends + by, step)
              : startingAt(from, from.starts + by, step);

    return {
        shown,
        /** By a key; saved once no other follows. */
        move: (key: Extract<ClockKey, { by: number }>) => {
            if (stroke.stretch !== null) {
                isDragged.current = false;
                setMoved({ ...to(key.kind, shown, key.by), version });
            }
        },
        hold: (box: DOMRect, x: number, minute: number) => {
            const part = x - box.left < EDGE ? 'start' : box.right - x < EDGE ? 'end' : 'move';
            held.current = { part, from: minute, times: shown, isMoved: false };
        },
        drag: (minute: number) => {
            const now = held.current;
            const by = now === null ? 0 : snapped(Math.abs(minute - now.from), step) * Math.sign(minute - now.from);
            if (now !== null && (by !== 0 || now.isMoved)) {
                now.isMoved = true;
                isDragged.current = true;
                setMoved({ ...to(now.part, now.times, by), version });
            }
        },
        /** Lets go; says whether it was moved. */
        drop: () => {
            const isMoved = held.current?.isMoved ?? false;
            held.current = null;
            if (isMoved && moved !== null) {
                saveMoved({ starts: moved.starts, ends: moved.ends });
            }

            return isMoved;
        },
    };
}
