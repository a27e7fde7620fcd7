import { StatementList } from '@/features/remaining';
import { wholeDate } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, ProjectRowProps, TraceHolderProps, TraceProps } from '@/types/generated/props';
import { Margin, Remark } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { projectAddress, type Shown } from './address';
import { TaskWords } from './TaskWords';
import { TraceEntries } from './TraceEntries';

interface TracePanelProps {
    trace: TraceProps;
    /** The row whose figure it is; none for the whole and for phases. */
    row: ProjectRowProps | undefined;
    project: ProjectProps;
    shown: Shown;
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
export function TracePanel({ trace, row, project, shown, format }: TracePanelProps) {
    const heading = useRef<HTMLHeadingElement>(null);
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const holder = trace.holder === '' ? text.projectPage.unassigned : trace.holder;
    const phase = trace.phase === '' ? text.projectPage.noPhase : trace.phase;
    const what = [holder, trace.task ?? phase ?? project.name].filter((part) => part !== null).join(', ');
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
                <Link href={projectAddress(project.code, shown)} preserveScroll className="act">
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
            {row !== undefined && showsHolders && trace.figure !== 'planned' && (
                <TaskWords row={row} project={project} format={format} />
            )}
            {trace.history.length > 0 && (
                <Remark title={text.projectPage.said}>
                    <StatementList statements={trace.history} format={format} />
                </Remark>
            )}
            {trace.figure !== 'planned' && trace.figure !== 'remaining' && (
                <TraceEntries trace={trace} currency={shown === 'money' ? project.currency : null} format={format} />
            )}
        </Margin>
    );
}
