import { dateOf, monthName } from '@/lib/calendarDays';
import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat, MonthProps } from '@/types/generated/props';
import { shadeOf } from './dayText';
import { MonthHead } from './MonthHead';
import { MonthLine } from './MonthLine';

const copy = text.month;

interface MonthTableProps {
    month: MonthProps;
    format: HoursFormat;
}

/** Lines by days, with what is entered and expected. On a narrow screen it moves sideways under its lines. */
export function MonthTable({ month, format }: MonthTableProps) {
    const hours = (minutes: number) => (minutes === 0 ? '' : printHours(minutes, format));
    const name = copy.table(monthName(dateOf(`${month.month}-01`)));

    return (
        <div className="relative mt-3 overflow-x-auto" role="region" aria-label={name} tabIndex={0}>
            <table className="w-full border-collapse tabular-nums">
                <caption className="sr-only">{name}</caption>
                <MonthHead month={month} />
                <tbody>
                    {month.lines.map((line) => (
                        <MonthLine key={line.line} line={line} month={month} format={format} />
                    ))}
                </tbody>
                <tfoot>
                    <SumRow name={copy.entered} days={month.days} values={month.entered.map(hours)} sum={hours(month.total)} />
                    <SumRow
                        name={copy.expected}
                        days={month.days}
                        values={month.days.map(({ expected }) => hours(expected ?? 0))}
                        sum={hours(month.expected)}
                    />
                </tfoot>
            </table>
        </div>
    );
}

interface SumRowProps {
    name: string;
    days: readonly DayProps[];
    values: readonly string[];
    sum: string;
}

function SumRow({ name, days, values, sum }: SumRowProps) {
    return (
        <tr className="border-t border-rule text-faded">
            <th scope="row" className="sticky start-0 bg-paper pe-3 text-start font-normal">
                {name}
            </th>
            {days.map((day, index) => (
                <td key={day.date} className={`px-0.5 text-center ${shadeOf(day)}`}>
                    {values[index]}
                </td>
            ))}
            <td className="ps-2 text-end">{sum}</td>
            <td className="no-print" />
        </tr>
    );
}
