import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { LineProps, ProposalProps } from '@/types/generated/props';
import { CellInput } from '@/ui/grid/CellInput';
import { useCellRef } from '@/ui/grid/useCellRef';
import clsx from 'clsx';
import { memo } from 'react';
import { cellKey, mayTypeIn, minutesOf, shownIn, type Cell } from './cells';
import { CellFigure, correctedTo } from './CellFigure';
import { CellSteppers } from './CellSteppers';
import { useSheetTools, type SheetTools } from './sheetTools';

interface EntryCellProps {
    cell: Cell;
    /** What is pencilled here. */
    proposal: ProposalProps | undefined;
    line: LineProps;
    row: number;
    column: number;
    /** Other hours that are to be asked for here, as typed. */
    corrected: string | undefined;
    /** Letters under which the margin speaks of this cell. */
    marks: string;
    isHere: boolean;
    isSelected: boolean;
    /** What the typing begins with; null while nothing is typed here. */
    typed: string | null;
}

/** What the cell is called when it is read out. */
function nameOf(props: EntryCellProps, { dayNames, format }: SheetTools): string {
    const { cell, line, proposal } = props;
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

    return text.week.cell(lineName(line), dayNames[props.column] ?? '', parts.filter((part) => part !== null).join(', '));
}

function lineName({ taskName, roleName }: LineProps): string {
    return roleName === null ? taskName : `${taskName}, ${roleName}`;
}

/** One day of one line: a figure in ink, in pencil, or both. Drawn anew only when something about it has changed. */
export const EntryCell = memo(function EntryCell(props: EntryCellProps) {
    const { cell, proposal, line, row, column, isHere, typed } = props;
    const tools = useSheetTools();
    const { days, dayNames, format, isNarrow } = tools;
    const isWorkingDay = days[column]?.isWorkingDay ?? false;
    const shown = shownIn(cell, format);
    const mayType = mayTypeIn(tools, cell);
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
            ref={useCellRef(row, column)}
            role="gridcell"
            // While typing, the field inside has the focus.
            tabIndex={typed === null && isHere ? 0 : -1}
            data-place={`${row} ${column}`}
            data-day={column}
            aria-label={nameOf(props, tools)}
            aria-readonly={!mayType}
            aria-selected={props.isSelected || isHere}
            aria-invalid={isTrouble}
            title={proposal?.why}
            className={clsx(
                'h-[1.65rem] scroll-my-16 border-b border-rule p-0 text-end select-none max-md:h-12',
                !isWorkingDay && 'unruled',
                isTrouble ? 'bg-brick-wash' : props.isSelected ? 'bg-moss-wash' : isWorkingDay && mayType && 'bg-sheet',
            )}
        >
            {typed !== null ? (
                <CellInput
                    name={text.week.input(lineName(line), dayNames[column] ?? '')}
                    first={typed}
                    inputMode="decimal"
                    maxLength={40}
                    className="bg-sheet px-1.5 text-end"
                    isWhole={isNarrow}
                    onFinish={tools.onFinish}
                />
            ) : isNarrow && mayType && !cell.saved.isCorrectable ? (
                <CellSteppers
                    minutes={minutesOf(cell)}
                    step={tools.step}
                    name={lineName(line)}
                    isPencilled={proposal !== undefined}
                    onStep={(minutes) => {
                        tools.onStep(cellKey(line.key, cell.saved.date), minutes);
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
