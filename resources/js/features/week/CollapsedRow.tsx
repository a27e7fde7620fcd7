import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat } from '@/types/generated/props';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import { cellKey, type Cells } from './cells';
import { LineTotal } from './LineTotal';
import type { Row } from './rows';

interface FoldedRowProps {
    row: Extract<Row, { kind: 'collapsed' }>;
    index: number;
    days: DayProps[];
    dayNames: string[];
    cells: Cells;
    total: number;
    /** The day that one is on, in this row; null in any other. */
    column: number | null;
    format: HoursFormat;
    onUnfold: (projectCode: string) => void;
}

/** A collapsed project in place of its lines: what each day has on them, to be read and unfolded. */
export function CollapsedRow({ row, index, days, dayNames, cells, total, column, format, onUnfold }: FoldedRowProps) {
    return (
        <tr className="text-moss">
            <th scope="row" className="truncate border-b border-rule py-0.5 pe-2">
                <button
                    type="button"
                    tabIndex={-1}
                    className="min-h-6 max-w-full cursor-pointer truncate text-start underline-offset-4 hover:underline"
                    onClick={() => {
                        onUnfold(row.projectCode);
                    }}
                >
                    {row.projectName} <span className="pencilled">{text.week.collapsedLines(row.lines.length)}</span>
                </button>
            </th>
            {days.map((day, at) => {
                const minutes = row.lines.reduce(
                    (sum, line) => sum + (cells[cellKey(line.key, day.date)]?.saved.minutes ?? 0),
                    0,
                );
                const shown = minutes === 0 ? '' : printHours(minutes, format);

                return (
                    <td
                        key={day.date}
                        role="gridcell"
                        tabIndex={column === at ? 0 : -1}
                        data-place={`${index} ${at}`}
                        data-day={at}
                        aria-readonly
                        aria-label={text.week.collapsedCell(
                            row.projectName,
                            dayNames[at] ?? '',
                            shown === '' ? text.week.empty : shown,
                        )}
                        className={clsx(
                            'h-[1.65rem] scroll-my-16 border-b border-rule text-end max-md:h-12',
                            !day.isWorkingDay && 'unruled',
                        )}
                    >
                        <span className={clsx('me-1 block', decimalRoom(shown))}>{shown}</span>
                    </td>
                );
            })}
            <LineTotal minutes={total} format={format} />
            <td role="gridcell" className="border-b border-rule max-md:hidden" />
        </tr>
    );
}
