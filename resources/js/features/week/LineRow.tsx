import type { DayProps, HoursFormat, TaskRemainingProps, LineProps } from '@/types/generated/props';
import { memo, type KeyboardEvent } from 'react';
import { cellKey, type Cells } from './cells';
import { EntryCell } from './EntryCell';
import type { Marks } from './findings';
import { RemainingCell } from './RemainingCell';
import { LineName, ProjectRow } from './LineName';
import { LineTotal } from './LineTotal';
import type { SheetState } from './sheetState';
import type { Typing } from './useGridEvents';

interface LineRowProps {
    line: LineProps;
    /** Whether the name of its project stands above it. */
    isFirst: boolean;
    index: number;
    days: DayProps[];
    dayNames: string[];
    cells: Cells;
    proposals: SheetState['proposals'];
    /** What the quick line has understood and not inked yet. */
    preview: SheetState['proposals'];
    /** Letters of findings in the cells, and of the line. */
    marks: Marks['cells'];
    lineMarks: string;
    total: number;
    projectTotal: number;
    format: HoursFormat;
    mayRecord: boolean;
    maySubmit: boolean;
    /** Other hours that are to be asked for, by cell. */
    corrected: Readonly<Record<string, string>>;
    step: number;
    /** The day that has steppers; null where there is none. */
    stepped: number | null;
    /** The day that one is on, in this row; null in any other. */
    here: number | null;
    /** The days selected in this row, first and last; null where none is. */
    selectedFrom: number | null;
    selectedTo: number | null;
    typed: Typing | null;
    onFinish: (typed: string | null, key: KeyboardEvent | null) => void;
    onStep: (key: string, minutes: number | null) => void;
    onCollapse: (projectCode: string) => void;
    /** The remaining hours of its task; none on a further line of the same task. */
    remaining: TaskRemainingProps | undefined;
    onUpdateRemaining: (index: number, typed: string | null) => void;
    onLeaveRemaining: (index: number) => void;
}

/** One line with its seven cells. Drawn anew only when something about it has changed, so that many lines stay smooth. */
export const LineRow = memo(function LineRow(props: LineRowProps) {
    const { line, index, days, dayNames, cells, proposals, preview, format, here, selectedFrom, selectedTo, typed } = props;

    return (
        <>
            {props.isFirst && (
                <ProjectRow line={line} minutes={props.projectTotal} format={format} onCollapse={props.onCollapse} />
            )}
            <tr>
                <LineName line={line} marks={props.lineMarks} />
                {days.map((day, column) => {
                    const key = cellKey(line.key, day.date);
                    const cell = cells[key];

                    return (
                        cell !== undefined && (
                            <EntryCell
                                key={day.date}
                                cell={cell}
                                proposal={preview[key] ?? proposals[key]}
                                line={line}
                                day={day}
                                dayName={dayNames[column] ?? ''}
                                format={format}
                                mayRecord={props.mayRecord}
                                maySubmit={props.maySubmit}
                                corrected={props.corrected[key]}
                                row={index}
                                column={column}
                                isHere={here === column}
                                isSelected={
                                    selectedFrom !== null && selectedTo !== null && column >= selectedFrom && column <= selectedTo
                                }
                                hasSteppers={props.stepped === column}
                                marks={props.marks[key] ?? ''}
                                step={props.step}
                                typed={typed?.column === column ? typed.first : null}
                                onFinish={props.onFinish}
                                onStep={props.onStep}
                            />
                        )
                    );
                })}
                <LineTotal minutes={props.total} format={format} />
                <RemainingCell
                    remaining={props.remaining}
                    taskName={line.taskName}
                    index={index}
                    format={format}
                    mayUpdate={props.mayRecord}
                    onUpdate={props.onUpdateRemaining}
                    onLeave={props.onLeaveRemaining}
                />
            </tr>
        </>
    );
});
