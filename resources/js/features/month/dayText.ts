import { hoursWithUnit } from '@/lib/hours';
import type { DayProps, HoursFormat } from '@/types/generated/props';

/** What a column of the month looks like before anything is entered in it. */
export function shadeOf(day: DayProps | undefined): string {
    if (day === undefined) {
        return '';
    }

    return `${day.isToday ? 'shadow-[inset_1px_0_0_var(--moss),inset_-1px_0_0_var(--moss)]' : ''} ${(day.expected ?? 0) === 0 ? 'bg-rule/40' : ''}`.trim();
}

/** Each week with how many of its days are in the month. */
export function weekSpans(weeks: readonly string[]): { week: string; days: number }[] {
    return weeks.reduce<{ week: string; days: number }[]>((spans, week) => {
        const last = spans.at(-1);

        return last?.week === week ? [...spans.slice(0, -1), { week, days: last.days + 1 }] : [...spans, { week, days: 1 }];
    }, []);
}

/** Why less is expected on some days than usual: each reason with the runs of days on which it holds. */
export function reasonsAway(days: readonly DayProps[], format: HoursFormat): { reason: string; runs: [string, string][] }[] {
    const found = new Map<string, [string, string][]>();
    days.forEach((day, index) => {
        for (const reason of reasonsOn(day, format)) {
            const runs = found.get(reason) ?? [];
            const last = runs.at(-1);
            found.set(
                reason,
                last !== undefined && last[1] === days[index - 1]?.date
                    ? [...runs.slice(0, -1), [last[0], day.date]]
                    : [...runs, [day.date, day.date]],
            );
        }
    });

    return [...found].map(([reason, runs]) => ({ reason, runs }));
}

function reasonsOn({ holiday, absences }: DayProps, format: HoursFormat): string[] {
    return [
        ...(holiday === null ? [] : [holiday]),
        ...absences.map(({ kind, minutes }) => (minutes === null ? kind : `${kind} ${hoursWithUnit(minutes, format)}`)),
    ];
}
