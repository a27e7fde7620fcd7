import { fullDay, weekdayAndDay } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { AbsenceCalendarProps, AbsenceDayProps } from '@/types/generated/props';
import clsx from 'clsx';

const copy = officeText.absenceCalendarPage;

function words({ what, isPart, isPencilled, isWorked }: AbsenceDayProps): string {
    if (what === null) {
        return isWorked ? '' : copy.noWork;
    }
    const part = isPart ? copy.part(what) : what;

    return isPencilled ? copy.requested(part) : part;
}

/** People by the days of the month. */
export function AbsenceMonth({ calendar }: { calendar: AbsenceCalendarProps }) {
    const { people, dates, today } = calendar;

    return (
        <div className="relative mt-3 min-w-0 overflow-x-auto" role="region" aria-label={copy.title} tabIndex={0}>
            <table className="border-collapse">
                <thead className="text-faded">
                    <tr>
                        <th scope="col" className="sticky start-0 z-10 bg-paper pe-4">
                            {copy.person}
                        </th>
                        {dates.map((date) => (
                            <th
                                key={date}
                                scope="col"
                                aria-current={date === today ? 'date' : undefined}
                                className="w-9 min-w-9 border-b border-edge px-1 text-center text-[0.78rem] leading-tight aria-[current]:font-semibold aria-[current]:text-ink"
                            >
                                {weekdayAndDay(date)
                                    .split(' ')
                                    .map((part) => (
                                        <span key={part} className="block">
                                            {part.slice(0, 2)}
                                        </span>
                                    ))}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {people.map(({ code, name, days }) => (
                        <tr key={code}>
                            <th
                                scope="row"
                                className="sticky start-0 z-10 max-w-52 truncate border-b border-rule bg-paper py-1 pe-4"
                                title={name}
                            >
                                {name}
                            </th>
                            {allDays(dates, days).map(([date, day]) => (
                                <Day key={date} name={name} day={day} />
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
            <p className="mt-2 text-faded">{copy.key}</p>
        </div>
    );
}

/** Each day of the month, with what there is to say of it. */
function allDays(dates: readonly string[], days: readonly AbsenceDayProps[]): [string, AbsenceDayProps | undefined][] {
    const known = new Map(days.map((day) => [day.date, day]));

    return dates.map((date) => [date, known.get(date)]);
}

function Day({ name, day }: { name: string; day: AbsenceDayProps | undefined }) {
    if (day === undefined) {
        return <td className="border-b border-rule" />;
    }
    const said = words(day);

    return (
        <td
            className="border-b border-rule px-0.5 text-center"
            title={said === '' ? undefined : copy.day(name, fullDay(day.date), said)}
        >
            {day.what !== null ? (
                <span
                    className={clsx(
                        'mx-auto block h-5 w-6 border',
                        day.isPencilled ? 'border-dashed border-pencil' : 'border-moss',
                        !day.isPencilled && (day.isPart ? 'bg-linear-to-t from-moss from-50% to-transparent to-50%' : 'bg-moss'),
                    )}
                >
                    <span className="sr-only">{said}</span>
                </span>
            ) : (
                !day.isWorked && (
                    <span className="text-faded">
                        <span aria-hidden>·</span>
                        <span className="sr-only">{said}</span>
                    </span>
                )
            )}
        </td>
    );
}
