import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, MyTaskProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import type { Growth } from '@/ui/growth';
import { actOnTimer } from '@/ui/timer/timerStore';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { PickUpForm } from './PickUpForm';
import { WorkForm } from './WorkForm';

const copy = text.tasks;

interface TaskRowProps {
    task: MyTaskProps;
    today: string;
    /** What the full width of a bar stands for. */
    scale: number;
    format: HoursFormat;
}

/** Hours of a task against what is planned of it. */
export function growthOf({ planned, entered, remaining }: MyTaskProps): Growth {
    return { approved: 0, pending: entered, remaining: remaining ?? 0, mark: planned };
}

function numbers({ planned, entered, remaining, isEstimated, waiting }: MyTaskProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    if (planned === null || remaining === null) {
        return '';
    }

    return [
        copy.numbers(hours(entered), hours(planned), hours(remaining)),
        isEstimated ? copy.estimated : null,
        waiting === null ? null : copy.waiting(hours(waiting)),
    ]
        .filter((part) => part !== null)
        .join('; ');
}

/** One task: when it is due, how it stands, and a line to record on it. */
export function TaskRow({ task, today, scale, format }: TaskRowProps) {
    const reader = useShared().signedIn?.code ?? '';
    const [asks, ask] = useState<'pick up' | null>(null);
    const { taskName, projectName, roleName, dueOn, team, line, isPinned } = task;
    const said = numbers(task, format);
    const button = (name: string, does: () => void) => (
        <button type="button" className="act-quiet" aria-label={copy.of(name, taskName)} onClick={does}>
            {name}
        </button>
    );

    return (
        <li className="grid gap-x-6 gap-y-1 border-b border-rule py-2 lg:grid-cols-[minmax(0,20rem)_14rem_minmax(0,1fr)]">
            <div className="min-w-0">
                <p className="font-semibold [overflow-wrap:anywhere]">{taskName}</p>
                <p className="text-faded [overflow-wrap:anywhere]">
                    {[projectName, roleName, team === null ? null : copy.team(team)].filter((part) => part !== null).join(' · ')}
                </p>
            </div>
            <div>
                {task.trackerState !== null && (
                    <p className="text-[0.9rem] [overflow-wrap:anywhere] text-faded">
                        {copy.tracker(task.trackerState, task.trackerComment)}
                    </p>
                )}
                {dueOn !== null && <p className={dueOn < today ? 'text-ochre' : undefined}>{copy.due(shortDay(dueOn))}</p>}
                {said !== '' && <Bar {...growthOf(task)} scale={scale} label={said} className="my-1 max-w-56" />}
                <p className="text-[0.9rem] text-faded">{said}</p>
            </div>
            <div className="min-w-0">
                <WorkForm task={task} format={format} />
                <p className="flex flex-wrap gap-x-4">
                    {button(text.timer.start, () => {
                        actOnTimer(reader, { kind: 'start', line, taskName, projectName, roleName, note: '' });
                    })}
                    {button(isPinned ? copy.unpin : copy.pin, () => {
                        router.put(
                            route('tasks.pin'),
                            { task: task.task, role: task.role, pinned: !isPinned },
                            { preserveScroll: true, preserveState: true },
                        );
                    })}
                    {team !== null &&
                        (task.remaining ?? 0) > 0 &&
                        button(copy.pickUp, () => {
                            ask(asks === null ? 'pick up' : null);
                        })}
                </p>
                {asks === 'pick up' && (
                    <PickUpForm
                        task={task}
                        format={format}
                        onClose={() => {
                            ask(null);
                        }}
                    />
                )}
            </div>
        </li>
    );
}
