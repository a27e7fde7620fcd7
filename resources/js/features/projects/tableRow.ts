import type { ProjectRowProps } from '@/types/generated/props';
import type { Opened } from './address';

/** A row of the server's, or that of the whole project. */
export type TableRow = ProjectRowProps & { isWhole?: boolean };

/** What of a project a row of its table opens. */
export function openedBy(row: TableRow): Opened {
    return row.level === 'phase' ? { phase: row.isWhole === true ? null : row.name } : { task: row.task, assignee: row.assignee };
}
