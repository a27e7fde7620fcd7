import { hoursWithUnit, typedHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, TaskRemainingProps } from '@/types/generated/props';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import { memo, useCallback, useState, type KeyboardEvent } from 'react';
import { useSheetTools } from './sheetTools';

interface RemainingCellProps {
    /** None on a further line of the same task, and where the task is not the person's. */
    remaining: TaskRemainingProps | undefined;
    taskName: string;
    index: number;
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
export const RemainingCell = memo(function RemainingCell({ remaining, taskName, index }: RemainingCellProps) {
    return remaining === undefined ? (
        <td role="gridcell" className="border-b border-rule max-md:hidden" />
    ) : (
        <td role="gridcell" className="border-b border-rule pe-1 text-end max-md:hidden">
            <RemainingField remaining={remaining} taskName={taskName} index={index} />
        </td>
    );
});

function RemainingField({ remaining, taskName, index }: RemainingCellProps & { remaining: TaskRemainingProps }) {
    const { format, mayRecord, remainingFields, onUpdateRemaining, onLeaveRemaining } = useSheetTools();
    const [typed, setTyped] = useState<string | null>(null);
    const field = useCallback(
        (element: HTMLElement | null) => (element === null ? undefined : remainingFields.add({ row: index, column: 0 }, element)),
        [remainingFields, index],
    );
    const shown = remaining.isDone ? text.week.remaining.doneShort : typedHours(remaining.minutes, format);
    const keys = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
            onUpdateRemaining(index, typed?.trim() ?? null);
            setTyped(null);
        } else if (event.key === 'Escape' || (event.key === 'ArrowLeft' && typed === null)) {
            setTyped(null);
            onLeaveRemaining(index);
        } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            remainingFields.focus({ row: index + (event.key === 'ArrowUp' ? -1 : 1), column: 0 });
        } else if (typed === null && mayRecord && event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
            // The figure may have become another under the cursor, which takes the selection with it; typing is over it all the same.
            setTyped(event.key);
        } else {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
    };

    return (
        <input
            ref={field}
            tabIndex={-1}
            readOnly={!mayRecord}
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
                    onUpdateRemaining(index, typed.trim());
                }
                setTyped(null);
            }}
            onKeyDown={keys}
        />
    );
}
