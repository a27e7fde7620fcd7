import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import { CellInput } from '@/ui/grid/CellInput';
import { useCellRef } from '@/ui/grid/useCellRef';
import type { FinishingKey } from '@/ui/grid/useTyping';
import type { DayProps, MonthCellProps } from '@/types/generated/props';
import clsx from 'clsx';
import { shownAmount, type Counting } from './amounts';
import { shadeOf } from './dayText';
import type { TypedText } from './typedCells';

const copy = text.month;

interface Props {
    cell: MonthCellProps;
    day: DayProps;
    line: string;
    row: number;
    column: number;
    counting: Counting;
    /** What was typed here and is not saved yet. */
    unsaved: TypedText | undefined;
    isHere: boolean;
    isSelected: boolean;
    /** What the typing begins with; null while nothing is typed here. */
    typed: string | null;
    onFinish: (typed: string | null, key: FinishingKey | null) => void;
}

/** One day of one line, typed over. */
export function MonthCell(props: Props) {
    const { cell, day, line, row, column, counting, unsaved, isHere, typed } = props;
    const shown = unsaved?.text ?? shownAmount(cell, counting);
    const isRefused = unsaved?.status === 'refused';
    const named = copy.cell(
        line,
        fullDay(day.date),
        shown === '' ? text.week.empty : shown,
        cell.state && text.state[cell.state],
    );

    return (
        <td
            ref={useCellRef(row, column)}
            role="gridcell"
            tabIndex={typed === null && isHere ? 0 : -1}
            data-place={`${row} ${column}`}
            aria-label={named}
            aria-readonly={!cell.canType}
            aria-selected={props.isSelected || isHere}
            aria-invalid={isRefused}
            title={isRefused ? unsaved.message : undefined}
            className={clsx(
                'h-8 scroll-mx-40 scroll-my-16 px-0.5 text-center whitespace-nowrap select-none',
                shadeOf(day),
                isRefused ? 'bg-brick-wash' : props.isSelected ? 'bg-moss-wash' : null,
            )}
        >
            {typed === null ? (
                <span
                    className={clsx(
                        isRefused && 'text-brick',
                        unsaved !== undefined && !isRefused && 'text-faded',
                        unsaved === undefined && cell.state !== null && `stroke-${cell.state}`,
                    )}
                >
                    {shown}
                </span>
            ) : (
                <CellInput
                    name={copy.input(line, fullDay(day.date))}
                    first={typed}
                    inputMode="decimal"
                    maxLength={40}
                    className="w-12 min-w-full bg-sheet text-center"
                    onFinish={props.onFinish}
                />
            )}
        </td>
    );
}
