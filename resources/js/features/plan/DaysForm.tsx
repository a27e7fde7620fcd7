import { daysBetween, shortDay } from '@/lib/days';
import { typedHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, PlanAssignmentProps } from '@/types/generated/props';
import { useEffect, useRef, useState } from 'react';
import type { Faults } from './useServerPlan';

const MOST_DAYS = 70;

interface DaysFormProps {
    assignment: PlanAssignmentProps;
    format: HoursFormat;
    faults: Faults;
    onSpread: (days: Record<string, string>) => void;
    onClose: () => void;
}

/** Hours day by day, in the place of an even spread. */
export function DaysForm({ assignment, format, faults, onSpread, onClose }: DaysFormProps) {
    const days = daysBetween(assignment.startsOn, assignment.endsOn).slice(0, MOST_DAYS);
    const [hours, setHours] = useState<Record<string, string>>(() =>
        Object.fromEntries(Object.entries(assignment.byDay).map(([day, minutes]) => [day, typedHours(minutes, format)])),
    );
    const first = useRef<HTMLInputElement>(null);
    useEffect(() => {
        first.current?.focus();
    }, []);

    return (
        <form
            aria-label={text.plan.byDay(assignment.assigneeName)}
            onSubmit={(event) => {
                event.preventDefault();
                onSpread(hours);
            }}
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2>{text.plan.byDay(assignment.assigneeName)}</h2>
            <p className="pencilled">{text.plan.byDayHint}</p>
            <ul className="mt-1 max-h-80 overflow-y-auto">
                {days.map((day, index) => (
                    <li key={day} className="border-t border-rule">
                        <label className="flex items-center justify-between gap-2">
                            {shortDay(day)}
                            <input
                                ref={index === 0 ? first : undefined}
                                value={hours[day] ?? ''}
                                maxLength={50}
                                aria-invalid={faults[day] !== undefined}
                                className="min-h-7 w-20 bg-sheet px-2 text-end"
                                onChange={(event) => {
                                    setHours({ ...hours, [day]: event.target.value });
                                }}
                            />
                        </label>
                        {faults[day] !== undefined && <p className="text-brick">{faults[day]}</p>}
                    </li>
                ))}
            </ul>
            <p className="mt-2 flex flex-wrap gap-2">
                <button type="submit" className="act act-main">
                    {text.plan.giveByDay}
                </button>
                {assignment.ids.length > 1 && (
                    <button
                        type="button"
                        className="act"
                        onClick={() => {
                            onSpread({});
                        }}
                    >
                        {text.plan.spreadEvenly}
                    </button>
                )}
                <button type="button" className="act" onClick={onClose}>
                    {text.week.close}
                </button>
            </p>
        </form>
    );
}
