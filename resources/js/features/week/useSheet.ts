import { useStable } from '@/lib/useStable';
import type { TaskRemainingProps, WeekProps } from '@/types/generated/props';
import { useEffect, useReducer, useRef } from 'react';
import { changedSheet, stateOf } from './sheetState';
import { useCellActs } from './useCellActs';
import { useLineActs } from './useLineActs';
import { usePencil } from './usePencil';
import { useSending } from './useSending';

export type SheetActs = ReturnType<typeof useSheet>['acts'];

/** The sheet of a week: saved by itself, undone and done again, pencilled anew after every change. */
export function useSheet(sheet: WeekProps) {
    const [state, change] = useReducer(changedSheet, sheet, stateOf);
    const sending = useSending(sheet, state, change);
    usePencil(sheet, sending.queue, state, change);

    const first = useRef(sheet);
    useEffect(() => {
        if (first.current !== sheet) {
            first.current = sheet;
            change({ kind: 'arrived', sheet });
        }
    }, [sheet]);

    return {
        state,
        acts: {
            ...useCellActs(state, change, sending),
            ...useLineActs(state, sending),
            /** Steps back and forth; says whether there was anything to step over. */
            undo: useStable(() => sending.stepOver(true)),
            redo: useStable(() => sending.stepOver(false)),
            retry: sending.queue.retry,
            /** The remaining hours of a task have changed. */
            estimated: useStable((remaining: TaskRemainingProps) => {
                change({ kind: 'estimated', remaining });
            }),
        },
    };
}
