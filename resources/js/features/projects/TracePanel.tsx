import { wholeDate } from '@/lib/days';
import { hoursInWords, printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, TraceHolderProps, TraceProps } from '@/types/generated/props';
import { Margin, Remark } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';

interface TracePanelProps {
    trace: TraceProps;
    /** The project's name, for figures of the whole. */
    name: string;
    closeAddress: string;
    format: HoursFormat;
}

/** Where a holder's remaining comes from. */
function source(holder: TraceHolderProps, format: HoursFormat): string {
    if (holder.restatedOn === null || holder.restatedBy === null) {
        return text.trace.fromPlan;
    }
    const day = wholeDate(holder.restatedOn);

    return holder.saidDone
        ? text.trace.saidDone(holder.restatedBy, day)
        : text.trace.restated(holder.restatedBy, day, hoursInWords(holder.restated ?? 0, format), holder.reason);
}

/** What an opened figure is made of, down to the entries. */
export function TracePanel({ trace, name, closeAddress, format }: TracePanelProps) {
    const heading = useRef<HTMLHeadingElement>(null);
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const holder = trace.holder === '' ? text.projectPage.unassigned : trace.holder;
    const what = [holder, trace.task ?? name].filter((part) => part !== null).join(', ');
    const showsHolders = trace.figure !== 'actual' && trace.figure !== 'pending';

    useEffect(() => {
        heading.current?.focus();
    }, [what, trace.figure]);

    return (
        <Margin label={text.trace.title}>
            <div className="flex items-baseline justify-between gap-3">
                <h2 ref={heading} tabIndex={-1} className="outline-none">
                    {text.trace.of(text.projectPage[trace.figure], hours(trace.minutes), what)}
                </h2>
                <Link href={closeAddress} preserveScroll className="act">
                    {text.trace.close}
                </Link>
            </div>
            {showsHolders && trace.holders.length > 0 && (
                <Remark title={text.trace.holders}>
                    <ul>
                        {trace.holders.map((part) => (
                            <li key={`${part.task} ${part.name}`} className="border-t border-rule py-1">
                                {part.name === '' ? text.projectPage.unassigned : part.name}
                                {trace.task === null && <span className="text-faded"> · {part.task}</span>}
                                <span className="block">
                                    {[
                                        text.trace.planned(hours(part.planned)),
                                        text.trace.entered(hours(part.entered)),
                                        text.trace.remaining(hours(part.remaining)),
                                    ].join(', ')}
                                </span>
                                {(part.restatedOn !== null || trace.holder !== null) && (
                                    <span className="pencilled block">{source(part, format)}</span>
                                )}
                            </li>
                        ))}
                    </ul>
                </Remark>
            )}
            {trace.figure !== 'planned' && trace.figure !== 'remaining' && (
                <Remark
                    title={
                        trace.allEntries === 0 ? text.trace.noEntries : text.trace.entries(trace.entries.length, trace.allEntries)
                    }
                >
                    <table className="w-full">
                        <tbody>
                            {trace.entries.map((entry, index) => (
                                <tr key={index} className="border-t border-rule align-baseline">
                                    <td className="pe-2 whitespace-nowrap text-faded">{wholeDate(entry.date)}</td>
                                    <td>
                                        {entry.person}
                                        {(entry.note !== '' || trace.task === null || entry.corrects !== null) && (
                                            <span className="block text-[0.9em] text-faded">
                                                {[
                                                    trace.task === null ? entry.task : null,
                                                    entry.corrects === null
                                                        ? null
                                                        : text.trace.corrects(wholeDate(entry.corrects)),
                                                    entry.note === '' ? null : entry.note,
                                                ]
                                                    .filter((part) => part !== null)
                                                    .join(' · ')}
                                            </span>
                                        )}
                                    </td>
                                    <td className="ps-2 text-end whitespace-nowrap">
                                        <span className={`stroke-${entry.state}`} title={text.state[entry.state]}>
                                            {printHours(entry.minutes, format)}
                                        </span>
                                        <span className="sr-only"> {text.state[entry.state]}</span>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </Remark>
            )}
        </Margin>
    );
}
