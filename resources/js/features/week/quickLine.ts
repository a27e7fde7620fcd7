import type { ProposalProps, QuickReadingProps } from '@/types/generated/props';
import { cellKey, type Cells, type Wanted } from './cells';

/** What inking a reading would want of each cell. */
export function wantedBy({ task, days, minutes, adds, note }: QuickReadingProps, cells: Cells): Map<string, Wanted> {
    return new Map(
        (task === null ? [] : days).map((date) => {
            const key = cellKey(task?.line ?? '', date);
            const before = adds ? (cells[key]?.saved.minutes ?? 0) : 0;

            return [key, { hours: before + minutes, ...(note === '' ? {} : { note }) }] as const;
        }),
    );
}

/** The reading in pencil, for the cells of the grid that it would change. */
export function previewOf(reading: QuickReadingProps | null): Record<string, ProposalProps> {
    const { task, days, minutes } = reading ?? { task: null, days: [], minutes: 0 };

    return task === null || minutes === 0
        ? {}
        : Object.fromEntries(
              days.map((date) => [
                  cellKey(task.line, date),
                  { line: task.line, date, minutes, source: 'plan' as const, why: '', times: [] },
              ]),
          );
}

/** What stands in the cells already and would be replaced, in minutes; null where nothing would. */
export function replacedBy({ task, days, adds }: QuickReadingProps, cells: Cells): number | null {
    const held = (task === null || adds ? [] : days).map((date) => cells[cellKey(task?.line ?? '', date)]?.saved.minutes ?? 0);
    const sum = held.reduce((total, minutes) => total + minutes, 0);

    return sum === 0 ? null : sum;
}
