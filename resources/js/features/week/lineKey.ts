/** A line of a sheet: what is worked on, and in which role. */
export interface TaskAndRole {
    task: number;
    role: number | null;
}

/** What a line is known by on both sides. */
export function lineKey({ task, role }: TaskAndRole): string {
    return `${task}:${role ?? ''}`;
}

/** The task and role of a line. */
export function ofLine(key: string): TaskAndRole {
    const [task = '', role = ''] = key.split(':');

    return { task: Number(task), role: role === '' ? null : Number(role) };
}
