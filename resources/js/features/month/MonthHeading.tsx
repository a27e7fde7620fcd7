import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { MonthProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Link } from '@inertiajs/react';
import { saidAmount, type Counting } from './amounts';

const copy = text.month;

interface MonthHeadingProps {
    month: MonthProps;
    /** What the days are called. */
    name: string;
    counting: Counting;
}

/** What is entered of what is expected, and the way to the days before and after. */
export function MonthHeading({ month, name, counting }: MonthHeadingProps) {
    const isMonth = month.period === 'month';
    const today = month.days.findIndex(({ isToday }) => isToday);

    return (
        <>
            <PageHeading
                title={isMonth ? text.myMonth : text.myTimesheet}
                finding={copy.finding(
                    saidAmount(month.enteredInAll, counting),
                    saidAmount(month.expectedInAll, counting),
                    month.free.minutes === 0 ? null : saidAmount(month.free, counting),
                )}
            >
                <Link className="act-quiet" href={route('week', { week: month.weeks[Math.max(0, today)] ?? '' })}>
                    {text.myWeek}
                </Link>
            </PageHeading>
            <nav
                aria-label={isMonth ? copy.months : copy.timesheets}
                className="no-print mt-2 flex flex-wrap items-baseline gap-x-6 gap-y-1"
            >
                <h2 className="min-w-36">{name}</h2>
                {month.before !== null && (
                    <Link className="act-quiet" href={route('month', { days: month.before })}>
                        {isMonth ? copy.before : copy.timesheetBefore}
                    </Link>
                )}
                {month.after !== null && (
                    <Link className="act-quiet" href={route('month', { days: month.after })}>
                        {isMonth ? copy.after : copy.timesheetAfter}
                    </Link>
                )}
            </nav>
        </>
    );
}
