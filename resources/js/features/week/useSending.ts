import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import type { WeekProps } from '@/types/generated/props';
import type { Dispatch } from 'react';
import type { Act, CellStep } from './act';
import { heldOf, type Wanted } from './cells';
import type { SheetChange, SheetState } from './sheetState';
import { useHistory } from './useHistory';
import { useLines } from './useLines';
import { useSaveQueue } from './useSaveQueue';

/** How acts on a sheet reach the server, and how they are taken back. */
export function useSending(sheet: WeekProps, state: SheetState, change: Dispatch<SheetChange>) {
    const reader = useShared().signedIn?.code ?? '';
    const queue = useSaveQueue(sheet.at, reader, change);
    const history = useHistory(route('week.of', sheet.at));
    const lines = useLines(sheet.at, state, change);

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

    return {
        queue,
        lines,
        send,
        rub,
        /** What a change does to each cell, for undo. */
        stepsOf: (wanted: ReadonlyMap<string, Wanted>): CellStep[] =>
            [...wanted].map(([key, after]) => {
                const cell = state.cells[key];

                return { key, after, before: cell === undefined ? { hours: '' } : heldOf(cell, after) };
            }),
        remember: (act: Partial<Act>) => {
            history.add({ steps: [], rubbedOut: [], line: null, ...act });
        },
        /** Steps back or forth over one act; says whether there was one. */
        stepOver: (back: boolean): boolean => {
            const act = back ? history.undo() : history.redo();
            if (act !== null) {
                perform(act, back);
            }

            return act !== null;
        },
    };
}

export type Sending = ReturnType<typeof useSending>;
