import { hoursWithUnit } from '@/lib/hours';
import { dateOf, monthName } from '@/lib/calendarDays';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { MonthProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { DaysAway } from './DaysAway';
import { MonthTable } from './MonthTable';

const copy = text.month;

/** A person's month at a glance, and the rest of it filled on one line. */
export function MonthPage({ month }: { month: MonthProps }) {
    const format = useHoursFormat();
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const week =
        month.weeks[
            Math.max(
                0,
                month.days.findIndex(({ isToday }) => isToday),
            )
        ] ?? '';

    return (
        <Shell>
            <PageHeading
                title={copy.title}
                finding={copy.finding(hours(month.total), hours(month.expected), month.free === 0 ? null : hours(month.free))}
            >
                <Link className="act-quiet" href={route('week', { week })}>
                    {text.myWeek}
                </Link>
            </PageHeading>
            <nav aria-label={copy.months} className="no-print mt-2 flex flex-wrap items-baseline gap-x-6 gap-y-1">
                <h2 className="min-w-36">{monthName(dateOf(`${month.month}-01`))}</h2>
                {month.before !== null && (
                    <Link className="act-quiet" href={route('month', { month: month.before })}>
                        {copy.before}
                    </Link>
                )}
                {month.after !== null && (
                    <Link className="act-quiet" href={route('month', { month: month.after })}>
                        {copy.after}
                    </Link>
                )}
            </nav>
            <FieldError of={['task', 'cells']} />
            <MonthTable month={month} format={format} />
            <DaysAway month={month} format={format} />
            <p className="pencilled mt-3 max-w-prose">{month.lines.length === 0 ? copy.none : copy.hint}</p>
        </Shell>
    );
}
