import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { LinkedTaskProps, OptionProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { TableHead } from '@/ui/TableHead';
import { SideScroll } from '@/ui/SideScroll';
import { router } from '@inertiajs/react';

const copy = officeText.projectTrackerPage;

interface TasksThereProps {
    project: string;
    tasks: LinkedTaskProps[];
    /** Tasks here that are none there yet, by their numbers. */
    free: OptionProps[];
}

/** The tasks of the task tracker, how far they are, and which they are here. */
export function TasksThere({ project, tasks, free }: TasksThereProps) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    if (tasks.length === 0) {
        return <p className="text-faded">{copy.noTasks}</p>;
    }

    return (
        <section aria-labelledby="tasks-there">
            <h2 id="tasks-there">{copy.tasks}</h2>
            <FieldError of={['task']} />
            <SideScroll labelledBy="tasks-there">
                <table className="mt-2 w-full min-w-[36rem]">
                    <TableHead heads={[copy.task, copy.state, copy.comment, copy.time, copy.taskHere]} />
                    <tbody>
                        {tasks.map((task) => (
                            <tr key={task.id}>
                                <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                                    {task.title} <span className="font-normal text-faded">{task.key}</span>
                                </th>
                                <td className="border-b border-rule pe-4 whitespace-nowrap">{task.state}</td>
                                <td className="border-b border-rule pe-4 [overflow-wrap:anywhere]">
                                    {task.comment !== '' && `${task.commentBy}: ${task.comment}`}
                                </td>
                                <td className="border-b border-rule pe-4 whitespace-nowrap">
                                    {task.minutes > 0 && hoursWithUnit(task.minutes, format)}
                                </td>
                                <td className="border-b border-rule">
                                    {task.task === null ? (
                                        <Select
                                            label={copy.isTask(task.title)}
                                            hidesLabel
                                            options={[['', '…'], ...free.map(({ code, name }) => [code, name] as const)]}
                                            value=""
                                            className="w-48"
                                            onChoose={(chosen) => {
                                                router.put(
                                                    route('project.tracker.task', { project, there: task.id }),
                                                    { task: chosen },
                                                    { preserveScroll: true },
                                                );
                                            }}
                                        />
                                    ) : (
                                        task.task.name
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </SideScroll>
        </section>
    );
}
