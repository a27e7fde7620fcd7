import { fullDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { NudgeProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Hours } from '@/ui/Hours';
import { Shell } from '@/ui/Shell';
import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';

/** One day with its pencil, opened from a mail: ink it, or open the week to change it. */
export function NudgePage({ nudge }: { nudge: NudgeProps }) {
    const [going, setGoing] = useState(false);
    const words = text.nudgePage;
    const hours = (minutes: number) => hoursInWords(minutes, nudge.format);
    const missing = nudge.owed - nudge.entered;

    return (
        <Shell>
            <Head title={words.title(nudge.name, fullDay(nudge.date))} />
            <div className="mx-auto max-w-xl">
                <h1>{words.title(nudge.name, fullDay(nudge.date))}</h1>
                <p className="mt-1">
                    {nudge.isUsed
                        ? words.used
                        : missing <= 0
                          ? words.full(hours(nudge.entered))
                          : nudge.lines.length === 0
                            ? words.bare(hours(nudge.entered), hours(nudge.owed))
                            : words.pencilled(hours(nudge.pencilled), hours(nudge.entered), hours(nudge.owed))}
                </p>
                {!nudge.isUsed && (
                    <Bar
                        approved={0}
                        pending={nudge.entered}
                        remaining={Math.max(0, missing)}
                        mark={nudge.owed}
                        scale={Math.max(nudge.owed, nudge.entered, 1)}
                        words={words.bare(hours(nudge.entered), hours(nudge.owed))}
                        className="mt-2"
                    />
                )}
                {nudge.lines.length > 0 && (
                    <table className="mt-3 w-full">
                        <tbody>
                            {nudge.lines.map((line) => (
                                <tr key={line.line} className="pencilled border-t border-rule align-baseline">
                                    <th scope="row" className="py-1 pe-3 [overflow-wrap:anywhere]">
                                        {line.task}
                                        {line.role === null ? '' : `, ${line.role}`}
                                        <span className="block text-[0.88em]">
                                            {line.project} – {line.why}
                                        </span>
                                    </th>
                                    <td className="text-end">
                                        <Hours minutes={line.minutes} format={nudge.format} />
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                )}
                <p className="mt-4 flex flex-wrap gap-3">
                    {nudge.lines.length > 0 && (
                        <button
                            type="button"
                            className="act act-main min-h-11"
                            disabled={going}
                            onClick={() => {
                                setGoing(true);
                                router.post(
                                    nudge.address,
                                    {},
                                    {
                                        onFinish: () => {
                                            setGoing(false);
                                        },
                                    },
                                );
                            }}
                        >
                            {words.ink(hours(nudge.pencilled))}
                        </button>
                    )}
                    <Link href={`/week/${nudge.week}`} className="act min-h-11">
                        {words.open}
                    </Link>
                </p>
                {!nudge.isUsed && <p className="pencilled mt-2">{words.only}</p>}
            </div>
        </Shell>
    );
}
