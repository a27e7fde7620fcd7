import type { ComparedPeriodProps } from '@/types/generated/props';

/** What is drawn of something over time, in minutes. */
export interface Series {
    name: string;
    actual: readonly number[];
    planned: readonly number[];
}

/** Planned and actual of each period. */
export function seriesOf(name: string, periods: readonly ComparedPeriodProps[]): Series {
    return { name, actual: periods.map(({ actual }) => actual), planned: periods.map(({ planned }) => planned) };
}

/** The most that any of them comes to; at least a minute. */
export function mostOf(series: readonly Series[]): number {
    return Math.max(1, ...series.flatMap(({ actual, planned }) => [...actual, ...planned]));
}

/** The points of a line in a box, from the left to the right and from 0 at its foot to the most at its head. */
export function linePoints(minutes: readonly number[], most: number, width: number, height: number): string {
    const step = minutes.length > 1 ? width / (minutes.length - 1) : 0;

    return minutes.map((one, index) => `${round(index * step)},${round(height - (Math.max(0, one) * height) / most)}`).join(' ');
}

function round(number: number): string {
    return String(Math.round(number * 10) / 10);
}
