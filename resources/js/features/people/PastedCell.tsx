import { wholeDate } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import { text } from '@/lib/text';
import { CellCombobox } from '@/ui/grid/CellCombobox';
import { CellInput } from '@/ui/grid/CellInput';
import type { GridPlace } from '@/ui/grid/moves';
import { useCellRef } from '@/ui/grid/useCellRef';
import type { FinishingKey } from '@/ui/grid/useTyping';
import type { LookupKind } from '@/ui/useLookup';
import clsx from 'clsx';
import { useId } from 'react';
import type { PersonField } from './pastedPeople';

const copy = officeText.pastedPeoplePage;

/** What is filled in by its name, and where it is looked up. */
const lookups: Partial<Record<PersonField, LookupKind>> = { team: 'teams', manager: 'people', role: 'roles' };

/** A day that could be read. */
const ISO_DAY = /^\d{4}-\d\d-\d\d$/;

interface PastedCellProps {
    field: PersonField;
    place: GridPlace;
    value: string;
    /** What the server found wrong with it. */
    fault: string | undefined;
    isHere: boolean;
    isSelected: boolean;
    /** What the typing begins with; null where nothing is typed. */
    typed: string | null;
    onFinish: (typed: string | null, key: FinishingKey | null) => void;
}

/** A value of a pasted person: read, and typed over; what is wrong stands below it. */
export function PastedCell({ field, place, value, fault, isHere, isSelected, typed, onFinish }: PastedCellProps) {
    const id = useId();
    const shown = field === 'startsOn' && ISO_DAY.test(value) ? wholeDate(value) : value;
    const name = copy.cell(copy.fields[field], place.row + 1, shown === '' ? text.week.empty : shown);
    const kind = lookups[field];
    const shared = { name, first: typed ?? '', onFinish, className: 'bg-transparent' };

    return (
        <td
            ref={useCellRef(place.row, place.column)}
            role="gridcell"
            tabIndex={typed === null && isHere ? 0 : -1}
            data-place={`${String(place.row)} ${String(place.column)}`}
            aria-label={name}
            aria-selected={isSelected || isHere}
            aria-invalid={fault !== undefined}
            aria-describedby={fault === undefined ? undefined : id}
            title={shown}
            className={clsx(
                'h-8 scroll-my-16 border-b border-rule px-1.5 align-top select-none',
                isSelected ? 'bg-moss-wash' : 'bg-sheet',
                fault !== undefined && 'outline-2 -outline-offset-2 outline-brick',
            )}
        >
            {typed === null ? (
                <span className="block truncate py-1">{shown}</span>
            ) : kind === undefined ? (
                <CellInput {...shared} maxLength={254} />
            ) : (
                <CellCombobox {...shared} kind={kind} />
            )}
            {fault !== undefined && (
                <span id={id} className="block text-brick [overflow-wrap:anywhere]">
                    {fault}
                </span>
            )}
        </td>
    );
}
