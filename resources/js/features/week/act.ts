import type { Wanted } from './cells';

/** What an act did to one cell: what it held, and what was wanted instead. */
export interface CellStep {
    key: string;
    before: Wanted;
    after: Wanted;
}

/** One act on a sheet that can be undone: cells changed, pencil rubbed out, and a line added or removed with it. */
export interface Act {
    steps: CellStep[];
    rubbedOut: string[];
    line: { key: string; change: 'added' | 'removed' } | null;
}
