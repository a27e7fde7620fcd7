import { route } from '@/lib/route';
import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, PeriodProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

/** What closing would settle, what is still open, and where to see what nobody has entered. */
export function PeriodFinding({ period, format }: { period: PeriodProps; format: HoursFormat }) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const copy = officeText.officePage.periods;

    return (
        <>
            {period.stillSettling > 0 && <p className="mt-3 text-ochre">{copy.stillSettling(period.stillSettling)}</p>}
            <p className="mt-3">
                {copy.wouldSettle(hours(period.minutes), period.entries, shortDay(period.until))}{' '}
                {period.openEntries === 0
                    ? copy.allApproved
                    : copy.open(hours(period.openMinutes), period.openEntries, period.openPeople)}{' '}
                {period.corrections > 0 && copy.correctionsWait(period.corrections)}
                {period.approvedExpenses > 0 && ` ${copy.expensesSettle(period.approvedExpenses)}`}
                {period.openExpenses > 0 && ` ${copy.expensesOpen(period.openExpenses)}`}
            </p>
            <p>
                <span className="text-faded">{copy.unentered}</span>{' '}
                <Link className="act-quiet" href={route('not-submitted', {}, { week: period.week })}>
                    {copy.notSubmitted(period.weekNumber)}
                </Link>
            </p>
        </>
    );
}
