import { EstimateHistory } from '@/features/remaining';
import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, ProjectRowProps, TraceAssigneeProps, TraceProps } from '@/types/generated/props';
import { Margin, AttentionItem } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { projectAddress, type Shown } from './address';
import { TaskEstimates } from './TaskEstimates';
import { TraceEntries } from './TraceEntries';
import { TraceExpenses } from './TraceExpenses';

interface TracePanelProps {
    trace: TraceProps;
    /** The row whose figure it is; none for the whole and for phases. */
    row: ProjectRowProps | undefined;
    project: ProjectProps;
    shown: Shown;
    format: HoursFormat;
}

/** Where an assignee's remaining comes from. */
function source(assignee: TraceAssigneeProps, format: HoursFormat): string {
    if (assignee.estimatedOn === null || assignee.estimatedBy === null) {
        return text.trace.fromPlan;
    }
    const day = wholeDate(assignee.estimatedOn);

    return assignee.saidDone
        ? text.trace.saidDone(assignee.estimatedBy, day)
        : text.trace.estimated(assignee.estimatedBy, day, hoursWithUnit(assignee.estimated ?? 0, format), assignee.reason);
}

/** What an opened figure is made of, down to the entries. */
export function TracePanel({ trace, row, project, shown, format }: TracePanelProps) {
    const heading = useRef<HTMLHeadingElement>(null);
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const assignee = trace.assignee === '' ? text.projectPage.unassigned : trace.assignee;
    const phase = trace.phase === '' ? text.projectPage.noPhase : trace.phase;
    const what = [assignee, trace.task ?? phase ?? project.name].filter((part) => part !== null).join(', ');
    const showsAssignees = trace.figure !== 'actual' && trace.figure !== 'pending';

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
            {showsAssignees && trace.assignees.length > 0 && (
                <AttentionItem title={text.trace.assignees}>
                    <ul>
                        {trace.assignees.map((part) => (
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
                                {(part.estimatedOn !== null || trace.assignee !== null) && (
                                    <span className="pencilled block">{source(part, format)}</span>
                                )}
                            </li>
                        ))}
                    </ul>
                </AttentionItem>
            )}
            {row !== undefined && showsAssignees && trace.figure !== 'planned' && (
                <TaskEstimates row={row} project={project} format={format} />
            )}
            {trace.history.length > 0 && (
                <AttentionItem title={text.projectPage.said}>
                    <EstimateHistory estimates={trace.history} format={format} />
                </AttentionItem>
            )}
            {trace.figure !== 'planned' && trace.figure !== 'remaining' && (
                <TraceEntries trace={trace} currency={shown === 'money' ? project.currency : null} format={format} />
            )}
            {shown === 'money' && trace.expenses.length > 0 && <TraceExpenses trace={trace} currency={project.currency} />}
        </Margin>
    );
}
