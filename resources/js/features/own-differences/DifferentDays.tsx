import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ComparedCodeProps, ComparedDayProps } from '@/types/generated/props';

const copy = text.differences;

/** Under which charge code, and of which kind of pay, as far as the other system tells them apart. */
function partOf({ code, kind }: ComparedCodeProps): string {
    return [code === '' ? copy.noCode : code, kind].filter((part) => part !== null && part !== '').join(', ');
}

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
                            {day.codes.map((one) => copy.part(partOf(one), hours(one.here), hours(one.there))).join('; ')}
                        </span>
                    )}
                </li>
            ))}
        </ul>
    );
}
