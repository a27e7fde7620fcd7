import { hoursWithUnit, printHours, typedHours } from '@/lib/hours';
import { printDecimal } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { DayUnit, HoursFormat, MonthSumProps } from '@/types/generated/props';

type Amount = Pick<MonthSumProps, 'minutes' | 'count'>;

/** How a page counts: in hours as its reader has them, or in days. */
export interface Counting {
    unit: DayUnit | null;
    format: HoursFormat;
}

/** An amount in a cell: nothing where there is none; hours with their unit where days are counted and it is no whole part. */
export function shownAmount({ minutes, count }: Amount, { unit, format }: Counting): string {
    if (minutes === 0) {
        return '';
    }
    if (unit === null) {
        return printHours(minutes, format);
    }

    return count === null ? hoursWithUnit(minutes, format) : printDecimal(count);
}

/** An amount in a sentence. */
export function saidAmount({ minutes, count }: Amount, { unit, format }: Counting): string {
    return unit === null || count === null ? hoursWithUnit(minutes, format) : text.month.days(count, printDecimal(count));
}

/** An amount as one would type it; nothing where it cannot be typed in parts of days. */
export function typedAmount({ minutes, count }: Amount, { unit, format }: Counting): string {
    if (minutes === 0) {
        return '';
    }

    return unit === null ? typedHours(minutes, format) : (count ?? '');
}
