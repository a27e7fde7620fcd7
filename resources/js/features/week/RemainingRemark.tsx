import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, TaskRemainingProps } from '@/types/generated/props';

interface RemainingRemarkProps {
    remaining: TaskRemainingProps;
    format: HoursFormat;
    onOpen: () => void;
}

/** The remaining hours of the current task, and the way to a new estimate. */
export function RemainingRemark({ remaining, format, onOpen }: RemainingRemarkProps) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <p className="mt-1">
            <span className={remaining.isEstimated || remaining.isDone ? '' : 'pencilled'}>
                {remaining.isDone
                    ? text.week.remaining.done
                    : text.week.remaining.of(hours(remaining.minutes), hours(remaining.planned))}
            </span>{' '}
            {remaining.waiting !== null && (
                <span className="text-ochre">{text.week.remaining.waiting(hours(remaining.waiting))} </span>
            )}
            <button type="button" className="act-quiet" onClick={onOpen}>
                {text.week.remaining.open}
            </button>
        </p>
    );
}
