import { hoursWithUnit } from '@/lib/hours';
import { printNumberText } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, PastForecastProps, PastPlanProps, SpreadProps } from '@/types/generated/props';

const copy = text.learning;

/** How finished work turned out, in a sentence. */
export function spreadText({ count, median, low, high }: SpreadProps): string {
    return copy.spread(count, printNumberText(median), printNumberText(low), printNumberText(high));
}

/** What tasks like a planned one came to. */
export function pastPlanText({ words, spread, usual, least, most }: PastPlanProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return copy.planLike(spread.count, words, hours(usual), hours(least), hours(most));
}

/** What a project would come to as finished tasks did. */
export function pastForecastText({ manager, spread, usual, least, most }: PastForecastProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return copy.forecastLike(manager ?? '', spread.count, hours(usual), hours(least), hours(most));
}
