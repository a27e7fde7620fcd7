import { fullDay } from '@/lib/days';
import { useNarrow } from '@/lib/useNarrow';
import { useStable } from '@/lib/useStable';
import { useMemo } from 'react';
import { foldedWith } from './rows';
import type { SheetTools } from './sheetTools';
import type { SheetPage } from './useSheetPage';

/** A whole day, in minutes. */
const WHOLE_DAY = 1440;

/** What rows and cells need of their sheet; another only when the sheet itself is. */
export function useGridTools({ sheet, state, grid, acts, typing, remaining, format }: SheetPage): SheetTools {
    const isNarrow = useNarrow();
    const { finish } = typing;
    const onStep = useStable((key: string, minutes: number | null) => {
        if (minutes === null) {
            acts.ink([key]);
        } else {
            acts.want(new Map([[key, { hours: minutes <= 0 ? '' : Math.min(minutes, WHOLE_DAY) }]]));
        }
    });
    const onCollapse = useStable((projectCode: string) => {
        acts.arrange(state.lines, foldedWith(state.collapsed, projectCode));
    });
    const onLeaveRemaining = useStable((row: number) => {
        grid.go({ row, column: sheet.days.length - 1 });
    });
    const { days, mayRecord, maySubmit, step } = sheet;
    const { fields, onUpdate } = remaining;

    return useMemo(
        () => ({
            days,
            dayNames: days.map((day) => fullDay(day.date)),
            format,
            mayRecord,
            maySubmit,
            step,
            isNarrow,
            remainingFields: fields,
            onFinish: finish,
            onStep,
            onCollapse,
            onUpdateRemaining: onUpdate,
            onLeaveRemaining,
        }),
        [days, format, mayRecord, maySubmit, step, isNarrow, fields, finish, onStep, onCollapse, onUpdate, onLeaveRemaining],
    );
}
