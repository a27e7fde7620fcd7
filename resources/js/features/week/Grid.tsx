import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import type { HoursFormat, ProposalProps, WeekProps } from '@/types/generated/props';
import { useMemo, type RefObject } from 'react';
import { isIn } from './block';
import { cellKey } from './cells';
import { DayTurner } from './DayTurner';
import { EntryCell } from './EntryCell';
import { FoldedRow } from './FoldedRow';
import type { Command } from './gridKeys';
import { GridHead } from './GridHead';
import type { Place } from './gridMoves';
import { LineName, ProjectRow } from './LineName';
import { LineTotal } from './LineTotal';
import type { SheetState } from './sheetState';
import { TotalRows } from './TotalRows';
import type { Grid as GridState } from './useGrid';
import { useGridEvents, type Typing } from './useGridEvents';
import type { SheetActs } from './useSheet';

interface GridProps {
    sheet: WeekProps;
    state: SheetState;
    grid: GridState;
    acts: SheetActs;
    format: HoursFormat;
    /** What the quick line has understood and not inked yet. */
    preview: Readonly<Record<string, ProposalProps>>;
    typing: Typing | null;
    onType: (typing: Typing | null) => void;
    onCommand: (command: Command) => void;
    onSay: (words: string) => void;
    table: RefObject<HTMLTableElement | null>;
}

/** Lines by days: one tab stop, arrow keys inside (the WAI-ARIA grid pattern). On a narrow screen, a day at a time. */
export function Grid(props: GridProps) {
    const { sheet, state, grid, acts, format, preview, typing, onCommand, table } = props;
    const narrow = useNarrow();
    const dayNames = useMemo(() => sheet.days.map((day) => fullDay(day.date)), [sheet.days]);
    const { events, finish, step } = useGridEvents(props);
    const { place, block, hasBlock } = grid;
    const isHere = (at: Place) => place.row === at.row && place.column === at.column;

    return (
        <>
            <DayTurner
                days={sheet.days}
                column={place.column}
                onTurn={(column) => {
                    grid.stay({ ...place, column });
                }}
            />
            <table
                ref={table}
                role="grid"
                aria-label={text.week.grid}
                aria-multiselectable
                data-column={place.column}
                className="mt-1 w-full table-fixed border-collapse touch-pan-y"
                {...events}
            >
                <GridHead days={sheet.days} format={format} />
                <tbody>
                    {grid.rows.map((row, index) =>
                        row.kind === 'folded' ? (
                            <FoldedRow
                                key={row.key}
                                row={row}
                                index={index}
                                days={sheet.days}
                                dayNames={dayNames}
                                cells={state.cells}
                                total={state.totals.projects[row.projectCode] ?? 0}
                                column={place.row === index ? place.column : null}
                                format={format}
                                onUnfold={onCommand}
                            />
                        ) : (
                            [
                                row.isFirst && (
                                    <ProjectRow
                                        key={row.line.projectCode}
                                        line={row.line}
                                        minutes={state.totals.projects[row.line.projectCode] ?? 0}
                                        format={format}
                                        onFold={() => {
                                            acts.arrange(state.lines, [...state.folded, row.line.projectCode]);
                                        }}
                                    />
                                ),
                                <tr key={row.key}>
                                    <LineName line={row.line} />
                                    {sheet.days.map((day, column) => {
                                        const key = cellKey(row.key, day.date);
                                        const cell = state.cells[key];
                                        const isTyped = typing !== null && typing.row === index && typing.column === column;

                                        return (
                                            cell !== undefined && (
                                                <EntryCell
                                                    key={day.date}
                                                    cell={cell}
                                                    proposal={preview[key] ?? state.proposals[key]}
                                                    line={row.line}
                                                    day={day}
                                                    dayName={dayNames[column] ?? ''}
                                                    format={format}
                                                    mayRecord={sheet.mayRecord}
                                                    row={index}
                                                    column={column}
                                                    isHere={isHere({ row: index, column })}
                                                    isSelected={hasBlock && isIn(block, index, column)}
                                                    hasSteppers={narrow && place.column === column}
                                                    step={sheet.step}
                                                    typed={isTyped ? typing.first : null}
                                                    onFinish={finish}
                                                    onStep={step}
                                                />
                                            )
                                        );
                                    })}
                                    <LineTotal minutes={state.totals.lines[row.key] ?? 0} format={format} />
                                </tr>,
                            ]
                        ),
                    )}
                </tbody>
                <TotalRows days={sheet.days} owed={sheet.owed} totals={state.totals} format={format} />
            </table>
        </>
    );
}
