import { hoursInWords, printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LeftProps } from '@/types/generated/props';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import { memo, useState, type KeyboardEvent } from 'react';

interface LeftCellProps {
    left: LeftProps | undefined;
    taskName: string;
    index: number;
    format: HoursFormat;
    maySay: boolean;
    /** What was typed over it; null to look only. */
    onSay: (index: number, typed: string | null) => void;
    /** Back to the days of the line, or on to another line. */
    onLeave: (row: number) => void;
}

/** Goes to what is left of a line, where it has that. */
export function focusOnLeft(index: number): boolean {
    const field = document.querySelector<HTMLInputElement>(`[data-left="${index}"]`);
    field?.focus();
    field?.select();

    return field !== null;
}

function words(left: LeftProps, format: HoursFormat): string {
    const hours = hoursInWords(left.left, format);

    return left.isDone ? text.week.left.done : left.isRestated ? text.week.left.said(hours) : text.week.left.pencilled(hours);
}

/** What is left of a line's task: in pencil by the rule, in ink as somebody has said. Typing over it says otherwise. */
export const LeftCell = memo(function LeftCell({ left, taskName, index, format, maySay, onSay, onLeave }: LeftCellProps) {
    const [typed, setTyped] = useState<string | null>(null);
    if (left === undefined) {
        return <td role="gridcell" className="border-b border-rule max-md:hidden" />;
    }
    const shown = left.isDone ? text.week.left.doneShort : printHours(left.left, format);
    const keys = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
            onSay(index, typed?.trim() ?? null);
            setTyped(null);
        } else if (event.key === 'Escape' || (event.key === 'ArrowLeft' && typed === null)) {
            setTyped(null);
            onLeave(index);
        } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            focusOnLeft(index + (event.key === 'ArrowUp' ? -1 : 1));
        } else if (typed === null && maySay && event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
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
                data-left={index}
                tabIndex={-1}
                readOnly={!maySay}
                value={typed ?? shown}
                maxLength={50}
                aria-label={text.week.left.cell(taskName, words(left, format))}
                title={[words(left, format), left.asked === null ? null : text.week.left.asked(hoursInWords(left.asked, format))]
                    .filter((part) => part !== null)
                    .join('. ')}
                className={clsx(
                    'h-[1.6rem] w-full bg-transparent text-end',
                    typed === null && decimalRoom(shown),
                    typed === null && (left.isRestated || left.isDone ? 'ink' : 'pencilled'),
                    left.asked !== null && 'underline decoration-ochre decoration-dotted underline-offset-4',
                )}
                onFocus={(event) => {
                    event.currentTarget.select();
                }}
                onChange={(event) => {
                    setTyped(event.target.value);
                }}
                onBlur={() => {
                    if (typed !== null && typed.trim() !== shown) {
                        onSay(index, typed.trim());
                    }
                    setTyped(null);
                }}
                onKeyDown={keys}
            />
        </td>
    );
});
