import type { ProgressWeekProps } from '@/types/generated/props';

/** How high the plots reach, in minutes. */
export interface CourseScale {
    sum: number;
    week: number;
}

export function scaleOf(weeks: ProgressWeekProps[]): CourseScale {
    return {
        sum: Math.max(1, ...weeks.map((week) => Math.max(week.plannedSoFar, week.forecastSoFar))),
        week: Math.max(1, ...weeks.map((week) => Math.max(week.planned, week.actual + week.pending + week.remaining))),
    };
}

/** The line of a running sum from a common zero, as the points of an SVG that is 100 high and a hundred wide for each week. */
export function points(sums: number[], scale: number): string {
    return [0, ...sums].map((sum, index) => `${index * 100},${String(100 - Math.round((sum * 10000) / scale) / 100)}`).join(' ');
}

/** Index of the current week among those shown: before the first, -1; after the last, their number. */
export function placeOf(monday: string, weeks: ProgressWeekProps[]): number {
    const first = weeks[0]?.monday;
    if (first === undefined || monday < first) {
        return -1;
    }

    return Math.round((Date.parse(monday) - Date.parse(first)) / (7 * 86_400_000));
}

/** The weeks at which a month begins, so that not every week is named. */
export function monthsOf(weeks: ProgressWeekProps[]): { index: number; monday: string }[] {
    // A name needs the room of a twelfth of the whole.
    const room = weeks.length / 12;
    const named: { index: number; monday: string }[] = [];
    weeks.forEach(({ monday }, index) => {
        const last = named[named.length - 1];
        const isFirst = index > 0 && monday.slice(0, 7) !== weeks[index - 1]?.monday.slice(0, 7);
        if (last === undefined ? isFirst || weeks.length < 5 : isFirst && index - last.index >= room) {
            named.push({ index, monday });
        }
    });

    return named;
}

/** What is entered by each week up to the current one, with all weeks before; what remains of the current one is not entered yet. */
export function enteredSoFar(monday: string, weeks: ProgressWeekProps[]): number[] {
    let sum = 0;

    return weeks.filter((week) => week.monday <= monday).map((week) => (sum += week.actual + week.pending));
}

/** What is planned and entered up to the end of the current week. */
export function upTo(monday: string, weeks: ProgressWeekProps[]): { planned: number; entered: number } {
    const past = weeks.filter((week) => week.monday <= monday);

    return {
        planned: past[past.length - 1]?.plannedSoFar ?? 0,
        entered: enteredSoFar(monday, weeks).at(-1) ?? 0,
    };
}
