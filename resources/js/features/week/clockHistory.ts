import type { StretchProps } from '@/types/generated/props';
import type { WantedStretch } from './useByTheClock';

/** How one act on time by the clock is taken back. */
export type ClockUndo =
    | { kind: 'remove'; id: number; version: number }
    | { kind: 'change'; id: number; version: number; to: WantedStretch }
    | { kind: 'draw'; as: WantedStretch };

/** How many acts can be taken back. */
const MOST = 50;

/** What a stretch was, to be wanted again. */
export function asItWas({ line, date, starts, ends, note, billable }: StretchProps): WantedStretch {
    return { line, date, starts, ends, note, billable };
}

/** The way back after another act; the oldest is forgotten where there are too many. */
export function withUndo(history: readonly ClockUndo[], undo: ClockUndo): ClockUndo[] {
    return [...history, undo].slice(-MOST);
}
