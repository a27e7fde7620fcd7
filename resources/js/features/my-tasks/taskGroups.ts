import type { MyTaskProps, TaskDue } from '@/types/generated/props';

export type GroupName = 'pinned' | TaskDue;

const order: GroupName[] = ['pinned', 'overdue', 'this week', 'next week', 'later', 'always'];

/** The tasks under when they are due, pinned ones in front; those whose names or codes hold what was typed. */
export function groupsOf(tasks: readonly MyTaskProps[], typed: string): { name: GroupName; tasks: MyTaskProps[] }[] {
    const words = typed.toLocaleLowerCase().split(/\s+/).filter(Boolean);
    const found = tasks.filter(({ taskName, taskCode, projectName, projectCode, team }) => {
        const all = [taskName, taskCode, projectName, projectCode, team ?? ''].join(' ').toLocaleLowerCase();

        return words.every((word) => all.includes(word));
    });

    return order
        .map((name) => ({ name, tasks: found.filter((task) => (task.isPinned ? 'pinned' : task.due) === name) }))
        .filter((group) => group.tasks.length > 0);
}
