import { useStable } from '@/lib/useStable';
import { CellElements } from '@/ui/grid/cellElements';
import { useState } from 'react';
import type { Panel } from './commands';
import type { Grid } from './useGrid';

/** The column of remaining hours beside the days. */
export interface RemainingColumn {
    /** Its fields, by row. */
    fields: CellElements;
    /** What was typed over one and is being estimated in the margin. */
    typed: string | null;
    forget: () => void;
    /** Moves to the field of a row; says whether it has one. */
    focus: (row: number) => boolean;
    onUpdate: (row: number, hours: string | null) => void;
    onSaved: (sentence: string) => void;
}

/** Typing over the remaining hours of a line: the margin saves it, and the focus returns to the figure. */
export function useRemainingCell(grid: Grid, open: (panel: Panel) => void, say: (sentence: string) => void): RemainingColumn {
    const [typed, setTyped] = useState<string | null>(null);
    const [fields] = useState(() => new CellElements());
    const focus = (row: number) => fields.focus({ row, column: 0 });

    return {
        fields,
        typed,
        forget: () => {
            setTyped(null);
        },
        focus,
        onUpdate: useStable((row, hours) => {
            grid.stay({ ...grid.place, row });
            setTyped(hours);
            open('estimate');
        }),
        onSaved: (sentence) => {
            setTyped(null);
            open('cell');
            say(sentence);
            focus(grid.place.row);
        },
    };
}
