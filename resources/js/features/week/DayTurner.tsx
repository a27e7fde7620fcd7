import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { DayProps } from '@/types/generated/props';

interface DayTurnerProps {
    days: DayProps[];
    column: number;
    onTurn: (column: number) => void;
}

/** On a narrow screen: which day is shown, and the way to the others. */
export function DayTurner({ days, column, onTurn }: DayTurnerProps) {
    const turn = (to: number) => () => {
        onTurn(to);
    };

    return (
        <div className="mt-2 flex items-center justify-between gap-2 md:hidden">
            <button type="button" className="act min-h-11" disabled={column === 0} onClick={turn(column - 1)}>
                {text.week.day.previous}
            </button>
            <strong aria-live="polite" className="font-semibold">
                {fullDay(days[column]?.date ?? '')}
            </strong>
            <button type="button" className="act min-h-11" disabled={column === days.length - 1} onClick={turn(column + 1)}>
                {text.week.day.next}
            </button>
        </div>
    );
}
