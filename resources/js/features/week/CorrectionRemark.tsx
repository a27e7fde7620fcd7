import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { CellProps, HoursFormat, WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

interface CorrectionRemarkProps {
    sheet: WeekProps;
    cell: CellProps;
    format: HoursFormat;
}

/** The correction that waits for a cell, or the comment with which the latest was declined. */
export function CorrectionRemark({ sheet, cell: { correction, declined }, format }: CorrectionRemarkProps) {
    if (correction === null) {
        return declined === null ? null : (
            <p className="mt-1 text-ochre">
                {text.week.correction.declined} <q>{declined}</q>
            </p>
        );
    }

    return (
        <p className="pencilled mt-1 [overflow-wrap:anywhere]">
            {text.week.correction.asked(hoursWithUnit(correction.minutes, format), correction.waitsFor)}{' '}
            <q>{correction.reason}</q>{' '}
            {sheet.maySubmit && (
                <button
                    type="button"
                    className="act-quiet not-italic"
                    onClick={() => {
                        router.delete(route('week.corrections.withdraw', { ...sheet.at, correction: correction.id }), {
                            preserveScroll: true,
                            preserveState: true,
                        });
                    }}
                >
                    {text.week.correction.withdraw}
                </button>
            )}
        </p>
    );
}
