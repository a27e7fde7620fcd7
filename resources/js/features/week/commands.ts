import type { LineProps, WeekProps } from '@/types/generated/props';
import type { Command } from './gridKeys';
import type { SheetState } from './sheetState';
import type { Grid } from './useGrid';
import type { SheetActs } from './useSheet';

/** What the margin of a sheet shows. */
export type Panel = 'cell' | 'submit' | 'estimate' | 'add line' | 'remove line' | 'keys';

/** What a command works with. */
export interface Hands {
    sheet: WeekProps;
    state: SheetState;
    grid: Grid;
    acts: SheetActs;
    /** Asks for other hours in the place of approved or settled ones. */
    correct: (cell: string, hours: string) => void;
    open: (panel: Panel) => void;
    type: (first: string | null) => void;
    say: (sentence: string) => void;
    /** Starts a timer on a line. */
    startTimer: (line: LineProps) => void;
    /** Goes to the part of the margin that writes about the cell. */
    write: (part: 'note' | 'auditTrail') => void;
}

/** What some kinds of command do. */
export type Does<Kinds extends Command['kind']> = {
    [Kind in Kinds]: (command: Extract<Command, { kind: Kind }>) => void;
};
