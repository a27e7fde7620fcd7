import { dayOfMonth, shortDay, weekday } from '@/lib/days';
import { text } from '@/lib/text';
import type { HoursFormat, OpenWeekProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';

interface WaitingGridProps {
    open: OpenWeekProps;
    taken: ReadonlySet<string>;
    onToggle: (line: string) => void;
    format: HoursFormat;
}

/** The waiting hours by line and day, with what was noted beside them. */
export function WaitingGrid({ open, taken, onToggle, format }: WaitingGridProps) {
    return (
        <div className="mt-2 overflow-x-auto" tabIndex={0} role="region" aria-label={text.reviewPage.grid}>
            <table className="w-full border-collapse">
                <thead>
                    <tr className="text-faded">
                        <th scope="col" className="border-b border-edge">
                            {text.reviewPage.line}
                        </th>
                        {open.days.map((day) => (
                            <th
                                key={day.date}
                                scope="col"
                                className="w-[4.3rem] border-b border-edge px-1 text-end whitespace-nowrap"
                                title={day.holiday ?? undefined}
                            >
                                {weekday(day.date)} {dayOfMonth(day.date)}
                            </th>
                        ))}
                        <th scope="col" className="w-16 border-b border-edge px-1 text-end">
                            {text.reviewPage.total}
                        </th>
                        <th scope="col" className="w-[26%] min-w-40 border-b border-edge ps-4">
                            {text.reviewPage.notes}
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {open.lines.map((line) => (
                        <tr key={line.key} className={clsx('align-top', !taken.has(line.key) && 'text-faded')}>
                            <th scope="row" className="border-b border-rule py-1 pe-2">
                                <label className="flex gap-2">
                                    <input
                                        type="checkbox"
                                        checked={taken.has(line.key)}
                                        onChange={() => {
                                            onToggle(line.key);
                                        }}
                                        aria-label={text.reviewPage.take(`${line.taskName}, ${line.projectName}`)}
                                        className="mt-0.5 size-4 accent-moss"
                                    />
                                    <span>
                                        {line.taskName}
                                        <span className="block text-[0.88em] text-faded">
                                            {[line.projectName, line.roleName, line.billable ? null : text.reviewPage.notBillable]
                                                .filter((part) => part !== null)
                                                .join(' · ')}
                                        </span>
                                    </span>
                                </label>
                            </th>
                            {open.days.map((day) => {
                                const cell = line.cells.find(({ date }) => date === day.date);

                                return (
                                    <td
                                        key={day.date}
                                        className={clsx(
                                            'border-b border-rule px-1 py-1 text-end',
                                            !day.isWorkingDay && 'unruled',
                                        )}
                                    >
                                        {cell !== undefined && (
                                            <Hours minutes={cell.minutes} format={format} className="stroke-submitted" />
                                        )}
                                    </td>
                                );
                            })}
                            <td className="border-b border-rule px-1 py-1 text-end">
                                <Hours minutes={line.minutes} format={format} />
                            </td>
                            <td className="border-b border-rule py-1 ps-4 text-[0.92em]">
                                {line.cells
                                    .filter((cell) => cell.note !== '' || cell.clientNote !== '' || cell.recordedBy !== null)
                                    .map((cell) => (
                                        <p key={cell.id}>
                                            <span className="text-faded">{shortDay(cell.date)}:</span> {cell.note}
                                            {cell.clientNote !== '' && (
                                                <span>
                                                    {' '}
                                                    “{cell.clientNote}”{' '}
                                                    <span className="text-faded">({text.reviewPage.client})</span>
                                                </span>
                                            )}
                                            {cell.recordedBy !== null && (
                                                <span className="text-ochre"> {text.reviewPage.recordedBy(cell.recordedBy)}</span>
                                            )}
                                        </p>
                                    ))}
                            </td>
                        </tr>
                    ))}
                </tbody>
                <tfoot>
                    <tr className="font-semibold">
                        <th scope="row" className="py-1">
                            {text.reviewPage.total}
                        </th>
                        {open.dayTotals.map((minutes, index) => (
                            <td key={open.days[index]?.date} className="px-1 text-end">
                                <Hours minutes={minutes} format={format} />
                            </td>
                        ))}
                        <td className="px-1 text-end">
                            <Hours minutes={open.minutes} format={format} />
                        </td>
                        <td />
                    </tr>
                </tfoot>
            </table>
        </div>
    );
}
