import { monthOf, weekNumber } from '@/lib/days';
import { text } from '@/lib/text';
import type { ComparisonProps, Grouping } from '@/types/generated/props';

const without: Partial<Record<Grouping, string>> = text.comparePage.without;

/** What a group is called: periods as people write them, and in words what belongs to none. */
export function groupName(grouping: Grouping, code: string, name: string): string {
    switch (grouping) {
        case 'month':
            return monthOf(`${code}-01`);
        case 'quarter':
            return text.comparePage.quarter(code.slice(-1), code.slice(0, 4));
        case 'week':
            return text.comparePage.week(String(weekNumber(code)), code.slice(0, 4));
        case 'billable':
            return text.comparePage.billables[code === 'yes' ? 'yes' : 'no'];
        default:
            return code === '-' || code.endsWith('/-') ? (without[grouping] ?? name) : name;
    }
}

/** The same with its project where it lies within one: many projects have tasks of one name. */
export function fullName(grouping: Grouping, code: string, name: string): string {
    const project = projectOf(grouping, code);
    const called = groupName(grouping, code, name);

    return project === null ? called : text.comparePage.inProject(called, project);
}

/** What a part of a group is called; whose project it is goes without saying below that project. */
export function partName({ by, then }: Pick<ComparisonProps, 'by' | 'then'>, code: string, name: string): string {
    return (by === 'project' ? groupName : fullName)(then ?? by, code, name);
}

/** The project of a group that lies within one, by its code; null for others. */
export function projectOf(grouping: Grouping, code: string): string | null {
    return grouping === 'phase' || grouping === 'task' ? (code.split('/')[0] ?? null) : null;
}
