import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LeftProps } from '@/types/generated/props';

interface LeftRemarkProps {
    left: LeftProps;
    format: HoursFormat;
    onOpen: () => void;
}

/** What is left of the task that one is on, and the way to say otherwise. */
export function LeftRemark({ left, format, onOpen }: LeftRemarkProps) {
    const hours = (minutes: number) => hoursInWords(minutes, format);

    return (
        <p className="mt-1">
            <span className={left.isRestated || left.isDone ? '' : 'pencilled'}>
                {left.isDone ? text.week.left.done : text.week.left.of(hours(left.left), hours(left.planned))}
            </span>{' '}
            {left.asked !== null && <span className="text-ochre">{text.week.left.asked(hours(left.asked))} </span>}
            <button type="button" className="act-quiet" onClick={onOpen}>
                {text.week.left.open}
            </button>
        </p>
    );
}
