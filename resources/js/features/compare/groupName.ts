import { monthOf, weekNumber } from '@/lib/days';
import { text } from '@/lib/text';
import type { Grouping } from '@/types/generated/props';

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

/** The project of a group that lies within one, by its code; null for others. */
export function projectOf(grouping: Grouping, code: string): string | null {
    return grouping === 'phase' || grouping === 'task' ? (code.split('/')[0] ?? null) : null;
}
