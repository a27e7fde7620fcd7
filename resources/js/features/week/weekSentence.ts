import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';

/** What the week has come to, in one sentence. */
export function weekSentence(entered: number, expected: number, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    if (expected === 0) {
        return text.week.nothingExpected(hours(entered));
    }
    if (entered < expected) {
        return text.week.short(hours(entered), hours(expected), hours(expected - entered));
    }

    return entered === expected
        ? text.week.full(hours(entered))
        : text.week.above(hours(entered), hours(expected), hours(entered - expected));
}
