import type { LineProps } from '@/types/generated/props';

/** Minutes of a role in the week. */
export interface RoleHours {
    /** Null for the usual role. */
    role: string | null;
    minutes: number;
}

/** What is entered of each role, the most first; lines of one role count together. */
export function rolesOfWeek(lines: readonly LineProps[], minutesOf: (line: LineProps) => number): RoleHours[] {
    const sums = new Map<string | null, number>();
    for (const line of lines) {
        const minutes = minutesOf(line);
        if (minutes > 0) {
            sums.set(line.roleName, (sums.get(line.roleName) ?? 0) + minutes);
        }
    }

    return [...sums].map(([role, minutes]) => ({ role, minutes })).sort((one, other) => other.minutes - one.minutes);
}
