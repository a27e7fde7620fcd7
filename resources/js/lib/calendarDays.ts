import type { IsoDay } from './dateText';
import { locale } from './locale';

/** A day of the calendar as the browser's own date, at noon, where no clock change moves it to another. */
export function dateOf(day: IsoDay): Date {
    const [year, month, date] = day.split('-').map(Number);

    return new Date(year ?? 0, (month ?? 1) - 1, date ?? 1, 12);
}

export function isoOf(date: Date): IsoDay {
    const two = (number: number) => String(number).padStart(2, '0');

    return `${String(date.getFullYear()).padStart(4, '0')}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

const month = new Intl.DateTimeFormat(locale, { month: 'long', year: 'numeric' });
const weekday = new Intl.DateTimeFormat(locale, { weekday: 'short' });
const whole = new Intl.DateTimeFormat(locale, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

const wholeWeekday = new Intl.DateTimeFormat(locale, { weekday: 'long' });

/** `Wednesday`. */
export const fullWeekday = (date: Date) => wholeWeekday.format(date);

/** `June 2026`. */
export const monthName = (date: Date) => month.format(date);

/** `Wed`. */
export const narrowWeekday = (date: Date) => weekday.format(date);

/** `Wednesday 17 June 2026`. */
export const fullDay = (date: Date) => whole.format(date);
