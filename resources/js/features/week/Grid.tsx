import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { HoursFormat, TotalsProps, WeekProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Fragment, useRef } from 'react';
import { cellKey, type Cells } from './cells';
import { EntryCell } from './EntryCell';
import { GridHead } from './GridHead';
import type { Place } from './gridMoves';
import { LineName, ProjectRow } from './LineName';
import { TotalRows } from './TotalRows';
import type { CellActs } from './useCells';
import { DayTurner } from './DayTurner';

interface GridProps {
    sheet: WeekProps;
    cells: Cells;
    totals: TotalsProps;
    acts: CellActs;
    format: HoursFormat;
    place: Place;
    onMove: (place: Place) => void;
    onSubmit: () => void;
}

/** Lines by days: one tab stop, arrow keys inside (the WAI-ARIA grid pattern). On a narrow screen, a day at a time. */
export function Grid({ sheet, cells, totals, acts, format, place, onMove, onSubmit }: GridProps) {
    const table = useRef<HTMLTableElement>(null);
    const size = { rows: sheet.lines.length, columns: sheet.days.length };
    const move = (to: Place) => {
        onMove(to);
        table.current?.querySelector<HTMLElement>(`[data-place="${to.row} ${to.column}"]`)?.focus();
    };

    return (
        <>
            <DayTurner
                days={sheet.days}
                column={place.column}
                onTurn={(column) => {
                    onMove({ ...place, column });
                }}
            />
            <table
                ref={table}
                role="grid"
                aria-label={text.week.grid}
                className="mt-1 w-full table-fixed border-collapse"
                onKeyDown={(event) => {
                    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                        event.preventDefault();
                        onSubmit();
                    }
                }}
            >
                <GridHead days={sheet.days} column={place.column} format={format} />
                <tbody>
                    {sheet.lines.map((line, row) => (
                        <Fragment key={line.key}>
                            {line.projectCode !== sheet.lines[row - 1]?.projectCode && (
                                <ProjectRow line={line} minutes={totals.projects[line.projectCode] ?? 0} format={format} />
                            )}
                            <tr>
                                <LineName line={line} />
                                {sheet.days.map((day, column) => {
                                    const cell = cells[cellKey(line.key, day.date)];

                                    return (
                                        cell !== undefined && (
                                            <EntryCell
                                                key={day.date}
                                                cell={cell}
                                                line={line}
                                                day={day}
                                                dayName={fullDay(day.date)}
                                                format={format}
                                                mayRecord={sheet.mayRecord}
                                                place={{ row, column }}
                                                isHere={place.row === row && place.column === column}
                                                isShownNarrow={place.column === column}
                                                size={size}
                                                acts={acts}
                                                onMove={move}
                                            />
                                        )
                                    );
                                })}
                                <td role="gridcell" className="border-b border-rule pe-1 text-end">
                                    <Hours minutes={totals.lines[line.key] ?? 0} format={format} />
                                </td>
                            </tr>
                        </Fragment>
                    ))}
                </tbody>
                <TotalRows days={sheet.days} owed={sheet.owed} totals={totals} column={place.column} format={format} />
            </table>
        </>
    );
}
