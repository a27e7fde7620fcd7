import { hoursWithUnit } from '@/lib/hours';
import type { DayProps, HoursFormat } from '@/types/generated/props';

/** What a column of the month looks like before anything is entered in it. */
export function shadeOf(day: DayProps | undefined): string {
    if (day === undefined) {
        return '';
    }

    return `${day.isToday ? 'border-x border-moss' : ''} ${(day.expected ?? 0) === 0 ? 'bg-rule/40' : ''}`.trim();
}

/** Why less is expected of a day than usual. */
export function awayOn({ holiday, absences }: DayProps, format: HoursFormat): string[] {
    return [
        ...(holiday === null ? [] : [holiday]),
        ...absences.map(({ kind, minutes }) => (minutes === null ? kind : `${kind} ${hoursWithUnit(minutes, format)}`)),
    ];
}
