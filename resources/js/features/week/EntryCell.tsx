import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat, LineProps } from '@/types/generated/props';
import clsx from 'clsx';
import { useRef, useState, type KeyboardEvent } from 'react';
import { isOpen, type Cell } from './cells';
import { CellFigure } from './CellFigure';
import { CellInput } from './CellInput';
import { movedBy, startsTyping, type Place, type Size } from './gridMoves';
import type { CellActs } from './useCells';

interface EntryCellProps {
    cell: Cell;
    line: LineProps;
    day: DayProps;
    dayName: string;
    format: HoursFormat;
    mayRecord: boolean;
    place: Place;
    isHere: boolean;
    isShownNarrow: boolean;
    size: Size;
    acts: CellActs;
    onMove: (place: Place) => void;
}

/** One day of one line: a figure in ink, which is typed over where it may be. */
export function EntryCell(props: EntryCellProps) {
    const { cell, line, day, dayName, format, mayRecord, place, isHere, isShownNarrow, size, acts, onMove } = props;
    const [typing, setTyping] = useState<string | null>(null);
    const pressed = useRef({ hadFocus: false, byTouch: false });
    const shown = cell.typed?.text ?? (cell.saved.minutes === null ? '' : printHours(cell.saved.minutes, format));
    const mayType = mayRecord && isOpen(line, cell);
    const name = line.roleName === null ? line.taskName : `${line.taskName}, ${line.roleName}`;
    const isRefused = cell.typed !== null && cell.typed.status !== 'saving';

    const finish = (typed: string | null, to: Place) => {
        setTyping(null);
        // Opening and closing a cell without typing changes nothing; a value that was not saved is tried again.
        if (typed !== null && (typed.trim() !== shown || isRefused)) {
            acts.save(line, cell, typed.trim());
        }
        onMove(to);
    };
    const onKeyDown = (event: KeyboardEvent) => {
        if (typing !== null) {
            return;
        }
        const to = movedBy(event, place, size);
        if (to !== null) {
            event.preventDefault();
            onMove(to);
        } else if (event.key === 'Escape' && isRefused) {
            acts.restore(line, cell);
        } else if (mayType && (event.key === 'F2' || (event.key === 'Enter' && !event.ctrlKey && !event.metaKey))) {
            event.preventDefault();
            setTyping(shown);
        } else if (mayType && (event.key === 'Delete' || event.key === 'Backspace') && shown !== '') {
            acts.save(line, cell, '');
        } else if (mayType && startsTyping(event)) {
            event.preventDefault();
            setTyping(event.key);
        }
    };

    return (
        <td
            role="gridcell"
            // While typing, the field inside has the focus.
            tabIndex={typing === null && isHere ? 0 : -1}
            data-place={`${place.row} ${place.column}`}
            aria-label={text.week.cell(
                name,
                dayName,
                shown === '' ? text.week.empty : shown,
                cell.saved.state === null ? '' : text.state[cell.saved.state],
            )}
            aria-readonly={!mayType}
            aria-invalid={isRefused}
            onFocus={() => {
                if (!isHere) {
                    onMove(place);
                }
            }}
            onPointerDown={(event) => {
                pressed.current = {
                    hadFocus: document.activeElement === event.currentTarget,
                    byTouch: event.pointerType === 'touch',
                };
            }}
            onClick={() => {
                // A first click goes to the cell, a second opens it; a finger opens it at once.
                if (mayType && typing === null && (pressed.current.hadFocus || pressed.current.byTouch)) {
                    setTyping(shown);
                }
            }}
            onKeyDown={onKeyDown}
            className={clsx(
                'h-[1.65rem] border-b border-rule p-0 text-end max-md:h-11',
                !isShownNarrow && 'max-md:hidden',
                !day.isWorkingDay && 'unruled',
                isRefused ? 'bg-brick-wash' : day.isWorkingDay && mayType && 'bg-sheet',
            )}
        >
            {typing === null ? (
                <CellFigure cell={cell} shown={shown} format={format} />
            ) : (
                <CellInput name={text.week.input(name, dayName)} first={typing} place={place} size={size} onFinish={finish} />
            )}
        </td>
    );
}
