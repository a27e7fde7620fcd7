import { locale } from './locale';

/** The year that goes without saying; none where nothing says what day it is. */
const thisYear = typeof document === 'undefined' ? '' : (document.documentElement.dataset.today ?? '').slice(0, 4);

function isThisYear(date: string): boolean {
    return thisYear === '' || date.startsWith(thisYear);
}

function formatter(options: Intl.DateTimeFormatOptions) {
    const format = new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' });

    return (date: string) => format.format(new Date(`${date}T00:00:00Z`));
}

const dayParts: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' };

const dayOfThisYear = new Intl.DateTimeFormat(locale, dayParts);

const dayOfAnyYear = new Intl.DateTimeFormat(locale, { ...dayParts, year: 'numeric' });

/** What stands between a weekday that comes first and its day. */
function afterWeekday(parts: Intl.DateTimeFormatPart[]): Intl.DateTimeFormatPart | null {
    return parts[0]?.type === 'weekday' && parts[1]?.type === 'literal' ? parts[1] : null;
}

/** `Wed 17 Jun`, for a sentence; with its year where that is not this one. */
export function shortDay(date: string): string {
    const day = new Date(`${date}T00:00:00Z`);
    if (isThisYear(date)) {
        return dayOfThisYear.format(day);
    }
    // `Sat, 2 Jan 2027` would stand beside `Mon 21 Dec`.
    const [parts, between] = [dayOfAnyYear.formatToParts(day), afterWeekday(dayOfThisYear.formatToParts(day))];
    const own = afterWeekday(parts);

    return parts.map((part) => (part === own && between !== null ? between.value : part.value)).join('');
}

/** `Wednesday 17 June`, for a name that is read out. */
export const fullDay = formatter({ weekday: 'long', day: 'numeric', month: 'long' });

/** `17 Jun`. */
export const dayAndMonth = formatter({ day: 'numeric', month: 'short' });

/** `Wed 17`. */
export const weekdayAndDay = formatter({ weekday: 'short', day: 'numeric' });

/** `Jun 2026`. */
export const monthOf = formatter({ month: 'short', year: 'numeric' });

/** `17 Jun 2026`. */
export const wholeDate = formatter({ day: 'numeric', month: 'short', year: 'numeric' });

/** `17 Jun`, and with its year where that is another than the given. */
export function dayOf(date: string, year: string): string {
    return date.startsWith(year) ? dayAndMonth(date) : wholeDate(date);
}

const rangeOfThisYear = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', timeZone: 'UTC' });

const rangeOfAnyYear = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });

/** From the first to the last of some days: `15–21 Jun`; with the year where that is not this one. */
export function span(first: string, last: string): string {
    return (isThisYear(first) && isThisYear(last) ? rangeOfThisYear : rangeOfAnyYear).formatRange(
        new Date(`${first}T00:00:00Z`),
        new Date(`${last}T00:00:00Z`),
    );
}

/** The number in `2026-W25`. */
export function weekNumber(week: string): number {
    return Number(week.slice(-2));
}

// Of twelve hours none begins with a zero.
const hour = new Intl.DateTimeFormat(locale, { hour: 'numeric' }).resolvedOptions().hour12 === true ? 'numeric' : '2-digit';

const instantParts: Intl.DateTimeFormatOptions = { day: 'numeric', month: 'short', hour, minute: '2-digit' };

const instantOfThisYear = new Intl.DateTimeFormat(locale, instantParts);

const instantOfAnyYear = new Intl.DateTimeFormat(locale, { ...instantParts, year: 'numeric' });

/** An instant in the clock of whoever reads it: `17 Jun, 15:04`; with the year where that is not this one. */
export function instant(at: string): string {
    const moment = new Date(at);

    return (isThisYear(String(moment.getFullYear())) ? instantOfThisYear : instantOfAnyYear).format(moment);
}

/** Every day from the first to the last, both included. */
export function daysBetween(first: string, last: string): string[] {
    const days: string[] = [];
    for (let day = first; day <= last && days.length < 1000;) {
        days.push(day);
        const next = new Date(`${day}T00:00:00Z`);
        next.setUTCDate(next.getUTCDate() + 1);
        day = next.toISOString().slice(0, 10);
    }

    return days;
}

const weekdays = formatter({ weekday: 'long' });

/** The name of a weekday, from 1 for Monday. */
export function weekdayName(weekday: number): string {
    // The first of January 2024 was a Monday.
    return weekdays(`2024-01-0${String(weekday)}`);
}
