import { weekdayAndDay } from '@/lib/days';
import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat } from '@/types/generated/props';
import clsx from 'clsx';

/** What a day asks, in as few words as a column holds; the margin says the rest. */
function asks(day: DayProps, format: HoursFormat): string {
    const absence = day.absences.find(({ isPencilled }) => !isPencilled);
    if (day.expected === null) {
        return day.holiday ?? absence?.kind ?? '';
    }
    if (day.expected > 0) {
        return text.week.expected(printHours(day.expected, format));
    }

    return day.holiday ?? absence?.kind ?? (day.isWorkingDay ? text.week.off : text.week.noWork);
}

export function GridHead({ days, format }: { days: DayProps[]; format: HoursFormat }) {
    return (
        <thead className="sticky top-0 z-10 bg-paper shadow-[inset_0_-1px_0_var(--edge)]">
            <tr>
                <th scope="col" className="align-bottom text-faded">
                    {text.week.line}
                </th>
                {days.map((day, index) => (
                    <th
                        key={day.date}
                        data-day={index}
                        scope="col"
                        className={clsx(
                            'max-md:w-[10.4rem] px-1 text-end align-bottom md:w-[5rem] xl:w-[5.6rem]',
                            day.isToday && 'border-t-2 border-t-ink font-semibold',
                        )}
                    >
                        {weekdayAndDay(day.date)}
                        <span
                            className={clsx(
                                'block text-[0.78rem] font-normal',
                                day.holiday === null && day.absences.length === 0 ? 'text-faded' : 'text-moss',
                            )}
                            title={[day.holiday, ...day.absences.map((absence) => absence.kind)]
                                .filter((word) => word !== null)
                                .join(', ')}
                        >
                            {asks(day, format)}
                        </span>
                        {day.absences
                            .filter(({ isPencilled }) => isPencilled)
                            .map(({ kind }) => (
                                <span key={kind} className="block truncate text-[0.78rem] font-normal pencilled">
                                    {kind}
                                </span>
                            ))}
                    </th>
                ))}
                <th scope="col" className="w-16 max-md:hidden pe-1 text-end align-bottom text-faded">
                    {text.week.total}
                </th>
                <th
                    scope="col"
                    className="w-[6.2rem] max-md:hidden ps-2 pe-1 text-end align-bottom text-faded"
                    title={text.week.remaining.title}
                >
                    {text.week.remaining.head}
                </th>
            </tr>
        </thead>
    );
}
