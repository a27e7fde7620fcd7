import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import { useCellRef } from '@/ui/grid/useCellRef';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import { cellKey, type Cells } from './cells';
import { LineTotal } from './LineTotal';
import type { Row } from './rows';
import { useSheetTools } from './sheetTools';

interface CollapsedRowProps {
    row: Extract<Row, { kind: 'collapsed' }>;
    index: number;
    cells: Cells;
    total: number;
    /** The day that one is on, in this row; null in any other. */
    column: number | null;
}

/** A collapsed project in place of its lines: what each day has on them, to be read and unfolded. */
export function CollapsedRow({ row, index, cells, total, column }: CollapsedRowProps) {
    const { days, format, onCollapse } = useSheetTools();

    return (
        <tr className="text-moss" aria-rowindex={index + 2}>
            <th scope="row" className="truncate border-b border-rule py-0.5 pe-2">
                <button
                    type="button"
                    tabIndex={-1}
                    className="min-h-6 max-w-full cursor-pointer truncate text-start underline-offset-4 hover:underline"
                    onClick={() => {
                        onCollapse(row.projectCode);
                    }}
                >
                    {row.projectName} <span className="pencilled">{text.week.collapsedLines(row.lines.length)}</span>
                </button>
            </th>
            {days.map((day, at) => (
                <CollapsedCell
                    key={day.date}
                    row={row}
                    index={index}
                    column={at}
                    minutes={row.lines.reduce((sum, line) => sum + (cells[cellKey(line.key, day.date)]?.saved.minutes ?? 0), 0)}
                    isHere={column === at}
                />
            ))}
            <LineTotal minutes={total} format={format} />
            <td role="gridcell" className="border-b border-rule max-md:hidden" />
        </tr>
    );
}

interface CollapsedCellProps extends Pick<CollapsedRowProps, 'row' | 'index'> {
    column: number;
    minutes: number;
    isHere: boolean;
}

function CollapsedCell({ row, index, column, minutes, isHere }: CollapsedCellProps) {
    const { days, dayNames, format } = useSheetTools();
    const shown = minutes === 0 ? '' : printHours(minutes, format);

    return (
        <td
            ref={useCellRef(index, column)}
            role="gridcell"
            tabIndex={isHere ? 0 : -1}
            data-place={`${index} ${column}`}
            data-day={column}
            aria-readonly
            aria-label={text.week.collapsedCell(row.projectName, dayNames[column] ?? '', shown === '' ? text.week.empty : shown)}
            className={clsx(
                'h-[1.65rem] scroll-my-16 border-b border-rule text-end max-md:h-12',
                days[column]?.isWorkingDay === false && 'unruled',
            )}
        >
            <span className={clsx('me-1 block', decimalRoom(shown))}>{shown}</span>
        </td>
    );
}
