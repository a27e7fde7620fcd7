import type { ProjectRowProps } from '@/types/generated/props';

export interface TaskGroup {
    phase: ProjectRowProps | null;
    /** Whether it is the first of its phase. */
    startsPhase: boolean;
    task: ProjectRowProps;
    assignees: ProjectRowProps[];
}

/** The tasks of a project in their order, each with its phase and with who is on it. */
export function tasksOf(rows: readonly ProjectRowProps[]): TaskGroup[] {
    const groups: TaskGroup[] = [];
    let phase: ProjectRowProps | null = null;
    let startsPhase = false;
    for (const row of rows) {
        const last = groups[groups.length - 1];
        if (row.level === 'phase') {
            phase = row;
            startsPhase = true;
        } else if (row.level === 'task') {
            groups.push({ phase, startsPhase, task: row, assignees: [] });
            startsPhase = false;
        } else {
            last?.assignees.push(row);
        }
    }

    return groups;
}
