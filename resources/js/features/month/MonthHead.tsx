import { dateOf, narrowWeekday } from '@/lib/calendarDays';
import { fullDay, weekNumber } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { MonthProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { shadeOf, weekSpans } from './dayText';

const copy = text.month;

/** From how many days on a week has room for its word. */
const ROOMY = 3;

/** On a narrow screen, where days move sideways, one begins with today. */
function bringIntoSight(head: HTMLElement | null) {
    head?.scrollIntoView({ block: 'nearest', inline: 'start' });
}

/** The weeks of the month, each the way to where its days are changed, and its days. */
export function MonthHead({ month }: { month: MonthProps }) {
    return (
        <thead>
            <tr className="text-faded">
                <td className="sticky start-0 bg-paper" />
                {weekSpans(month.weeks).map(({ week, days }) => (
                    <td key={week} colSpan={days} className="px-1 text-start">
                        <Link href={route('week', { week })} aria-label={copy.week(weekNumber(week))} className="act-quiet">
                            {days < ROOMY ? weekNumber(week) : copy.week(weekNumber(week))}
                        </Link>
                    </td>
                ))}
                <td colSpan={2} />
            </tr>
            <tr>
                <th scope="col" className="sticky start-0 bg-paper pe-3 text-start">
                    {copy.line}
                </th>
                {month.days.map((day) => (
                    <th
                        key={day.date}
                        scope="col"
                        aria-current={day.isToday ? 'date' : undefined}
                        ref={day.isToday ? bringIntoSight : undefined}
                        className={`min-w-6 scroll-ms-40 px-0.5 text-center font-normal max-md:min-w-9 ${shadeOf(day)}`}
                    >
                        <span className="sr-only">{fullDay(day.date)}</span>
                        <span aria-hidden className="block text-faded">
                            {narrowWeekday(dateOf(day.date)).slice(0, 2)}
                        </span>
                        <span aria-hidden className="block">
                            {Number(day.date.slice(-2))}
                        </span>
                    </th>
                ))}
                <th scope="col" className="ps-2 text-end">
                    {copy.sum}
                </th>
                <td className="no-print" />
            </tr>
        </thead>
    );
}
