import { useStable } from '@/lib/useStable';
import { useState } from 'react';
import { focusOnRemaining } from './RemainingCell';
import type { Panel } from './useCommands';
import type { Grid } from './useGrid';

/** Typing over what is remaining of a line: said in the margin, and back to the figure once it is taken. */
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
