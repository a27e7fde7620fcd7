import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import { useStable } from '@/lib/useStable';
import type { HoursFormat, ProposalProps, WeekProps } from '@/types/generated/props';
import { useMemo } from 'react';
import { isIn } from './block';
import { DayTurner } from './DayTurner';
import { CollapsedRow } from './CollapsedRow';
import type { Command } from './gridKeys';
import { GridHead } from './GridHead';
import { LineRow } from './LineRow';
import type { Marks } from './findings';
import { firstsOf, foldedWith } from './rows';
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
    /** Letters of findings, where they stand. */
    marks: Marks;
    typing: Typing | null;
    /** Other hours that are to be asked for, by cell. */
    corrected: Readonly<Record<string, string>>;
    onCorrect: (cell: string, hours: string) => void;
    onType: (typing: Typing | null) => void;
    onCommand: (command: Command) => void;
    onSay: (sentence: string) => void;
    /** What was typed over the remaining hours of a line's task; null to open only. */
    onUpdateRemaining: (index: number, typed: string | null) => void;
}

/** Lines by days: one tab stop, arrow keys inside (the WAI-ARIA grid pattern). On a narrow screen, a day at a time. */
export function Grid(props: GridProps) {
    const { sheet, state, grid, acts, format, preview, typing } = props;
    const narrow = useNarrow();
    const dayNames = useMemo(() => sheet.days.map((day) => fullDay(day.date)), [sheet.days]);
    const { events, finish, step } = useGridEvents(props);
    const { place, block, hasBlock } = grid;
    const isSelected = (row: number) => hasBlock && isIn(block, row, block.left);
    const collapse = useStable((projectCode: string) => {
        acts.arrange(state.lines, foldedWith(state.collapsed, projectCode));
    });

    const firsts = useMemo(() => firstsOf(grid.rows), [grid.rows]);
    const leaveRemaining = useStable((row: number) => {
        grid.go({ row, column: sheet.days.length - 1 });
    });

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
                        row.kind === 'collapsed' ? (
                            <CollapsedRow
                                key={row.key}
                                row={row}
                                index={index}
                                days={sheet.days}
                                dayNames={dayNames}
                                cells={state.cells}
                                total={state.totals.projects[row.projectCode] ?? 0}
                                column={place.row === index ? place.column : null}
                                format={format}
                                onUnfold={collapse}
                            />
                        ) : (
                            <LineRow
                                key={row.key}
                                line={row.line}
                                isFirst={row.isFirst}
                                index={index}
                                days={sheet.days}
                                dayNames={dayNames}
                                cells={state.cells}
                                proposals={state.proposals}
                                preview={preview}
                                marks={props.marks.cells}
                                lineMarks={props.marks.lines[row.key] ?? ''}
                                total={state.totals.lines[row.key] ?? 0}
                                projectTotal={state.totals.projects[row.line.projectCode] ?? 0}
                                format={format}
                                mayRecord={sheet.mayRecord}
                                step={sheet.step}
                                stepped={narrow ? place.column : null}
                                here={place.row === index ? place.column : null}
                                selectedFrom={isSelected(index) ? block.left : null}
                                selectedTo={isSelected(index) ? block.right : null}
                                corrected={props.corrected}
                                maySubmit={sheet.maySubmit}
                                typed={typing?.row === index ? typing : null}
                                onFinish={finish}
                                onStep={step}
                                onCollapse={collapse}
                                remaining={firsts.has(row.key) ? state.remaining[row.line.task] : undefined}
                                onUpdateRemaining={props.onUpdateRemaining}
                                onLeaveRemaining={leaveRemaining}
                            />
                        ),
                    )}
                </tbody>
                <TotalRows
                    days={sheet.days}
                    expected={sheet.isWhole ? sheet.expected : null}
                    totals={state.totals}
                    marks={props.marks.days}
                    format={format}
                />
            </table>
        </>
    );
}
