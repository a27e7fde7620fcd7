import { route } from '@/lib/route';
import { DoneForAll, EstimatePanel, useDone } from '@/features/remaining';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, ProjectRowProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';

interface TaskEstimatesProps {
    row: ProjectRowProps;
    project: ProjectProps;
    format: HoursFormat;
}

/** The project manager's own estimate for an assignee, or the task marked as done for everyone. */
export function TaskEstimates({ row, project, format }: TaskEstimatesProps) {
    const [isSaying, setSaying] = useState(false);
    const done = useDone(project.code);
    const task = project.rows.find((other) => other.level === 'task' && other.task === row.task);
    if (!project.mayPlan || row.taskId === null || task === undefined) {
        return null;
    }
    if (row.level === 'task') {
        return (
            <div>
                <DoneForAll task={row.taskId} isDone={row.isDone} done={done} className="act" />
            </div>
        );
    }
    if (row.speaker === null) {
        return null;
    }

    return isSaying ? (
        <EstimatePanel
            address={route('remaining', { person: row.speaker, task: row.taskId })}
            taskName={task.name}
            format={format}
            typed={null}
            onUpdated={() => {
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
            {text.projectPage.updateEstimate}
        </button>
    );
}
