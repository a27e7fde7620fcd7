import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import type { MonthLineProps, MonthProps } from '@/types/generated/props';
import { cellCursor, type RowCursor } from '@/ui/grid/rowCursor';
import type { TypingState } from '@/ui/grid/useTyping';
import { saidAmount, shownAmount, type Counting } from './amounts';
import { MonthCell } from './MonthCell';
import { cellKey, type TypedCells } from './typedCells';

const copy = text.month;

interface Props {
    line: MonthLineProps;
    row: number;
    month: MonthProps;
    counting: Counting;
    cursor: RowCursor | null;
    typed: TypedCells;
    isFilling: boolean;
    onFinish: TypingState['finish'];
    onFill: (line: MonthLineProps) => void;
}

/** What is entered on one line, day by day; and the way to fill the rest of the days on it. */
export function MonthLine({ line, row, month, counting, cursor, typed, isFilling, onFinish, onFill }: Props) {
    const isNarrow = useNarrow();
    const name = line.roleName === null ? line.taskName : `${line.taskName}, ${line.roleName}`;
    const fill = line.canFill && month.free.minutes > 0 && (
        <button
            type="button"
            className="act-quiet no-print whitespace-nowrap max-md:min-h-11"
            disabled={isFilling}
            aria-label={copy.fillLine(line.taskName, saidAmount(month.free, counting))}
            onClick={() => {
                onFill(line);
            }}
        >
            {copy.fill}
        </button>
    );

    return (
        <tr className="border-t border-rule">
            <th
                scope="row"
                className="sticky start-0 max-w-64 min-w-32 bg-paper py-0.5 pe-3 text-start leading-tight font-normal"
            >
                <span className="block [overflow-wrap:anywhere]">{line.taskName}</span>
                <span className="block text-[0.85rem] leading-tight [overflow-wrap:anywhere] text-faded">
                    {line.projectName}
                    {line.roleName === null ? '' : `, ${line.roleName}`}
                </span>
                {isNarrow && fill}
            </th>
            {line.cells.map((cell, column) => {
                const day = month.days[column];

                return (
                    day !== undefined && (
                        <MonthCell
                            key={day.date}
                            cell={cell}
                            day={day}
                            line={name}
                            row={row}
                            column={column}
                            counting={counting}
                            unsaved={typed[cellKey(line.line, day.date)]}
                            {...cellCursor(cursor, column)}
                            onFinish={onFinish}
                        />
                    )
                );
            })}
            <td className="ps-2 text-end whitespace-nowrap">
                {shownAmount({ minutes: line.total, count: line.count }, counting)}
            </td>
            <td className="ps-3 text-end">{!isNarrow && fill}</td>
        </tr>
    );
}
