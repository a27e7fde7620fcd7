import { useStable } from '@/lib/useStable';
import { useState } from 'react';
import { focusOnLeft } from './LeftCell';
import type { Panel } from './useCommands';
import type { Grid } from './useGrid';

/** Typing over what is left of a line: said in the margin, and back to the figure once it is taken. */
export function useLeft(grid: Grid, open: (panel: Panel) => void, say: (words: string) => void) {
    const [typed, setTyped] = useState<string | null>(null);

    return {
        typed,
        forget: () => {
            setTyped(null);
        },
        onSay: useStable((row: number, words: string | null) => {
            grid.stay({ ...grid.place, row });
            setTyped(words);
            open('what is left');
        }),
        onSaid: (sentence: string) => {
            setTyped(null);
            open('cell');
            say(sentence);
            focusOnLeft(grid.place.row);
        },
    };
}
