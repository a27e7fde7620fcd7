import { route } from '@/lib/route';
import type { FigureKind, ProjectProps, ProjectRowProps } from '@/types/generated/props';

/** Which figures the table shows. */
export type Shown = 'hours' | 'money';

/** What of a project is opened: nothing of it for the whole. */
export interface Opened {
    figure?: FigureKind;
    /** Empty for what is in none. */
    phase?: string | null;
    task?: string | null;
    assignee?: string | null;
}

/** The address of a project's page with what is open on it, so that it can be shared. */
export function projectAddress(code: string, shown: Shown, { figure, phase, task, assignee }: Opened = {}): string {
    return route('project', { project: code }, { show: shown === 'money' ? 'money' : null, figure, phase, task, assignee });
}

/** Which figures an address asks for. */
export function shownIn(address: string): Shown {
    return new URLSearchParams(address.split('?')[1] ?? '').get('show') === 'money' ? 'money' : 'hours';
}

/** The task's or assignee's row whose figure an address opens. */
export function openedRow({ rows }: ProjectProps, address: string): ProjectRowProps | undefined {
    const query = new URLSearchParams(address.split('?')[1] ?? '');
    const [task, assignee] = [query.get('task'), query.get('assignee')];

    return task === null ? undefined : rows.find((row) => row.task === task && row.assignee === assignee);
}
