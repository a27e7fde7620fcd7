import type { CellProps, DayProps } from '@/types/generated/props';

/** Hours on a day that is a holiday, or beyond what an absence leaves: how many, and what the day is. Unknown where what is expected is not shown. */
export function overtimeOf(
    { expected, holiday, absences }: DayProps,
    entered: number,
): { minutes: number; reason: string } | null {
    const reason = holiday ?? absences.find(({ isPencilled }) => !isPencilled)?.kind;

    return reason === undefined || expected === null || entered <= expected ? null : { minutes: entered - expected, reason };
}

/** What others than the owner have recorded: by name, how much, and on which days. */
export function recordedByOthers(cells: CellProps[]): { name: string; minutes: number; dates: string[] }[] {
    const byName = new Map<string, { minutes: number; dates: Set<string> }>();
    for (const { recordedBy, minutes, date } of cells) {
        if (recordedBy !== null && minutes !== null) {
            const before = byName.get(recordedBy) ?? { minutes: 0, dates: new Set<string>() };
            byName.set(recordedBy, { minutes: before.minutes + minutes, dates: before.dates.add(date) });
        }
    }

    return [...byName].map(([name, { minutes, dates }]) => ({ name, minutes, dates: [...dates].sort() }));
}
