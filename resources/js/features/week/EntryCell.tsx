import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat, LineProps, ProposalProps } from '@/types/generated/props';
import clsx from 'clsx';
import { memo, type KeyboardEvent } from 'react';
import { cellKey, isCorrectable, isOpen, minutesOf, shownIn, type Cell } from './cells';
import { CellFigure, correctedTo } from './CellFigure';
import { CellInput } from './CellInput';
import { CellSteppers } from './CellSteppers';

interface EntryCellProps {
    cell: Cell;
    /** What is pencilled here. */
    proposal: ProposalProps | undefined;
    line: LineProps;
    day: DayProps;
    dayName: string;
    format: HoursFormat;
    mayRecord: boolean;
    maySubmit: boolean;
    /** Other hours that are to be asked for here, as typed. */
    corrected: string | undefined;
    row: number;
    column: number;
    isHere: boolean;
    isSelected: boolean;
    hasSteppers: boolean;
    /** Letters under which the margin speaks of this cell. */
    marks: string;
    step: number;
    /** What the typing begins with; null while nothing is typed here. */
    typed: string | null;
    onFinish: (typed: string | null, key: KeyboardEvent | null) => void;
    onStep: (key: string, minutes: number | null) => void;
}

/** What the cell is called when it is read out. */
function nameOf(props: EntryCellProps): string {
    const { cell, line, dayName, format, proposal } = props;
    const shown = shownIn(cell, format);
    const pencilled = proposal === undefined ? null : text.week.pencilled(hoursWithUnit(proposal.minutes, format));
    const parts = [
        shown !== '' ? shown : (pencilled ?? text.week.empty),
        cell.saved.state === null ? null : text.state[cell.saved.state],
        correctedTo(cell, props.corrected, format) === null
            ? null
            : text.week.correction.cell(correctedTo(cell, props.corrected, format) ?? ''),
        cell.saved.note === '' && cell.saved.clientNote === '' ? null : text.week.withNote,
        props.marks === '' ? null : text.findings.marked,
    ];

    return text.week.cell(lineName(line), dayName, parts.filter((part) => part !== null).join(', '));
}

function lineName({ taskName, roleName }: LineProps): string {
    return roleName === null ? taskName : `${taskName}, ${roleName}`;
}

/** One day of one line: a figure in ink, in pencil, or both. Drawn anew only when something about it has changed. */
export const EntryCell = memo(function EntryCell(props: EntryCellProps) {
    const { cell, proposal, line, day, dayName, format, mayRecord, row, column, isHere, typed } = props;
    const shown = shownIn(cell, format);
    const mayType = (mayRecord && isOpen(line, cell)) || (props.maySubmit && isCorrectable(cell));
    const isTrouble = cell.typed !== null && cell.typed.status !== 'saving';
    const figure = (
        <CellFigure
            cell={cell}
            proposal={proposal}
            shown={shown}
            corrected={props.corrected}
            marks={props.marks}
            format={format}
        />
    );

    return (
        <td
            role="gridcell"
            // While typing, the field inside has the focus.
            tabIndex={typed === null && isHere ? 0 : -1}
            data-place={`${row} ${column}`}
            data-day={column}
            aria-label={nameOf(props)}
            aria-readonly={!mayType}
            aria-selected={props.isSelected || isHere}
            aria-invalid={isTrouble}
            title={proposal?.why}
            className={clsx(
                'h-[1.65rem] scroll-my-16 border-b border-rule p-0 text-end select-none max-md:h-12',
                !day.isWorkingDay && 'unruled',
                isTrouble ? 'bg-brick-wash' : props.isSelected ? 'bg-moss-wash' : day.isWorkingDay && mayType && 'bg-sheet',
            )}
        >
            {typed !== null ? (
                <CellInput
                    name={text.week.input(lineName(line), dayName)}
                    first={typed}
                    isWhole={props.hasSteppers}
                    onFinish={props.onFinish}
                />
            ) : props.hasSteppers && mayType && !isCorrectable(cell) ? (
                <CellSteppers
                    minutes={minutesOf(cell)}
                    step={props.step}
                    name={lineName(line)}
                    isPencilled={proposal !== undefined}
                    onStep={(minutes) => {
                        props.onStep(cellKey(line.key, day.date), minutes);
                    }}
                >
                    {figure}
                </CellSteppers>
            ) : (
                figure
            )}
        </td>
    );
});
