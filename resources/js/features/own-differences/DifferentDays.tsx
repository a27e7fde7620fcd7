import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ComparedDayProps } from '@/types/generated/props';

const copy = text.differences;

/** Days on which two systems do not agree, in words. */
export function DifferentDays({ days }: { days: ComparedDayProps[] }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <ul>
            {days.map((day) => (
                <li key={day.date} className="py-0.5">
                    {day.side === 'only here' || day.side === 'only there'
                        ? copy.one(shortDay(day.date), copy.sides[day.side], hours(Math.max(day.here, day.there)))
                        : copy.both(shortDay(day.date), copy.sides[day.side], hours(day.here), hours(day.there))}
                    {day.codes.length > 0 && (
                        <span className="block text-faded [overflow-wrap:anywhere]">
                            {day.codes.map((one) => copy.code(one.code, hours(one.here), hours(one.there))).join('; ')}
                        </span>
                    )}
                </li>
            ))}
        </ul>
    );
}
