import { weekdayName } from '@/lib/days';
import { useId } from 'react';

interface WeekHoursProps {
    label: string;
    /** Of each weekday, Monday first, as typed. */
    hours: readonly string[];
    onChange: (hours: string[]) => void;
}

/** The hours of a week, a field for each day. */
export function WeekHours({ label, hours, onChange }: WeekHoursProps) {
    const id = useId();

    return (
        <div role="group" aria-labelledby={id} className="flex flex-col gap-1">
            <span id={id}>{label}</span>
            <div className="grid max-w-sm grid-cols-7 gap-1.5">
                {hours.map((typed, index) => (
                    <label key={index} className="flex flex-col text-faded">
                        <span aria-hidden>{weekdayName(index + 1).slice(0, 2)}</span>
                        <span className="sr-only">{weekdayName(index + 1)}</span>
                        <input
                            value={typed}
                            maxLength={10}
                            inputMode="decimal"
                            autoComplete="off"
                            className="min-h-9 w-full min-w-0 border-b border-edge bg-sheet px-1.5 text-end text-ink"
                            onChange={(event) => {
                                onChange(hours.map((old, place) => (place === index ? event.target.value : old)));
                            }}
                        />
                    </label>
                ))}
            </div>
        </div>
    );
}
