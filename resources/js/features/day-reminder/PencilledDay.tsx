import { fullDay, shortDay } from '@/lib/days';
import { hoursWithUnit, typedHours } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import type { DayReminderDayProps, HoursFormat } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.dayReminderPage;

interface PencilledDayProps {
    day: DayReminderDayProps;
    /** Which inks what is sent to it. */
    address: string;
    format: HoursFormat;
}

function sentence({ isUsed, expected, entered, pencilled, lines }: DayReminderDayProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    if (isUsed) {
        return copy.used;
    }
    if (entered >= expected) {
        return copy.full(hours(entered));
    }

    return lines.length === 0
        ? copy.bare(hours(entered), hours(expected))
        : copy.pencilled(hours(pencilled), hours(entered), hours(expected));
}

/** One day: how it stands, and what is pencilled for it, line by line, to be changed and inked. */
export function PencilledDay({ day, address, format }: PencilledDayProps) {
    const { date, isUsed, expected, entered, pencilled, lines } = day;
    const [typed, type] = useState<Record<string, string>>({});
    const [isGoing, setGoing] = useState(false);
    const hours = (line: string, minutes: number) => typed[line] ?? typedHours(minutes, format);
    const isChanged = Object.keys(typed).length > 0;

    return (
        <form
            aria-label={fullDay(date)}
            onSubmit={(event) => {
                event.preventDefault();
                setGoing(true);
                const changed = { lines: lines.map(({ line, minutes }) => ({ line, hours: hours(line, minutes) })) };
                router.post(
                    address,
                    { day: date, ...(isChanged ? changed : {}) },
                    {
                        preserveScroll: true,
                        onFinish: () => {
                            setGoing(false);
                        },
                    },
                );
            }}
        >
            <p className="mt-1">{sentence(day, format)}</p>
            {!isUsed && (
                <Bar
                    approved={0}
                    pending={entered}
                    remaining={Math.max(0, expected - entered)}
                    mark={expected}
                    scale={Math.max(expected, entered, 1)}
                    label={copy.bare(hoursWithUnit(entered, format), hoursWithUnit(expected, format))}
                    className="mt-2"
                />
            )}
            {lines.length > 0 && (
                <>
                    <ul className="mt-2">
                        {lines.map(({ line, task, project, role, minutes, why }) => (
                            <li key={line} className="flex items-center gap-3 border-t border-rule py-1">
                                <span className="pencilled min-w-0 flex-1 [overflow-wrap:anywhere]">
                                    {task}
                                    {role === null ? '' : `, ${role}`}
                                    <span className="block text-[0.88em]">
                                        {project} – {why}
                                    </span>
                                </span>
                                <input
                                    aria-label={copy.hours(task, shortDay(date))}
                                    value={hours(line, minutes)}
                                    inputMode="decimal"
                                    maxLength={24}
                                    autoComplete="off"
                                    className={`min-h-11 w-20 border-b border-edge bg-sheet px-2 text-end ${typed[line] === undefined ? 'pencilled' : ''}`}
                                    onChange={(event) => {
                                        type({ ...typed, [line]: event.currentTarget.value });
                                    }}
                                />
                            </li>
                        ))}
                    </ul>
                    <p className="pencilled mt-1">{copy.change}</p>
                    <button type="submit" className="act act-main mt-2 min-h-11" disabled={isGoing}>
                        {isChanged ? copy.inkDay(shortDay(date)) : copy.ink(hoursWithUnit(pencilled, format))}
                    </button>
                </>
            )}
        </form>
    );
}
