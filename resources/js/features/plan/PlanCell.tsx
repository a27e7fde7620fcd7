import { text } from '@/lib/text';
import { CellCombobox } from '@/ui/grid/CellCombobox';
import { CellInput } from '@/ui/grid/CellInput';
import type { GridPlace } from '@/ui/grid/moves';
import { useCellRef } from '@/ui/grid/useCellRef';
import type { FinishingKey } from '@/ui/grid/useTyping';
import { decimalRoom } from '@/ui/Hours';
import type { LookupKind } from '@/ui/useLookup';
import clsx from 'clsx';
import { fieldOf, isSum, type Column, type Field, type PlanRow } from './planRows';

interface PlanCellProps {
    row: PlanRow;
    column: Column;
    place: GridPlace;
    isHere: boolean;
    isSelected: boolean;
    mayType: boolean;
    /** What it says. */
    shown: string;
    fault: string | undefined;
    /** What the typing begins with; null where nothing is typed. */
    typed: string | null;
    onFinish: (typed: string | null, key: FinishingKey | null) => void;
}

/** What is filled in by its name, and where it is looked up. */
const lookups: Partial<Record<Field, LookupKind>> = { assignee: 'assignees', role: 'roles' };

/** What the cell is called when it is read out. */
function nameOf({ row, column, shown }: PlanCellProps): string {
    return isSum(row, column)
        ? text.plan.sumCell(row.task.name, shown)
        : text.plan.cell(
              column.name ?? text.plan.columns[column.key] ?? column.key,
              row.kind === 'task' ? row.task.name : text.plan.on(row.assignment.assigneeName, row.task.name),
              shown === '' ? text.week.empty : shown,
          );
}

/** A cell of the plan: read, and typed over. */
export function PlanCell(props: PlanCellProps) {
    const { row, column, place, isHere, mayType, shown, typed, fault } = props;
    const isTyped = typed !== null;

    return (
        <td
            ref={useCellRef(place.row, place.column)}
            role="gridcell"
            tabIndex={!isTyped && isHere ? 0 : -1}
            data-place={`${place.row} ${place.column}`}
            aria-label={nameOf(props)}
            aria-readonly={!mayType}
            aria-selected={props.isSelected || isHere}
            aria-invalid={fault !== undefined}
            title={fault ?? (column.isFigure ? undefined : shown)}
            className={clsx(
                'h-7 scroll-my-16 border-b border-rule px-1.5 select-none',
                column.isFigure ? 'text-end' : !isTyped && 'truncate',
                row.kind === 'assignment' && column.key === 'name' && 'ps-5',
                row.kind === 'assignment' && 'text-[0.95em]',
                row.kind === 'task' && column.key === 'name' && 'font-semibold',
                props.isSelected ? 'bg-moss-wash' : mayType && 'bg-sheet',
                !mayType && 'text-faded',
                isSum(row, column) && 'pencilled',
                fault !== undefined && 'outline-2 -outline-offset-2 outline-brick',
            )}
        >
            {isTyped ? (
                <CellEditor {...props} typed={typed} />
            ) : column.key === 'planned' ? (
                <span className={clsx('whitespace-nowrap', decimalRoom(shown))}>{shown}</span>
            ) : (
                shown
            )}
        </td>
    );
}

function CellEditor(props: PlanCellProps & { typed: string }) {
    const { row, column, typed, onFinish } = props;
    const kind = lookups[fieldOf(row, column) ?? 'name'];
    const shared = { name: nameOf(props), first: typed, onFinish };

    return kind === undefined ? (
        <CellInput {...shared} maxLength={300} className={clsx('bg-transparent', column.isFigure && 'text-end')} />
    ) : (
        <CellCombobox {...shared} kind={kind} className="bg-transparent" />
    );
}
