import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { MonthProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

const copy = text.month;

interface MonthActsProps {
    month: MonthProps;
    isOpen: boolean;
    onSubmit: () => void;
}

/** Submitting the timesheet, and taking it back. */
export function MonthActs({ month, isOpen, onSubmit }: MonthActsProps) {
    const format = useHoursFormat();

    return (
        <div className="no-print mt-3 flex flex-wrap gap-3">
            <button type="button" className="act act-main" aria-expanded={isOpen} disabled={month.open === 0} onClick={onSubmit}>
                {copy.submit}
            </button>
            {month.submitted > 0 && (
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        router.delete(route('submission.take-back', { person: month.person, days: month.at }), {
                            preserveScroll: true,
                            preserveState: true,
                        });
                    }}
                >
                    {text.week.takeBack} {hoursWithUnit(month.submitted, format)}
                </button>
            )}
        </div>
    );
}
