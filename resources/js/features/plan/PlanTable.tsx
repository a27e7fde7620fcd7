import { text } from '@/lib/text';
import type { HoursFormat, PlanProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { PlanTableRow } from './PlanTableRow';
import type { Faults } from './usePlan';
import type { usePlanGrid } from './usePlanGrid';

interface PlanTableProps {
    plan: PlanProps;
    grid: ReturnType<typeof usePlanGrid>;
    faults: Faults;
    format: HoursFormat;
}

const widths: Record<string, string> = {
    name: 'w-[25%]',
    code: 'w-[12%]',
    phase: 'w-[10%]',
    planned: 'w-[5.2rem]',
    budget: 'w-[6rem]',
    startsOn: 'w-[5.6rem]',
    endsOn: 'w-[5.6rem]',
};

/** The plan as a table that is typed in: tasks, and under each who is on it (the WAI-ARIA grid pattern). */
export function PlanTable({ plan, grid, faults, format }: PlanTableProps) {
    const compares = plan.comparedOn !== null;

    return (
        <table
            role="grid"
            aria-label={text.plan.table(plan.name)}
            className="w-full table-fixed border-collapse"
            {...grid.events}
        >
            <thead className="text-faded">
                <tr>
                    {grid.columns.map(({ key, isFigure }) => [
                        <th
                            key={key}
                            scope="col"
                            className={clsx('border-b border-edge px-1.5 align-bottom', widths[key], isFigure && 'text-end')}
                        >
                            {text.plan.columns[key]}
                        </th>,
                        key === 'planned' && compares && (
                            <th
                                key="compared"
                                scope="col"
                                className="w-[5.2rem] border-b border-edge px-1.5 text-end align-bottom"
                            >
                                {plan.comparedOn === plan.baselineOn ? text.plan.baseline : text.plan.then}
                            </th>
                        ),
                    ])}
                </tr>
            </thead>
            <tbody>
                {grid.rows.map((row, index) => (
                    <PlanTableRow key={row.key} row={row} index={index} grid={grid} plan={plan} faults={faults} format={format} />
                ))}
            </tbody>
            <tfoot>
                <tr className="font-semibold">
                    <th scope="row" colSpan={3} className="border-t border-edge px-1.5 py-1">
                        {text.plan.whole}
                    </th>
                    <td className="border-t border-edge px-1.5 text-end">
                        <Hours minutes={plan.planned} format={format} />
                    </td>
                    {compares && (
                        <td className="border-t border-edge px-1.5 text-end">
                            <Hours minutes={plan.compared ?? 0} format={format} />
                        </td>
                    )}
                    <td colSpan={grid.columns.length - 4} className="border-t border-edge" />
                </tr>
            </tfoot>
        </table>
    );
}
