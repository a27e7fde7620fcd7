import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ComparedRowProps, HoursFormat } from '@/types/generated/props';
import type { Growth } from '@/ui/growth';

/** Pending time is drawn behind actual time, unless it counts as actual already. */
function pendingBeside(row: ComparedRowProps, withPending: boolean): number {
    return withPending ? 0 : row.pending;
}

/** Whether there can be a plan to set it against. */
function isPlanned(row: ComparedRowProps): boolean {
    return row.standing !== 'recorded';
}

/** Actual and pending against what is planned, as the bar draws them. */
export function growthOf(row: ComparedRowProps, withPending: boolean): Growth {
    return {
        approved: row.actual,
        pending: pendingBeside(row, withPending),
        remaining: 0,
        mark: isPlanned(row) ? row.planned : null,
    };
}

/** The same in words. */
export function growthLabel(row: ComparedRowProps, withPending: boolean, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const pending = pendingBeside(row, withPending);
    const over = row.actual + pending - row.planned;

    return [
        text.comparePage.drawnActual(hours(row.actual)),
        ...(pending > 0 ? [text.bar.pending(hours(pending))] : []),
        ...(isPlanned(row) ? [text.bar.mark(hours(row.planned))] : []),
        ...(isPlanned(row) && over > 0 ? [text.bar.over(hours(over))] : []),
    ].join(', ');
}

/** How actual stands against what is planned to date, in words. */
export function verdict(row: ComparedRowProps, format: HoursFormat): string {
    const copy = text.comparePage;
    if (row.difference === 0) {
        return copy.asPlanned;
    }

    return row.difference > 0
        ? copy.over(hoursWithUnit(row.difference, format))
        : copy.under(hoursWithUnit(-row.difference, format));
}
