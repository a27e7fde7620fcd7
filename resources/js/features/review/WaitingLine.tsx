import { fullDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat, WaitingLineProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { aboutLine } from './aboutLine';
import { minutesOf } from './taken';

interface WaitingLinePartProps {
    line: WaitingLineProps;
    days: DayProps[];
    taken: ReadonlySet<number>;
    /** The day that one is on, −1 for the line as a whole; null in any other line. */
    here: number | null;
    format: HoursFormat;
    onGo: (column: number) => void;
    onToggle: (column: number) => void;
}

/** One line that waits. What is left out stands in brackets; what needs attention is underlined as an editor would. */
export function WaitingLine({ line, days, taken, here, format, onGo, onToggle }: WaitingLinePartProps) {
    const isTaken = line.cells.every(({ id }) => taken.has(id));

    return (
        <tr className="align-baseline">
            <th
                scope="row"
                role="rowheader"
                tabIndex={here === -1 ? 0 : -1}
                aria-selected={isTaken}
                className="cursor-pointer border-b border-rule py-0.5 pe-2"
                onFocus={() => {
                    onGo(-1);
                }}
                onClick={() => {
                    onGo(-1);
                    onToggle(-1);
                }}
            >
                <span className={clsx(!isTaken && 'text-faded')}>{line.taskName}</span>
                <span className="block text-[0.85em] text-faded">{aboutLine(line)}</span>
            </th>
            {days.map((day, column) => {
                const cell = line.cells.find(({ date }) => date === day.date);
                const leftOut = cell !== undefined && !taken.has(cell.id);

                return (
                    <td
                        key={day.date}
                        role="gridcell"
                        tabIndex={here === column ? 0 : -1}
                        aria-selected={cell === undefined ? undefined : !leftOut}
                        aria-label={
                            cell === undefined
                                ? text.reviewPage.nothingOn(fullDay(day.date))
                                : text.reviewPage.cell(
                                      fullDay(day.date),
                                      hoursWithUnit(cell.minutes, format),
                                      cell.needsAttention,
                                      leftOut,
                                  )
                        }
                        className={clsx(
                            'border-b border-rule px-1 text-end',
                            !day.isWorkingDay && 'unruled',
                            cell !== undefined && 'cursor-pointer',
                            cell?.needsAttention === true && 'bg-ochre-wash',
                        )}
                        onFocus={() => {
                            onGo(column);
                        }}
                        onClick={() => {
                            onGo(column);
                            onToggle(column);
                        }}
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
            })}
            <td className="border-b border-rule px-1 text-end">
                <Hours minutes={minutesOf(line.cells)} format={format} />
            </td>
        </tr>
    );
}
