import { useShared } from '@/lib/shared';
import { useStable } from '@/lib/useStable';
import type { TaskRemainingProps, ProposalProps, WeekProps } from '@/types/generated/props';
import { useEffect, useReducer, useRef } from 'react';
import { heldOf, type Cell, type Wanted } from './cells';
import type { Act, CellStep } from './history';
import { changedSheet, stateOf, type SheetState } from './sheetState';
import { useHistory } from './useHistory';
import { useLines } from './useLines';
import { useSaveQueue } from './useSaveQueue';
import { usePencil } from './usePencil';

export interface SheetActs {
    /** Wants things of cells, as one act that can be undone. */
    want: (wanted: ReadonlyMap<string, Wanted>) => void;
    /** Inks what is pencilled in these cells. */
    ink: (keys: readonly string[]) => void;
    /** Clears what is inked in these cells and rubs out what is pencilled there, as one act. */
    clear: (keys: readonly string[]) => void;
    restore: (key: string) => void;
    /** After a cell has moved on: keep what is there, or put one's own in its place. */
    choose: (key: string, mine: boolean) => void;
    /** Steps back and forth; says whether there was anything to step over. */
    undo: () => boolean;
    redo: () => boolean;
    retry: () => void;
    /** Adds a line, shows it, and may want things of its cells at once. */
    addLine: (line: string, wanted?: ReadonlyMap<string, Wanted>) => void;
    removeLine: (line: string) => void;
    arrange: (lines: SheetState['lines'], collapsed: readonly string[]) => void;
    /** The remaining hours of a task have changed. */
    estimated: (left: TaskRemainingProps) => void;
}

/** What inking the pencil in these cells would want of them. */
function inked({ proposals, cells }: SheetState, keys: readonly string[]): Map<string, Wanted> {
    const wanted = new Map<string, Wanted>();
    for (const key of keys) {
        const proposal: ProposalProps | undefined = proposals[key];
        const cell = cells[key];
        if (proposal !== undefined && cell?.typed === null) {
            wanted.set(key, { hours: `${proposal.minutes}m` });
        }
    }

    return wanted;
}

/** Whether anything is inked or typed in a cell. */
function holds(cell: Cell | undefined): boolean {
    return cell !== undefined && (cell.saved.minutes !== null || cell.typed !== null);
}

/** The sheet of a week: saved by itself, undone and done again, pencilled anew after every change. */
export function useSheet(sheet: WeekProps): { state: SheetState; acts: SheetActs } {
    const [state, change] = useReducer(changedSheet, sheet, stateOf);
    const reader = useShared().signedIn?.code ?? '';
    const queue = useSaveQueue(sheet.address, reader, change);
    const history = useHistory(sheet.address);
    const lines = useLines(sheet.address, state, change);
    usePencil(sheet, queue, state, change);

    const first = useRef(sheet);
    useEffect(() => {
        if (first.current !== sheet) {
            first.current = sheet;
            change({ kind: 'arrived', sheet });
        }
    }, [sheet]);

    const send = (wanted: ReadonlyMap<string, Wanted>) => {
        const sendings = [...wanted].map(([key, asked]) => {
            const cell = state.cells[key];
            // What was refused before goes again with what is wanted now, so that none of it is lost.
            const before = cell?.typed?.status === 'refused' || cell?.typed?.status === 'stored' ? cell.typed.wanted : {};

            return { key, wanted: { ...before, ...asked }, seen: cell?.saved.version ?? null };
        });
        change({ kind: 'wanted', wanted: new Map(sendings.map((sending) => [sending.key, sending.wanted])) });
        queue.add(sendings);
    };
    const stepsOf = (wanted: ReadonlyMap<string, Wanted>): CellStep[] =>
        [...wanted].map(([key, after]) => {
            const cell = state.cells[key];

            return { key, after, before: cell === undefined ? { hours: '' } : heldOf(cell, after) };
        });
    const rub = (keys: readonly string[], out: boolean) => {
        if (keys.length > 0) {
            if (out) {
                change({ kind: 'rubbed out', keys });
            }
            lines.rubOut(keys, out);
        }
    };
    const perform = ({ steps, rubbedOut, line }: Act, back: boolean) => {
        const wanted = new Map(steps.map(({ key, before, after }) => [key, back ? before : after]));
        rub(rubbedOut, !back);
        if (line === null) {
            send(wanted);
        } else if ((line.change === 'added') === back) {
            lines.remove(line.key, state.totals.lines[line.key] ?? 0);
        } else {
            lines.add(line.key, () => {
                send(wanted);
            });
        }
    };
    const remember = (act: Partial<Act>) => {
        history.add({ steps: [], rubbedOut: [], line: null, ...act });
    };
    const want = (wanted: ReadonlyMap<string, Wanted>) => {
        if (wanted.size > 0) {
            remember({ steps: stepsOf(wanted) });
            send(wanted);
        }
    };

    return {
        state,
        acts: {
            want: useStable(want),
            ink: useStable((keys) => {
                want(inked(state, keys));
            }),
            clear: useStable((keys) => {
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
            restore: useStable((key) => {
                queue.forget(key);
                change({ kind: 'restored', key });
            }),
            choose: useStable((key, mine) => {
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
            undo: useStable(() => {
                const act = history.undo();
                if (act !== null) {
                    perform(act, true);
                }

                return act !== null;
            }),
            redo: useStable(() => {
                const act = history.redo();
                if (act !== null) {
                    perform(act, false);
                }

                return act !== null;
            }),
            retry: queue.retry,
            addLine: useStable((line, wanted = new Map<string, Wanted>()) => {
                remember({ steps: stepsOf(wanted), line: { key: line, change: 'added' } });
                lines.add(line, () => {
                    if (wanted.size > 0) {
                        send(wanted);
                    }
                });
            }),
            removeLine: useStable((key) => {
                const held = Object.entries(state.cells).filter(
                    ([cell, { saved }]) => cell.startsWith(`${key} `) && saved.minutes !== null,
                );
                remember({
                    steps: held.map(([cellKey, cell]) => ({
                        key: cellKey,
                        before: heldOf(cell, { hours: '' }),
                        after: { hours: '' },
                    })),
                    line: { key, change: 'removed' },
                });
                lines.remove(key, state.totals.lines[key] ?? 0);
            }),
            arrange: lines.arrange,
            estimated: useStable((remaining) => {
                change({ kind: 'estimated', remaining });
            }),
        },
    };
}
