import { dateOf, monthName, narrowWeekday } from '@/lib/calendarDays';
import { fullDay } from '@/lib/days';
import { hoursWithUnit, printHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat, MonthProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { awayOn, shadeOf } from './dayText';
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
        <div className="mt-3 overflow-x-auto" role="region" aria-label={name} tabIndex={0}>
            <table className="w-full border-collapse tabular-nums">
                <caption className="sr-only">{name}</caption>
                <thead>
                    <tr>
                        <th scope="col" className="sticky start-0 bg-paper pe-3 text-start">
                            {copy.line}
                        </th>
                        {month.days.map((day, index) => {
                            const what = [
                                (month.entered[index] ?? 0) === 0
                                    ? copy.nothing
                                    : hoursWithUnit(month.entered[index] ?? 0, format),
                                ...awayOn(day, format),
                            ].join(', ');

                            return (
                                <th key={day.date} scope="col" className={`px-0.5 text-center font-normal ${shadeOf(day)}`}>
                                    <Link
                                        href={route('week', { week: month.weeks[index] ?? '' })}
                                        aria-label={copy.openDay(fullDay(day.date), what)}
                                        className="flex min-w-6 flex-col"
                                    >
                                        <span className="text-faded">{narrowWeekday(dateOf(day.date)).slice(0, 2)}</span>
                                        <span>{Number(day.date.slice(-2))}</span>
                                    </Link>
                                </th>
                            );
                        })}
                        <th scope="col" className="ps-2 text-end">
                            {copy.sum}
                        </th>
                        <th scope="col" className="no-print">
                            <span className="sr-only">{copy.fill}</span>
                        </th>
                    </tr>
                </thead>
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
                    <SumRow
                        name={copy.away}
                        days={month.days}
                        values={month.days.map((day) => awayOn(day, format)[0]?.slice(0, 2) ?? '')}
                        titles={month.days.map((day) => awayOn(day, format).join(', '))}
                        sum=""
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
    /** What is read out in place of a value, where that is shortened. */
    titles?: readonly string[];
    sum: string;
}

function SumRow({ name, days, values, titles, sum }: SumRowProps) {
    return (
        <tr className="border-t border-rule text-faded">
            <th scope="row" className="sticky start-0 bg-paper pe-3 text-start font-normal">
                {name}
            </th>
            {days.map((day, index) => (
                <td key={day.date} title={titles?.[index]} className={`px-0.5 text-center ${shadeOf(day)}`}>
                    {titles === undefined ? (
                        values[index]
                    ) : (
                        <>
                            <span aria-hidden>{values[index]}</span>
                            <span className="sr-only">{titles[index]}</span>
                        </>
                    )}
                </td>
            ))}
            <td className="ps-2 text-end">{sum}</td>
            <td className="no-print" />
        </tr>
    );
}
