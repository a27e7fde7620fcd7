import { fullDay, weekdayAndDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { HoursFormat, WaitingSheetProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { useNarrow } from '@/lib/useNarrow';
import clsx from 'clsx';
import { useEffect, useRef, useState } from 'react';
import { movedBy, type GridPlace } from './deskKeys';
import { cellsOf, minutesOf } from './taken';
import { WaitingLine } from './WaitingLine';
import { WaitingList } from './WaitingList';

interface WaitingGridProps {
    sheet: WaitingSheetProps;
    taken: ReadonlySet<number>;
    onToggle: (ids: readonly number[]) => void;
    format: HoursFormat;
}

/** The waiting hours by line and day: one tab stop, arrow keys inside, space takes or leaves out. */
export function WaitingGrid({ sheet, taken, onToggle, format }: WaitingGridProps) {
    const [place, setPlace] = useState<GridPlace>({ row: 0, column: -1 });
    const isNarrow = useNarrow();
    const table = useRef<HTMLTableElement>(null);
    const moves = useRef(false);
    const row = Math.min(place.row, sheet.lines.length - 1);
    const dayTotals = sheet.days.map(({ date }) => minutesOf(cellsOf(sheet.lines).filter((cell) => cell.date === date)));
    const toggleAt = ({ row: at, column }: GridPlace) => {
        const line = sheet.lines[at];
        const ids = (line?.cells ?? [])
            .filter(({ date }) => column === -1 || date === sheet.days[column]?.date)
            .map(({ id }) => id);
        if (ids.length > 0) {
            onToggle(ids);
        }
    };

    useEffect(() => {
        if (moves.current) {
            moves.current = false;
            table.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
        }
    }, [place]);

    if (isNarrow) {
        return <WaitingList sheet={sheet} taken={taken} onToggle={onToggle} format={format} />;
    }

    return (
        <div className="mt-1 overflow-x-auto">
            <table
                ref={table}
                role="grid"
                aria-label={text.reviewPage.gridOf(sheet.personName, sheet.number)}
                aria-multiselectable
                className="w-full border-collapse"
                onKeyDown={(event) => {
                    const to = movedBy(event.key, { row, column: place.column }, sheet.lines.length, sheet.days.length);
                    if (to !== null) {
                        event.preventDefault();
                        moves.current = true;
                        setPlace(to);
                    } else if (event.key === ' ') {
                        event.preventDefault();
                        toggleAt({ row, column: place.column });
                    }
                }}
            >
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
                <tbody>
                    {sheet.lines.map((line, index) => (
                        <WaitingLine
                            key={line.key}
                            line={line}
                            days={sheet.days}
                            taken={taken}
                            here={index === row ? place.column : null}
                            format={format}
                            onGo={(column) => {
                                setPlace({ row: index, column });
                            }}
                            onToggle={(column) => {
                                toggleAt({ row: index, column });
                            }}
                        />
                    ))}
                </tbody>
                <tfoot>
                    <tr className="font-semibold">
                        <th scope="row">{text.reviewPage.total}</th>
                        {dayTotals.map((minutes, index) => (
                            <td key={sheet.days[index]?.date} className={clsx('px-1 text-end', minutes === 0 && 'text-faded')}>
                                <Hours minutes={minutes} format={format} />
                            </td>
                        ))}
                        <td className="px-1 text-end">
                            <Hours minutes={sheet.minutes} format={format} />
                        </td>
                    </tr>
                </tfoot>
            </table>
        </div>
    );
}
