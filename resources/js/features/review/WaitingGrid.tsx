import { fullDay, weekdayAndDay } from '@/lib/days';
import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import { placesOf } from '@/ui/grid/block';
import { movedBy } from '@/ui/grid/moves';
import { cellAround, placeOf } from '@/ui/grid/places';
import { rowCursor } from '@/ui/grid/rowCursor';
import { GridElements } from '@/ui/grid/useCellRef';
import { useGridCursor } from '@/ui/grid/useGridCursor';
import { Hours } from '@/ui/Hours';
import type { HoursFormat, WaitingSheetProps } from '@/types/generated/props';
import clsx from 'clsx';
import { useEffect } from 'react';
import type { Arrivals } from './arrivals';
import { cellsOf, entriesAt, minutesOf } from './taken';
import { WaitingLine } from './WaitingLine';
import { WaitingList } from './WaitingList';

interface WaitingGridProps {
    sheet: WaitingSheetProps;
    index: number;
    taken: ReadonlySet<number>;
    arrivals: Arrivals;
    onToggle: (ids: readonly number[]) => void;
    format: HoursFormat;
}

/** The waiting hours by line and day; on a narrow screen as a list. */
export function WaitingGrid(props: WaitingGridProps) {
    return useNarrow() ? <WaitingList {...props} /> : <WaitingTable {...props} />;
}

/** One tab stop, arrow keys inside (the WAI-ARIA grid pattern); space takes or leaves out. The first column is the whole line. */
function WaitingTable({ sheet, index, taken, arrivals, onToggle, format }: WaitingGridProps) {
    const size = { rows: sheet.lines.length, columns: sheet.days.length + 1 };
    const cursor = useGridCursor(size, { row: 0, column: 0 });
    const { place, block, elements } = cursor;
    const toggle = (places: Parameters<typeof entriesAt>[1]) => {
        const ids = entriesAt(sheet, places);
        if (ids.length > 0) {
            onToggle(ids);
        }
    };
    useEffect(() =>
        arrivals.add(index, () => {
            cursor.go(place);
        }),
    );

    return (
        <div className="mt-1 overflow-x-auto">
            <GridElements value={elements}>
                <table
                    role="grid"
                    aria-label={text.reviewPage.gridOf(sheet.personName, sheet.number)}
                    aria-multiselectable
                    className="w-full border-collapse"
                    onKeyDown={(event) => {
                        const to = movedBy(event, place, size);
                        if (to !== null) {
                            event.preventDefault();
                            cursor.go(to, event.shiftKey);
                        } else if (event.key === ' ') {
                            event.preventDefault();
                            toggle(placesOf(block));
                        }
                    }}
                    onFocus={(event) => {
                        const to = placeOf(cellAround(event.target));
                        if (to !== null) {
                            cursor.stay(to);
                        }
                    }}
                    onClick={(event) => {
                        const to = placeOf(cellAround(event.target));
                        if (to !== null) {
                            cursor.go(to);
                            toggle([to]);
                        }
                    }}
                >
                    <WaitingHead sheet={sheet} />
                    <tbody>
                        {sheet.lines.map((line, row) => (
                            <WaitingLine
                                key={line.key}
                                line={line}
                                row={row}
                                days={sheet.days}
                                taken={taken}
                                cursor={rowCursor(cursor, null, row)}
                                format={format}
                            />
                        ))}
                    </tbody>
                    <WaitingTotals sheet={sheet} format={format} />
                </table>
            </GridElements>
        </div>
    );
}

function WaitingHead({ sheet }: Pick<WaitingGridProps, 'sheet'>) {
    return (
        <thead>
            <tr className="text-faded">
                <th scope="col" className="border-b border-edge">
                    {text.reviewPage.line}
                </th>
                {sheet.days.map((day) => (
                    <th
                        key={day.date}
                        scope="col"
                        className="w-[3.6rem] border-b border-edge px-1 text-end whitespace-nowrap"
                        title={[fullDay(day.date), day.holiday, ...day.absences.map(({ kind }) => kind)]
                            .filter((comment) => comment !== null)
                            .join(', ')}
                    >
                        {weekdayAndDay(day.date)}
                    </th>
                ))}
                <th scope="col" className="w-14 border-b border-edge px-1 text-end">
                    {text.reviewPage.total}
                </th>
            </tr>
        </thead>
    );
}

function WaitingTotals({ sheet, format }: Pick<WaitingGridProps, 'sheet' | 'format'>) {
    const cells = cellsOf(sheet.lines);

    return (
        <tfoot>
            <tr className="font-semibold">
                <th scope="row">{text.reviewPage.total}</th>
                {sheet.days.map(({ date }) => {
                    const minutes = minutesOf(cells.filter((cell) => cell.date === date));

                    return (
                        <td key={date} className={clsx('px-1 text-end', minutes === 0 && 'text-faded')}>
                            <Hours minutes={minutes} format={format} />
                        </td>
                    );
                })}
                <td className="px-1 text-end">
                    <Hours minutes={sheet.minutes} format={format} />
                </td>
            </tr>
        </tfoot>
    );
}
