import { wholeDate } from '@/lib/days';
import { hoursWithUnit, printHours } from '@/lib/hours';
import { printCents } from '@/lib/money';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { ComparedEntryProps, HoursFormat, OpenedFigureProps, OpenedPartProps } from '@/types/generated/props';
import { AttentionItem, Margin } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { fullName, groupName } from './groupName';
import { OpenedExpenses } from './OpenedExpenses';
import { Amount, leftOut, measureText } from './MeasureValue';

const copy = text.comparePage;

interface Props {
    opened: OpenedFigureProps;
    /** The address of the comparison without it. */
    closed: string;
    currency: string;
    format: HoursFormat;
}

/** What an opened figure is made of: tasks and people, and down to the entries. */
export function OpenedFigure({ opened, closed, currency, format }: Props) {
    const { value } = opened;
    const heading = useRef<HTMLHeadingElement>(null);
    const of = opened.names.map(({ grouping, code, name }) => fullName(grouping, code, name)).join(', ');
    const title = copy.openedOf(copy.measures[value.measure], measureText(value, currency, format), of);
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
            {value.leftOut > 0 && <p className="text-faded">{copy.leftOut(hoursWithUnit(value.leftOut, format))}</p>}
            <AttentionItem title={partsTitle(opened)}>
                <ul>
                    {opened.parts.map((part) => (
                        <Part key={`${part.code} ${part.person ?? ''}`} part={part} value={value} format={format} />
                    ))}
                </ul>
            </AttentionItem>
            {opened.allEntries > 0 && (
                <AttentionItem title={text.trace.entries(opened.entries.length, opened.allEntries)}>
                    <ul>
                        {opened.entries.map((entry, index) => (
                            <Entry key={index} entry={entry} isMoney={value.unit === 'money'} format={format} />
                        ))}
                    </ul>
                </AttentionItem>
            )}
            {opened.expenses.length > 0 && <OpenedExpenses expenses={opened.expenses} all={opened.allExpenses} />}
        </Margin>
    );
}

/** Of how many parts the largest are shown. */
function partsTitle({ parts, allParts, value }: OpenedFigureProps): string {
    return value.measure === 'expected' ? copy.weeksOfPeople(parts.length, allParts) : copy.tasks(parts.length, allParts);
}

/** What of the figure lies on one task with one person, or on one week of a person. */
function Part({ part, value, format }: { part: OpenedPartProps; value: OpenedFigureProps['value']; format: HoursFormat }) {
    const { grouping, code, name, person, amount } = part;
    const who = person ?? copy.nobody;

    return (
        <li className="flex justify-between gap-3 border-t border-rule py-1">
            <span className="min-w-0 [overflow-wrap:anywhere]">
                {groupName(grouping, code, name)}
                <span className="block text-[0.9em] text-faded">
                    {grouping === 'task' ? `${code.split('/')[0] ?? ''} · ${who}` : who}
                </span>
            </span>
            <span className="shrink-0 text-end">
                <Amount measure={value.measure} unit={value.unit} amount={amount} format={format} />
                {part.leftOut > 0 && <span className="block text-[0.85em] text-faded">{leftOut(part.leftOut, format)}</span>}
            </span>
        </li>
    );
}

/** An entry, which leads to the week in which it stands where one may see that. */
function Entry({ entry, isMoney, format }: { entry: ComparedEntryProps; isMoney: boolean; format: HoursFormat }) {
    const { date, week, person, personCode, project, task, minutes, state, note, cents } = entry;

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
                    {isMoney && <span className="block text-end">{cents === null ? copy.notKnown : printCents(cents, '')}</span>}
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
