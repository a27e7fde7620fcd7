import { RestatePanel } from '@/features/remaining';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, ProjectRowProps } from '@/types/generated/props';
import { router, usePage } from '@inertiajs/react';
import { useState } from 'react';

interface TaskWordsProps {
    row: ProjectRowProps;
    project: ProjectProps;
    format: HoursFormat;
}

/** The project manager's own word: what is left for a holder, or that the task is done for all. */
export function TaskWords({ row, project, format }: TaskWordsProps) {
    const [isSaying, setSaying] = useState(false);
    const refusal = usePage().props.errors.done;
    const task = project.rows.find((other) => other.level === 'task' && other.task === row.task);
    if (!project.mayPlan || row.taskId === null || task === undefined) {
        return null;
    }
    const declare = (done: boolean, confirmed: boolean) => {
        router.put(
            `/projects/${project.code}/tasks/${row.taskId}/done`,
            { done, confirmed },
            { preserveScroll: true, preserveState: true },
        );
    };
    if (row.level === 'task') {
        return (
            <div>
                {refusal !== undefined && (
                    <p role="alert" className="text-brick">
                        {refusal}
                    </p>
                )}
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        declare(!row.isDone, refusal !== undefined);
                    }}
                >
                    {row.isDone
                        ? text.projectPage.openAgain
                        : refusal === undefined
                          ? text.projectPage.doneForAll
                          : text.projectPage.doneAnyway}
                </button>
            </div>
        );
    }
    if (row.speaker === null) {
        return null;
    }

    return isSaying ? (
        <RestatePanel
            address={`/people/${row.speaker}/tasks/${row.taskId}/remaining`}
            taskName={task.name}
            format={format}
            typed={null}
            onStated={() => {
                router.reload();
            }}
            onClose={() => {
                setSaying(false);
            }}
        />
    ) : (
        <button
            type="button"
            className="act self-start"
            onClick={() => {
                setSaying(true);
            }}
        >
            {text.projectPage.sayLeft}
        </button>
    );
}
