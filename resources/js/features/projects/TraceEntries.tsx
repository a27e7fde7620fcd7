import { route } from '@/lib/route';
import { wholeDate } from '@/lib/days';
import { printHours } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { HoursFormat, TraceEntryProps, TraceProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { Link } from '@inertiajs/react';

interface TraceEntriesProps {
    trace: TraceProps;
    /** Of the costs beside the hours; null for hours alone. */
    currency: string | null;
    format: HoursFormat;
}

/** The entries behind a figure; each leads to the week in which it stands. */
export function TraceEntries({ trace, currency, format }: TraceEntriesProps) {
    const title = trace.allEntries === 0 ? text.trace.noEntries : text.trace.entries(trace.entries.length, trace.allEntries);

    return (
        <AttentionItem title={title}>
            <table className="w-full">
                <tbody>
                    {trace.entries.map((entry, index) => (
                        <tr key={index} className="border-t border-rule align-baseline">
                            <td className="pe-2 whitespace-nowrap">
                                <Link
                                    href={route('week.of', { person: entry.personCode, week: entry.week })}
                                    aria-label={text.projectPage.toWeek(entry.person, wholeDate(entry.date))}
                                    className="act-quiet inline-block text-faded"
                                >
                                    {wholeDate(entry.date)}
                                </Link>
                            </td>
                            <td>
                                {entry.person}
                                <Note entry={entry} namesTask={trace.task === null} />
                            </td>
                            <td className="ps-2 text-end whitespace-nowrap">
                                <span className={`stroke-${entry.state}`} title={text.state[entry.state]}>
                                    {printHours(entry.minutes, format)}
                                </span>
                                <span className="sr-only"> {text.state[entry.state]}</span>
                                {currency !== null && (
                                    <span className={entry.cost === null ? 'block text-ochre' : 'block text-faded'}>
                                        {entry.cost === null ? text.projectPage.unknown : printMoney(entry.cost, currency)}
                                    </span>
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </AttentionItem>
    );
}

function Note({ entry, namesTask }: { entry: TraceEntryProps; namesTask: boolean }) {
    const parts = [
        namesTask ? entry.task : null,
        entry.corrects === null ? null : text.trace.corrects(wholeDate(entry.corrects)),
        entry.note === '' ? null : entry.note,
    ].filter((part) => part !== null);

    return parts.length === 0 ? null : <span className="block text-[0.9em] text-faded">{parts.join(' · ')}</span>;
}
