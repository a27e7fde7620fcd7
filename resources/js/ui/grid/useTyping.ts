import { useStable } from '@/lib/useStable';
import { useState, type KeyboardEvent } from 'react';
import { afterTyping, type GridPlace, type Size } from './moves';
import type { GridCursor } from './useGridCursor';

/** The place that is typed over, and what the typing begins with. */
export interface Typing extends GridPlace {
    first: string;
}

export type FinishingKey = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey'>;

export interface TypingState {
    typing: Typing | null;
    begin: (typing: Typing) => void;
    /** With null, nothing was typed after all; without a key, the focus has gone elsewhere. */
    finish: (typed: string | null, key: FinishingKey | null) => void;
}

/** Typing over one cell: what was typed is written, and the key that ended it leads on. */
export function useTyping(cursor: GridCursor, size: Size, write: (typed: string, place: GridPlace) => void): TypingState {
    const [typing, setTyping] = useState<Typing | null>(null);

    return {
        typing,
        begin: setTyping,
        finish: useStable((typed, key) => {
            if (typing === null) {
                return;
            }
            setTyping(null);
            if (typed !== null) {
                write(typed.trim(), typing);
            }
            if (key !== null) {
                cursor.go(afterTyping(key, typing, size) ?? typing);
            }
        }),
    };
}
