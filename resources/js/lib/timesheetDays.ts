import { dateOf, monthName } from './calendarDays';
import { span, weekNumber } from './days';
import { text } from './text';

/** What the days of a timesheet are called: `Week 25`, `June 2026`, or from when to when. */
export function timesheetDays(at: string): string {
    if (at.includes('W')) {
        return text.month.week(weekNumber(at));
    }
    const [first = '', last] = at.split('--');

    return last === undefined ? monthName(dateOf(`${first}-01`)) : span(first, last);
}
