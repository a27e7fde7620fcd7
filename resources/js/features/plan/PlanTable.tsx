import { text } from '@/lib/text';
import type { HoursFormat, PlanProps } from '@/types/generated/props';
import { rowCursor } from '@/ui/grid/rowCursor';
import { GridElements } from '@/ui/grid/useCellRef';
import { GridBody, SCREENFUL } from '@/ui/grid/GridBody';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { PlanTableRow } from './PlanTableRow';
import { isLastOfTask, type Column, type PlanRow } from './planRows';
import type { usePlanEvents } from './usePlanEvents';
import type { PlanGrid } from './usePlanGrid';
import type { Faults } from './useServerPlan';

interface PlanTableProps {
    plan: PlanProps;
    grid: PlanGrid;
    events: ReturnType<typeof usePlanEvents>;
    faults: Faults;
    format: HoursFormat;
}

const widths: Record<string, string> = {
    name: 'w-[24%]',
    code: 'w-[13%]',
    phase: 'w-[10%]',
    planned: 'w-[5rem]',
    budget: 'w-[5.6rem]',
    startsOn: 'w-[6.4rem]',
    endsOn: 'w-[6.4rem]',
};

/** About how high a row is, with those who were on the task when it is compared with another day, in pixels. */
function heightOf(row: PlanRow | undefined, compares: boolean): number {
    return 29 * (1 + (row !== undefined && compares && isLastOfTask(row) ? row.task.gone.length : 0));
}

/** The plan as a table that is typed in: tasks, and under each who is on it (the WAI-ARIA grid pattern). */
export function PlanTable({ plan, grid, events, faults, format }: PlanTableProps) {
    const compares = plan.comparedOn !== null;
    const { rows, elements, place } = grid;

    return (
        <GridElements value={elements}>
            <table
                role="grid"
                aria-label={text.plan.table(plan.name)}
                aria-multiselectable
                aria-rowcount={rows.length > SCREENFUL ? rows.length + 2 : undefined}
                className="w-full table-fixed border-collapse"
                {...events}
            >
                <PlanTableHead plan={plan} columns={grid.columns} />
                <GridBody
                    count={rows.length}
                    keyOf={(index) => rows[index]?.key ?? ''}
                    heightOf={(row) => heightOf(rows[row], compares)}
                    kept={place.row}
                    elements={elements}
                >
                    {(index) => {
                        const row = rows[index];

                        return (
                            row !== undefined && (
                                <PlanTableRow
                                    row={row}
                                    index={index}
                                    columns={grid.columns}
                                    cursor={rowCursor(grid, grid.typing.typing, index)}
                                    plan={plan}
                                    faults={faults}
                                    format={format}
                                    onFinish={grid.typing.finish}
                                />
                            )
                        );
                    }}
                </GridBody>
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
        </GridElements>
    );
}

function PlanTableHead({ plan, columns }: { plan: PlanProps; columns: Column[] }) {
    return (
        <thead className="sticky top-0 z-10 bg-paper text-faded shadow-[inset_0_-1px_0_var(--edge)]">
            <tr>
                {columns.map(({ key, isFigure, name }) => [
                    <th key={key} scope="col" className={clsx('px-1.5 align-bottom', widths[key], isFigure && 'text-end')}>
                        {name ?? text.plan.columns[key]}
                    </th>,
                    key === 'planned' && plan.comparedOn !== null && (
                        <th key="compared" scope="col" className="w-[5.2rem] px-1.5 text-end align-bottom">
                            {plan.comparedOn === plan.baselineOn ? text.plan.baseline : text.plan.then}
                        </th>
                    ),
                ])}
            </tr>
        </thead>
    );
}
