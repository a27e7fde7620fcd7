import { text } from '@/lib/text';
import { hoursWithUnit } from '@/lib/hours';
import type { HoursFormat, PlanProps } from '@/types/generated/props';
import { cellCursor, type RowCursor } from '@/ui/grid/rowCursor';
import type { TypingState } from '@/ui/grid/useTyping';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { Fragment, memo } from 'react';
import { PlanCell } from './PlanCell';
import { fieldOf, isLastOfTask, mayTypeIn, shownIn, type Column, type PlanRow } from './planRows';
import type { Faults } from './useServerPlan';

interface PlanTableRowProps {
    row: PlanRow;
    index: number;
    columns: readonly Column[];
    cursor: RowCursor | null;
    onFinish: TypingState['finish'];
    plan: PlanProps;
    faults: Faults;
    format: HoursFormat;
}

/** A task, or somebody on it; and, where a former plan stands beside it, who was on the task then. Drawn anew only when it changes. */
export const PlanTableRow = memo(function PlanTableRow(props: PlanTableRowProps) {
    const { row, index, columns, cursor, plan, faults, format } = props;
    const compares = plan.comparedOn !== null;
    const compared = row.kind === 'task' ? row.task.compared : row.assignment.compared;
    const now = row.kind === 'task' ? row.task.planned : row.assignment.planned;
    const year = (plan.startsOn ?? plan.dates[0] ?? '').slice(0, 4);

    return (
        <>
            <tr aria-rowindex={index + 2} className={clsx(row.kind === 'task' && row.task.doneOn !== null && 'text-faded')}>
                {columns.map((column, at) => (
                    <Fragment key={column.key}>
                        <PlanCell
                            row={row}
                            column={column}
                            place={{ row: index, column: at }}
                            {...cellCursor(cursor, at)}
                            mayType={mayTypeIn(plan, row, column)}
                            shown={shownIn(row, column, format, year)}
                            fault={faults[`${row.key}.${fieldOf(row, column) ?? ''}`]}
                            onFinish={props.onFinish}
                        />
                        {column.key === 'planned' && compares && (
                            <td
                                className={clsx(
                                    'border-b border-rule px-1.5 text-end',
                                    compared === now ? 'text-faded' : 'text-ochre',
                                )}
                            >
                                {compared !== null && <Hours minutes={compared} format={format} />}
                            </td>
                        )}
                    </Fragment>
                ))}
            </tr>
            {compares &&
                isLastOfTask(row) &&
                row.task.gone.map((one) => (
                    <tr key={`${row.key} ${one.name}`} className="pencilled">
                        <th scope="row" colSpan={4} className="border-b border-rule px-1.5 ps-5">
                            <s>{one.name}</s>
                        </th>
                        <td className="border-b border-rule px-1.5 text-end" title={hoursWithUnit(one.minutes, format)}>
                            <Hours minutes={one.minutes} format={format} />
                        </td>
                        <td colSpan={columns.length - 4} className="border-b border-rule">
                            {text.plan.gone}
                        </td>
                    </tr>
                ))}
        </>
    );
});
