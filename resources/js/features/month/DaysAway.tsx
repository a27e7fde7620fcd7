import { shortDay, span } from '@/lib/days';
import { text } from '@/lib/text';
import type { HoursFormat, MonthProps } from '@/types/generated/props';
import { reasonsAway } from './dayText';

/** Holidays and absences of the month, in words. */
export function DaysAway({ month, format }: { month: MonthProps; format: HoursFormat }) {
    const away = reasonsAway(month.days, format);

    return away.length === 0 ? null : (
        <section aria-labelledby="days-away" className="mt-3">
            <h2 id="days-away">{text.month.away}</h2>
            <ul>
                {away.map(({ reason, runs }) => (
                    <li key={reason}>
                        {reason}: {runs.map(([first, last]) => (first === last ? shortDay(first) : span(first, last))).join(', ')}
                    </li>
                ))}
            </ul>
        </section>
    );
}
