import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { FiguresProps, HoursFormat } from '@/types/generated/props';
import type { Growth } from '@/ui/growth';

/** The figures as the bar draws them. */
export function growthOf({ actual, pending, remaining, planned }: FiguresProps): Growth {
    return { approved: actual, pending, remaining, mark: planned };
}

/** The same in words; what lies past the plan is named. */
export function growthLabel({ actual, pending, remaining, planned, variance }: FiguresProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return [
        text.bar.approved(hours(actual)),
        text.bar.pending(hours(pending)),
        text.bar.remaining(hours(remaining)),
        text.bar.mark(hours(planned)),
        ...(variance > 0 ? [text.bar.over(hours(variance))] : []),
    ].join(', ');
}

/** How a forecast stands to its plan, in words. */
export function verdict(variance: number, format: HoursFormat): string {
    if (variance === 0) {
        return text.projectPage.onPlan;
    }

    return variance > 0
        ? text.projectPage.over(hoursWithUnit(variance, format))
        : text.projectPage.under(hoursWithUnit(-variance, format));
}
