import { fullDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import { cellCursor, type RowCursor } from '@/ui/grid/rowCursor';
import { useCellRef } from '@/ui/grid/useCellRef';
import { Hours } from '@/ui/Hours';
import type { DayProps, HoursFormat, WaitingCellProps, WaitingLineProps } from '@/types/generated/props';
import clsx from 'clsx';
import { aboutLine } from './aboutLine';
import { minutesOf } from './taken';

interface WaitingLinePartProps {
    line: WaitingLineProps;
    row: number;
    days: DayProps[];
    taken: ReadonlySet<number>;
    /** Of which the first column is the line as a whole. */
    cursor: RowCursor | null;
    format: HoursFormat;
}

/** One line that waits. What is left out stands in brackets; what needs attention is underlined as an editor would. */
export function WaitingLine({ line, row, days, taken, cursor, format }: WaitingLinePartProps) {
    const isTaken = line.cells.every(({ id }) => taken.has(id));
    const whole = cellCursor(cursor, 0);

    return (
        <tr className="align-baseline">
            <th
                ref={useCellRef(row, 0)}
                scope="row"
                role="rowheader"
                tabIndex={whole.isHere ? 0 : -1}
                data-place={`${row} 0`}
                aria-selected={isTaken}
                className={clsx('cursor-pointer border-b border-rule py-0.5 pe-2', whole.isSelected && 'bg-moss-wash')}
            >
                <span className={clsx(!isTaken && 'text-faded')}>{line.taskName}</span>
                <span className="block text-[0.85em] text-faded">{aboutLine(line)}</span>
            </th>
            {days.map((day, index) => (
                <WaitingCell
                    key={day.date}
                    row={row}
                    column={index + 1}
                    day={day}
                    cell={line.cells.find(({ date }) => date === day.date)}
                    taken={taken}
                    cursor={cellCursor(cursor, index + 1)}
                    format={format}
                />
            ))}
            <td className="border-b border-rule px-1 text-end">
                <Hours minutes={minutesOf(line.cells)} format={format} />
            </td>
        </tr>
    );
}

interface WaitingCellPartProps extends Pick<WaitingLinePartProps, 'row' | 'taken' | 'format'> {
    column: number;
    day: DayProps;
    /** Nothing where nothing waits. */
    cell: WaitingCellProps | undefined;
    cursor: ReturnType<typeof cellCursor>;
}

function WaitingCell({ row, column, day, cell, taken, cursor, format }: WaitingCellPartProps) {
    const leftOut = cell !== undefined && !taken.has(cell.id);

    return (
        <td
            ref={useCellRef(row, column)}
            role="gridcell"
            tabIndex={cursor.isHere ? 0 : -1}
            data-place={`${row} ${column}`}
            aria-selected={cell === undefined ? undefined : !leftOut}
            aria-label={
                cell === undefined
                    ? text.reviewPage.nothingOn(fullDay(day.date))
                    : text.reviewPage.cell(fullDay(day.date), hoursWithUnit(cell.minutes, format), cell.needsAttention, leftOut)
            }
            className={clsx(
                'border-b border-rule px-1 text-end select-none',
                !day.isWorkingDay && 'unruled',
                cell !== undefined && 'cursor-pointer',
                cursor.isSelected ? 'bg-moss-wash' : cell?.needsAttention === true && 'bg-ochre-wash',
            )}
        >
            {cell !== undefined && (
                <span className={clsx(leftOut && 'text-faded')}>
                    {leftOut && '('}
                    <Hours
                        minutes={cell.minutes}
                        format={format}
                        className={cell.needsAttention ? 'stroke-returned' : 'stroke-submitted'}
                    />
                    {leftOut && ')'}
                </span>
            )}
        </td>
    );
}
