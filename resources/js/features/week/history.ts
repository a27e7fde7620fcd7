import type { Wanted } from './cells';

/** What an act did to one cell: what it held, and what was wanted instead. */
export interface CellStep {
    key: string;
    before: Wanted;
    after: Wanted;
}

/** One act that can be undone: cells changed, pencil rubbed out, and a line added or removed with it. */
export interface Act {
    steps: CellStep[];
    rubbedOut: string[];
    line: { key: string; change: 'added' | 'removed' } | null;
}

export interface History {
    done: Act[];
    undone: Act[];
}

const MOST = 200;

export const noHistory: History = { done: [], undone: [] };

/** After something new, nothing that was undone can be done again. */
export function withAct({ done }: History, act: Act): History {
    return { done: [...done, act].slice(-MOST), undone: [] };
}

export function undoing({ done, undone }: History): { act: Act; history: History } | null {
    const act = done.at(-1);

    return act === undefined ? null : { act, history: { done: done.slice(0, -1), undone: [...undone, act] } };
}

export function redoing({ done, undone }: History): { act: Act; history: History } | null {
    const act = undone.at(-1);

    return act === undefined ? null : { act, history: { done: [...done, act], undone: undone.slice(0, -1) } };
}
