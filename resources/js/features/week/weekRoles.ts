import type { LineProps } from '@/types/generated/props';

/** Minutes of a role in the week. */
export interface RoleHours {
    /** Null where there is none, neither a line's own nor a usual one. */
    role: string | null;
    minutes: number;
}

/** What is entered of each role, the most first; a line without one of its own counts for the usual one. */
export function rolesOfWeek(
    lines: readonly LineProps[],
    usualRole: string | null,
    minutesOf: (line: LineProps) => number,
): RoleHours[] {
    const sums = new Map<string | null, number>();
    for (const line of lines) {
        const minutes = minutesOf(line);
        if (minutes > 0) {
            const role = line.roleName ?? usualRole;
            sums.set(role, (sums.get(role) ?? 0) + minutes);
        }
    }

    return [...sums].map(([role, minutes]) => ({ role, minutes })).sort((one, other) => other.minutes - one.minutes);
}
