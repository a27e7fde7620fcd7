import { dayOf } from '@/lib/days';
import { printHours } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import type { KeyboardEvent } from 'react';
import { CellEditor } from './CellEditor';
import { fieldOf, isOpen, textOf, type Column, type PlanRow } from './planRows';

interface PlanCellProps {
    row: PlanRow;
    column: Column;
    place: string;
    isHere: boolean;
    mayPlan: boolean;
    format: HoursFormat;
    /** Days of which are shown without it. */
    year: string;
    fault: string | undefined;
    /** What the typing begins with; null where nothing is typed. */
    typed: string | null;
    options: readonly string[];
    onAsk: (typed: string) => void;
    onFinish: (typed: string | null, key: KeyboardEvent | null) => void;
}

/** What a cell says, in the label of the table. */
function shown(row: PlanRow, column: Column, format: HoursFormat, year: string): string {
    const field = fieldOf(row, column);
    if (field === null) {
        return '';
    }
    const own = textOf(row, field, format);
    if (field === 'startsOn' || field === 'endsOn') {
        return own === '' ? '' : dayOf(own, year);
    }
    if (field === 'budget') {
        return own === '' ? '' : printMoney(own, '');
    }

    return own;
}

/** A cell of the plan: read, and typed over. */
export function PlanCell(props: PlanCellProps) {
    const { row, column, format, typed, fault } = props;
    const field = fieldOf(row, column);
    const open = props.mayPlan && isOpen(row, field);
    const label = shown(row, column, format, props.year);
    const name = text.plan.cell(
        text.plan.columns[column.key] ?? column.key,
        row.kind === 'task' ? row.task.name : text.plan.on(row.assignment.assigneeName, row.task.name),
        label === '' ? text.week.empty : label,
    );
    const isSum = row.kind === 'task' && column.key === 'planned' && row.task.own === null;

    return (
        <td
            role="gridcell"
            tabIndex={props.isHere ? 0 : -1}
            data-plan={props.place}
            aria-label={isSum ? text.plan.sumCell(row.task.name, printHours(row.task.planned, format)) : name}
            aria-readonly={!open}
            aria-invalid={fault !== undefined}
            title={fault ?? (column.isFigure ? undefined : label)}
            className={clsx(
                'h-7 border-b border-rule px-1.5',
                column.isFigure ? 'text-end' : 'truncate',
                row.kind === 'assignment' && column.key === 'name' && 'ps-5',
                row.kind === 'assignment' && 'text-[0.95em]',
                row.kind === 'task' && column.key === 'name' && 'font-semibold',
                open ? 'bg-sheet' : 'text-faded',
                fault !== undefined && 'outline-2 -outline-offset-2 outline-brick',
            )}
        >
            {typed !== null && field !== null ? (
                <CellEditor
                    first={typed}
                    label={name}
                    isFigure={column.isFigure}
                    options={props.options}
                    onAsk={field === 'assignee' ? props.onAsk : null}
                    onFinish={props.onFinish}
                />
            ) : isSum ? (
                <span className="pencilled">
                    <Hours minutes={row.task.planned} format={format} />
                </span>
            ) : column.key === 'planned' ? (
                <Hours minutes={row.kind === 'task' ? row.task.planned : row.assignment.planned} format={format} />
            ) : (
                label
            )}
        </td>
    );
}
