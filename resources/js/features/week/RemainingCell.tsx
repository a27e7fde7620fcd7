import { hoursWithUnit, typedHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, TaskRemainingProps } from '@/types/generated/props';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import { memo, useState, type KeyboardEvent } from 'react';

interface RemainingCellProps {
    remaining: TaskRemainingProps | undefined;
    taskName: string;
    index: number;
    format: HoursFormat;
    mayUpdate: boolean;
    /** What was typed over it; null to look only. */
    onUpdate: (index: number, typed: string | null) => void;
    /** Back to the days of the line, or on to another line. */
    onLeave: (row: number) => void;
}

/** Moves to the remaining hours of a line, where it has any. */
export function focusOnRemaining(index: number): boolean {
    const field = document.querySelector<HTMLInputElement>(`[data-remaining="${index}"]`);
    field?.focus();
    field?.select();

    return field !== null;
}

function describe(remaining: TaskRemainingProps, format: HoursFormat): string {
    const hours = hoursWithUnit(remaining.minutes, format);

    return remaining.isDone
        ? text.week.remaining.done
        : remaining.isEstimated
          ? text.week.remaining.estimated(hours)
          : text.week.remaining.pencilled(hours);
}

/** The remaining hours of a line's task: pencilled while calculated, inked once estimated. Typing over it gives a new estimate. */
export const RemainingCell = memo(function RemainingCell({
    remaining,
    taskName,
    index,
    format,
    mayUpdate,
    onUpdate,
    onLeave,
}: RemainingCellProps) {
    const [typed, setTyped] = useState<string | null>(null);
    if (remaining === undefined) {
        return <td role="gridcell" className="border-b border-rule max-md:hidden" />;
    }
    const shown = remaining.isDone ? text.week.remaining.doneShort : typedHours(remaining.minutes, format);
    const keys = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
            onUpdate(index, typed?.trim() ?? null);
            setTyped(null);
        } else if (event.key === 'Escape' || (event.key === 'ArrowLeft' && typed === null)) {
            setTyped(null);
            onLeave(index);
        } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            focusOnRemaining(index + (event.key === 'ArrowUp' ? -1 : 1));
        } else if (typed === null && mayUpdate && event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
            // The figure may have become another under the cursor, which takes the selection with it; typing is over it all the same.
            setTyped(event.key);
        } else {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
    };

    return (
        <td role="gridcell" className="border-b border-rule pe-1 text-end max-md:hidden">
            <input
                data-remaining={index}
                tabIndex={-1}
                readOnly={!mayUpdate}
                value={typed ?? shown}
                maxLength={50}
                aria-label={text.week.remaining.cell(taskName, describe(remaining, format))}
                title={[
                    describe(remaining, format),
                    remaining.waiting === null ? null : text.week.remaining.waiting(hoursWithUnit(remaining.waiting, format)),
                ]
                    .filter((part) => part !== null)
                    .join('. ')}
                className={clsx(
                    'h-[1.6rem] w-full bg-transparent text-end',
                    typed === null && decimalRoom(shown),
                    typed === null && (remaining.isEstimated || remaining.isDone ? 'ink' : 'pencilled'),
                    remaining.waiting !== null && 'underline decoration-ochre decoration-dotted underline-offset-4',
                )}
                onFocus={(event) => {
                    event.currentTarget.select();
                }}
                onChange={(event) => {
                    setTyped(event.target.value);
                }}
                onBlur={() => {
                    if (typed !== null && typed.trim() !== shown) {
                        onUpdate(index, typed.trim());
                    }
                    setTyped(null);
                }}
                onKeyDown={keys}
            />
        </td>
    );
});
