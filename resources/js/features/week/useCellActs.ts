import { useStable } from '@/lib/useStable';
import type { Dispatch } from 'react';
import type { Cell, Wanted } from './cells';
import type { SheetChange, SheetState } from './sheetState';
import type { Sending } from './useSending';

/** What inking the pencil in these cells would want of them. */
function inked({ proposals, cells }: SheetState, keys: readonly string[]): Map<string, Wanted> {
    return new Map(
        keys.flatMap((key) => {
            const proposal = proposals[key];

            return proposal !== undefined && cells[key]?.typed === null ? [[key, { hours: proposal.minutes }] as const] : [];
        }),
    );
}

/** Whether anything is inked or typed in a cell. */
function holds(cell: Cell | undefined): boolean {
    return cell !== undefined && (cell.saved.minutes !== null || cell.typed !== null);
}

/** Acts on cells, each of which can be undone. */
export function useCellActs(state: SheetState, change: Dispatch<SheetChange>, sending: Sending) {
    const { queue, send, rub, remember, stepsOf } = sending;
    const want = (wanted: ReadonlyMap<string, Wanted>) => {
        if (wanted.size > 0) {
            remember({ steps: stepsOf(wanted) });
            send(wanted);
        }
    };

    return {
        /** Wants things of cells, as one act that can be undone. */
        want: useStable(want),
        /** Inks what is pencilled in these cells. */
        ink: useStable((keys: readonly string[]) => {
            want(inked(state, keys));
        }),
        /** Clears what is inked in these cells and rubs out what is pencilled there, as one act. */
        clear: useStable((keys: readonly string[]) => {
            const rubbedOut = keys.filter((key) => state.proposals[key] !== undefined);
            const wanted = new Map<string, Wanted>(
                keys.filter((key) => holds(state.cells[key])).map((key) => [key, { hours: '' }]),
            );
            if (rubbedOut.length + wanted.size > 0) {
                remember({ steps: stepsOf(wanted), rubbedOut });
                rub(rubbedOut, true);
                send(wanted);
            }
        }),
        restore: useStable((key: string) => {
            queue.forget(key);
            change({ kind: 'restored', key });
        }),
        /** After a cell has moved on: keep what is there, or put one's own in its place. */
        choose: useStable((key: string, mine: boolean) => {
            const typed = state.cells[key]?.typed;
            if (typed?.status !== 'moved on') {
                return;
            }
            change({ kind: 'restored', key });
            if (mine) {
                change({ kind: 'wanted', wanted: new Map([[key, typed.wanted]]) });
                queue.add([{ key, wanted: typed.wanted, seen: typed.current.version }]);
            }
        }),
    };
}
