import { route } from '@/lib/route';
import { fullDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayReminderProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Hours } from '@/ui/Hours';
import { Shell } from '@/ui/Shell';
import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';

/** One day with its pencil, opened from a mail: ink it, or open the week to change it. */
export function DayReminderPage({ dayReminder }: { dayReminder: DayReminderProps }) {
    const [going, setGoing] = useState(false);
    const copy = text.dayReminderPage;
    const hours = (minutes: number) => hoursWithUnit(minutes, dayReminder.format);
    const missing = dayReminder.expected - dayReminder.entered;

    return (
        <Shell>
            <Head title={copy.title(dayReminder.name, fullDay(dayReminder.date))} />
            <div className="mx-auto max-w-xl">
                <h1>{copy.title(dayReminder.name, fullDay(dayReminder.date))}</h1>
                <p className="mt-1">
                    {dayReminder.isUsed
                        ? copy.used
                        : missing <= 0
                          ? copy.full(hours(dayReminder.entered))
                          : dayReminder.lines.length === 0
                            ? copy.bare(hours(dayReminder.entered), hours(dayReminder.expected))
                            : copy.pencilled(
                                  hours(dayReminder.pencilled),
                                  hours(dayReminder.entered),
                                  hours(dayReminder.expected),
                              )}
                </p>
                {!dayReminder.isUsed && (
                    <Bar
                        approved={0}
                        pending={dayReminder.entered}
                        remaining={Math.max(0, missing)}
                        mark={dayReminder.expected}
                        scale={Math.max(dayReminder.expected, dayReminder.entered, 1)}
                        label={copy.bare(hours(dayReminder.entered), hours(dayReminder.expected))}
                        className="mt-2"
                    />
                )}
                {dayReminder.lines.length > 0 && <PencilledLines dayReminder={dayReminder} />}
                <p className="mt-4 flex flex-wrap gap-3">
                    {dayReminder.lines.length > 0 && (
                        <button
                            type="button"
                            className="act act-main min-h-11"
                            disabled={going}
                            onClick={() => {
                                setGoing(true);
                                router.post(
                                    dayReminder.address,
                                    {},
                                    {
                                        onFinish: () => {
                                            setGoing(false);
                                        },
                                    },
                                );
                            }}
                        >
                            {copy.ink(hours(dayReminder.pencilled))}
                        </button>
                    )}
                    <Link href={route('week', { week: dayReminder.week })} className="act min-h-11">
                        {copy.open}
                    </Link>
                </p>
                {!dayReminder.isUsed && <p className="pencilled mt-2">{copy.only}</p>}
            </div>
        </Shell>
    );
}

/** What is pencilled on the day, line by line. */
function PencilledLines({ dayReminder }: { dayReminder: DayReminderProps }) {
    return (
        <table className="mt-3 w-full">
            <tbody>
                {dayReminder.lines.map((line) => (
                    <tr key={line.line} className="pencilled border-t border-rule align-baseline">
                        <th scope="row" className="py-1 pe-3 [overflow-wrap:anywhere]">
                            {line.task}
                            {line.role === null ? '' : `, ${line.role}`}
                            <span className="block text-[0.88em]">
                                {line.project} – {line.why}
                            </span>
                        </th>
                        <td className="text-end">
                            <Hours minutes={line.minutes} format={dayReminder.format} />
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
