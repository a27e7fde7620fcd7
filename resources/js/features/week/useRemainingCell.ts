import { useStable } from '@/lib/useStable';
import { useState } from 'react';
import { focusOnRemaining } from './RemainingCell';
import type { Panel } from './useCommands';
import type { Grid } from './useGrid';

/** Typing over the remaining hours of a line: the margin saves it, and the focus returns to the figure. */
export function useRemainingCell(grid: Grid, open: (panel: Panel) => void, say: (sentence: string) => void) {
    const [typed, setTyped] = useState<string | null>(null);

    return {
        typed,
        forget: () => {
            setTyped(null);
        },
        onUpdate: useStable((row: number, hours: string | null) => {
            grid.stay({ ...grid.place, row });
            setTyped(hours);
            open('estimate');
        }),
        onSaved: (sentence: string) => {
            setTyped(null);
            open('cell');
            say(sentence);
            focusOnRemaining(grid.place.row);
        },
    };
}
