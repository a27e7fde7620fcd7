import { wholeDate } from '@/lib/days';
import { hoursWithUnit, printHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { ComparedEntryProps, HoursFormat, OpenedFigureProps } from '@/types/generated/props';
import { AttentionItem, Margin } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { groupName } from './groupName';

const copy = text.comparePage;

interface Props {
    opened: OpenedFigureProps;
    /** The address of the comparison without it. */
    closed: string;
    format: HoursFormat;
}

/** What an opened figure is made of: tasks and people, and down to the entries. */
export function OpenedFigure({ opened, closed, format }: Props) {
    const heading = useRef<HTMLHeadingElement>(null);
    const of = opened.names.map(({ grouping, code, name }) => groupName(grouping, code, name)).join(', ');
    const title = copy.openedOf(copy.figures[opened.figure], hoursWithUnit(opened.minutes, format), of);
    useEffect(() => {
        heading.current?.focus();
    }, [title]);

    return (
        <Margin label={copy.opened}>
            <div className="flex items-baseline justify-between gap-3">
                <h2 ref={heading} tabIndex={-1} className="outline-none">
                    {title}
                </h2>
                <Link href={closed} preserveScroll preserveState className="act">
                    {text.trace.close}
                </Link>
            </div>
            <AttentionItem title={copy.tasks(opened.parts.length, opened.allParts)}>
                <ul>
                    {opened.parts.map(({ code, task, person, minutes }) => (
                        <li key={`${code} ${person ?? ''}`} className="flex justify-between gap-3 border-t border-rule py-1">
                            <span className="min-w-0 [overflow-wrap:anywhere]">
                                {task}
                                <span className="block text-[0.9em] text-faded">
                                    {code.split('/')[0]} · {person ?? copy.nobody}
                                </span>
                            </span>
                            <span className="shrink-0">{printHours(minutes, format)}</span>
                        </li>
                    ))}
                </ul>
            </AttentionItem>
            {(opened.figure === 'actual' || opened.figure === 'pending') && (
                <AttentionItem
                    title={
                        opened.allEntries === 0
                            ? text.trace.noEntries
                            : text.trace.entries(opened.entries.length, opened.allEntries)
                    }
                >
                    <ul>
                        {opened.entries.map((entry, index) => (
                            <Entry key={index} entry={entry} format={format} />
                        ))}
                    </ul>
                </AttentionItem>
            )}
        </Margin>
    );
}

/** An entry, which leads to the week in which it stands where one may see that. */
function Entry({ entry, format }: { entry: ComparedEntryProps; format: HoursFormat }) {
    const { date, week, person, personCode, project, task, minutes, state, note } = entry;

    return (
        <li className="border-t border-rule py-1">
            <span className="flex justify-between gap-3">
                {week === null ? (
                    <span className="text-faded">{wholeDate(date)}</span>
                ) : (
                    <Link
                        href={route('week.of', { person: personCode, week })}
                        aria-label={text.projectPage.toWeek(person, wholeDate(date))}
                        className="act-quiet inline-block text-faded"
                    >
                        {wholeDate(date)}
                    </Link>
                )}
                <span className={`shrink-0 stroke-${state}`} title={text.state[state]}>
                    {printHours(minutes, format)}
                    <span className="sr-only"> {text.state[state]}</span>
                </span>
            </span>
            <span className="block [overflow-wrap:anywhere]">
                {person}
                <span className="block text-[0.9em] text-faded">
                    {project} · {task}
                    {note !== '' && <q className="block">{note}</q>}
                </span>
            </span>
        </li>
    );
}
