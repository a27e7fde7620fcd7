import type { ProposalProps } from '@/types/generated/props';
import { cellCursor, type RowCursor } from '@/ui/grid/rowCursor';
import { memo } from 'react';
import { cellKey } from './cells';
import { EntryCell } from './EntryCell';
import type { Marks } from './findings';
import { LineName, ProjectRow } from './LineName';
import { LineTotal } from './LineTotal';
import { RemainingCell } from './RemainingCell';
import type { Row } from './rows';
import type { SheetState } from './sheetState';
import { useSheetTools } from './sheetTools';

interface LineRowProps {
    row: Extract<Row, { kind: 'line' }>;
    index: number;
    state: SheetState;
    /** What is pencilled by cell, and what the quick line has understood and not inked yet. */
    pencilled: Readonly<Record<string, ProposalProps>>;
    /** Letters of findings, where they stand. */
    marks: Marks;
    /** Other hours that are to be asked for, by cell. */
    corrected: Readonly<Record<string, string>>;
    cursor: RowCursor | null;
    /** Whether it is the first of its task, which shows the remaining hours. */
    hasRemaining: boolean;
}

/** One line with its seven cells. Its cells are drawn anew only when something about them has changed. */
export const LineRow = memo(function LineRow(props: LineRowProps) {
    const { row, index, state, pencilled, marks, corrected, cursor } = props;
    const { days, format } = useSheetTools();
    const { line } = row;

    return (
        <>
            {row.isFirst && <ProjectRow line={line} minutes={state.totals.projects[line.projectCode] ?? 0} />}
            <tr aria-rowindex={index + 2}>
                <LineName line={line} marks={marks.lines[row.key] ?? ''} />
                {days.map((day, column) => {
                    const key = cellKey(line.key, day.date);
                    const cell = state.cells[key];

                    return (
                        cell !== undefined && (
                            <EntryCell
                                key={day.date}
                                cell={cell}
                                proposal={pencilled[key]}
                                line={line}
                                row={index}
                                column={column}
                                corrected={corrected[key]}
                                marks={marks.cells[key] ?? ''}
                                {...cellCursor(cursor, column)}
                            />
                        )
                    );
                })}
                <LineTotal minutes={state.totals.lines[row.key] ?? 0} format={format} />
                <RemainingCell
                    remaining={props.hasRemaining ? state.remaining[line.task] : undefined}
                    taskName={line.taskName}
                    index={index}
                />
            </tr>
        </>
    );
});
