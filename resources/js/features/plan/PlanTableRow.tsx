import { text } from '@/lib/text';
import { hoursWithUnit } from '@/lib/hours';
import type { HoursFormat, PlanProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { Fragment } from 'react';
import { PlanCell } from './PlanCell';
import { fieldOf, type PlanRow } from './planRows';
import type { Faults } from './usePlan';
import type { usePlanGrid } from './usePlanGrid';

interface PlanTableRowProps {
    row: PlanRow;
    index: number;
    grid: ReturnType<typeof usePlanGrid>;
    plan: PlanProps;
    faults: Faults;
    format: HoursFormat;
}

/** What can be chosen in a column. */
function optionsOf(row: PlanRow, column: string, plan: PlanProps, found: { name: string }[]): readonly string[] {
    if (row.kind === 'assignment') {
        return column === 'name' ? found.map(({ name }) => name) : column === 'code' ? plan.roles.map(({ name }) => name) : [];
    }

    return column === 'phase' ? [...new Set(plan.tasks.flatMap(({ phase }) => phase ?? []))] : [];
}

/** A task, or somebody on it; and, where a former plan stands beside it, who was on the task then. */
export function PlanTableRow({ row, index, grid, plan, faults, format }: PlanTableRowProps) {
    const compares = plan.comparedOn !== null;
    const compared = row.kind === 'task' ? row.task.compared : row.assignment.compared;
    const now = row.kind === 'task' ? row.task.planned : row.assignment.planned;
    const isLast = row.kind === 'task' ? row.task.assignments.length === 0 : row.assignment === row.task.assignments.at(-1);
    const { place, typing } = grid;

    return (
        <>
            <tr className={clsx(row.kind === 'task' && row.task.doneOn !== null && 'text-faded')}>
                {grid.columns.map((column, at) => (
                    <Fragment key={column.key}>
                        <PlanCell
                            row={row}
                            column={column}
                            place={`${index} ${at}`}
                            isHere={place.row === index && place.column === at}
                            mayPlan={plan.mayPlan}
                            format={format}
                            year={(plan.startsOn ?? plan.dates[0] ?? '').slice(0, 4)}
                            fault={faults[`${row.key}.${fieldOf(row, column) ?? ''}`]}
                            typed={typing?.row === index && typing.column === at ? typing.first : null}
                            options={optionsOf(row, column.key, plan, grid.found)}
                            onAsk={grid.ask}
                            onFinish={grid.finish}
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
                isLast &&
                row.task.gone.map((one) => (
                    <tr key={`${row.key} ${one.name}`} className="pencilled">
                        <th scope="row" colSpan={4} className="border-b border-rule px-1.5 ps-5">
                            <s>{one.name}</s>
                        </th>
                        <td className="border-b border-rule px-1.5 text-end" title={hoursWithUnit(one.minutes, format)}>
                            <Hours minutes={one.minutes} format={format} />
                        </td>
                        <td colSpan={grid.columns.length - 4} className="border-b border-rule">
                            {text.plan.gone}
                        </td>
                    </tr>
                ))}
        </>
    );
}
