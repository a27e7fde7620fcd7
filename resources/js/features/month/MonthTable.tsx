import { text } from '@/lib/text';
import type { DayProps, MonthLineProps, MonthProps, MonthSumProps } from '@/types/generated/props';
import { rowCursor } from '@/ui/grid/rowCursor';
import { GridElements } from '@/ui/grid/useCellRef';
import { shownAmount, type Counting } from './amounts';
import { shadeOf } from './dayText';
import { MonthHead } from './MonthHead';
import { MonthLine } from './MonthLine';
import type { useMonthEvents } from './useMonthEvents';
import type { MonthGrid } from './useMonthGrid';

const copy = text.month;

interface MonthTableProps {
    /** What the days are called. */
    name: string;
    month: MonthProps;
    counting: Counting;
    grid: MonthGrid;
    events: ReturnType<typeof useMonthEvents>;
    isFilling: boolean;
    onFill: (line: MonthLineProps) => void;
}

/** Lines by days, typed in, with what is entered and expected (the WAI-ARIA grid pattern). On a narrow screen it moves sideways under its lines. */
export function MonthTable({ name, month, counting, grid, events, isFilling, onFill }: MonthTableProps) {
    return (
        <GridElements value={grid.elements}>
            <div className="printed-wide relative mt-3 overflow-x-auto">
                <table
                    role="grid"
                    aria-label={copy.table(name)}
                    aria-multiselectable
                    className="w-full border-collapse tabular-nums"
                    {...events}
                >
                    <MonthHead month={month} />
                    <tbody id="lines" tabIndex={-1}>
                        {month.lines.map((line, row) => (
                            <MonthLine
                                key={line.line}
                                line={line}
                                row={row}
                                month={month}
                                counting={counting}
                                cursor={rowCursor(grid, grid.typing.typing, row)}
                                typed={grid.typed.cells}
                                isFilling={isFilling}
                                onFinish={grid.typing.finish}
                                onFill={onFill}
                            />
                        ))}
                    </tbody>
                    <tfoot>
                        <SumRow
                            name={copy.entered}
                            days={month.days}
                            sums={month.entered}
                            inAll={month.enteredInAll}
                            counting={counting}
                        />
                        <SumRow
                            name={copy.expected}
                            days={month.days}
                            sums={month.expected}
                            inAll={month.expectedInAll}
                            counting={counting}
                        />
                    </tfoot>
                </table>
            </div>
        </GridElements>
    );
}

interface SumRowProps {
    name: string;
    days: readonly DayProps[];
    sums: readonly MonthSumProps[];
    inAll: MonthSumProps;
    counting: Counting;
}

function SumRow({ name, days, sums, inAll, counting }: SumRowProps) {
    return (
        <tr className="border-t border-rule text-faded">
            <th scope="row" className="sticky start-0 bg-paper pe-3 text-start font-normal">
                {name}
            </th>
            {days.map((day, index) => (
                <td key={day.date} className={`px-0.5 text-center ${shadeOf(day)}`}>
                    {shownAmount(sums[index] ?? { minutes: 0, count: null }, counting)}
                </td>
            ))}
            <td className="ps-2 text-end whitespace-nowrap">{shownAmount(inAll, counting)}</td>
            <td className="no-print" />
        </tr>
    );
}
