import { placesOf } from '@/ui/grid/block';
import type { GridPlace } from '@/ui/grid/moves';
import { useGridCursor } from '@/ui/grid/useGridCursor';
import { useTyping } from '@/ui/grid/useTyping';
import type { HoursFormat, PlanProps } from '@/types/generated/props';
import { useMemo } from 'react';
import type { Change } from './planRequests';
import { changesOf, columnsOf, fieldOf, isOpen, rowsOf, textOf, typedIn } from './planRows';
import type { PlanActs } from './usePlan';

/** Where one is in the plan, what is typed there, and how it is written. */
export function usePlanGrid(plan: PlanProps, acts: PlanActs, format: HoursFormat) {
    const rows = useMemo(() => rowsOf(plan.tasks), [plan.tasks]);
    const columns = useMemo(() => columnsOf(plan), [plan]);
    const size = { rows: rows.length, columns: columns.length };
    const cursor = useGridCursor(size, { row: 0, column: 0 });
    const at = ({ row, column }: GridPlace) => {
        const [found, named] = [rows[row], columns[column]];
        const field = found === undefined || named === undefined ? null : fieldOf(found, named);

        return found === undefined || field === null ? null : { row: found, field, isOpen: plan.mayPlan && isOpen(found, field) };
    };
    const valueAt = (row: number, column: number) => {
        const found = at({ row, column });

        return found === null ? '' : textOf(found.row, found.field, format);
    };
    /** What typing over a cell begins with. */
    const typedAt = (row: number, column: number) => {
        const [found, named] = [rows[row], columns[column]];

        return found === undefined || named === undefined ? '' : typedIn(found, named, format);
    };
    /** Writes a text into each of these places where one may, as one act. */
    const write = (places: GridPlace[], typed: string) => {
        const [after, before]: [Change[], Change[]] = [[], []];
        for (const place of places) {
            const found = at(place);
            const was = valueAt(place.row, place.column);
            if (found?.isOpen === true && typed !== was && typed !== typedAt(place.row, place.column)) {
                const { row, field } = found;
                const held = row.kind === 'assignment' && field === 'assignee' ? row.assignment.assignee : was;
                const [one, other] = changesOf(row, field, typed, held);
                after.push(...one);
                before.push(...other);
            }
        }
        if (after.length > 0) {
            void acts.change(after, before);
        }
    };
    const typing = useTyping(cursor, size, (typed, place) => {
        write([place], typed);
    });

    return {
        ...cursor,
        rows,
        columns,
        size,
        row: rows[cursor.place.row],
        typing,
        valueAt,
        typedAt,
        mayType: (place: GridPlace) => at(place)?.isOpen === true,
        /** Begins to type where one is: over what stands there, or with a first letter. */
        edit: (first: string | null) => {
            const { place } = cursor;
            if (at(place)?.isOpen === true) {
                typing.begin({ ...place, first: first ?? typedAt(place.row, place.column) });
            }
        },
        /** Writes into everything that is selected. */
        fill: (typed: string) => {
            write(placesOf(cursor.block), typed);
        },
    };
}

export type PlanGrid = ReturnType<typeof usePlanGrid>;
