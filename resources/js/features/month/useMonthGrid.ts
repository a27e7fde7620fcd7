import { placesOf } from '@/ui/grid/block';
import { noHistory, redoing, undoing, withAct } from '@/ui/grid/history';
import type { GridPlace } from '@/ui/grid/moves';
import { useGridCursor } from '@/ui/grid/useGridCursor';
import { useTyping } from '@/ui/grid/useTyping';
import type { MonthProps } from '@/types/generated/props';
import { useState } from 'react';
import { typedAmount, type Counting } from './amounts';
import { cellKey } from './typedCells';
import { useTypedCells } from './useTypedCells';

/** Cells that were written together: what they were to say, and what they said before. */
interface Act {
    after: ReadonlyMap<string, string>;
    before: ReadonlyMap<string, string>;
}

/** Where one is on the page of days, what is typed there, and how it is written and undone. */
export function useMonthGrid(month: MonthProps, counting: Counting) {
    const size = { rows: month.lines.length, columns: month.days.length };
    const today = month.days.findIndex(({ isToday }) => isToday);
    const cursor = useGridCursor(size, { row: 0, column: Math.max(0, today) });
    const typed = useTypedCells(month);
    const [history, setHistory] = useState(noHistory<Act>);
    const at = ({ row, column }: GridPlace) => {
        const [line, day] = [month.lines[row], month.days[column]];
        const cell = line?.cells[column];

        return line === undefined || day === undefined || cell === undefined
            ? null
            : { cell, key: cellKey(line.line, day.date), canType: cell.canType };
    };
    const valueAt = (row: number, column: number) => {
        const found = at({ row, column });

        return found === null ? '' : (typed.cells[found.key]?.text ?? typedAmount(found.cell, counting));
    };
    const write = (places: GridPlace[], words: string) => {
        const act = { after: new Map<string, string>(), before: new Map<string, string>() };
        for (const place of places) {
            const found = at(place);
            const was = valueAt(place.row, place.column);
            if (found?.canType === true && words !== was) {
                act.after.set(found.key, words);
                act.before.set(found.key, was);
            }
        }
        if (act.after.size > 0) {
            setHistory(withAct(history, act));
            typed.write(act.after);
        }
    };
    const typing = useTyping(cursor, size, (words, place) => {
        write([place], words);
    });
    const turn = (found: ReturnType<typeof undoing<Act>>, to: 'before' | 'after') => {
        if (found !== null) {
            setHistory(found.history);
            typed.write(found.act[to]);
        }
    };
    const mayType = (place: GridPlace) => at(place)?.canType === true;

    return {
        ...cursor,
        size,
        typing,
        typed,
        valueAt,
        mayType,
        line: month.lines[cursor.place.row],
        /** Begins to type where one is: over what stands there, or with a first letter. */
        edit: (first: string | null) => {
            const { place } = cursor;
            if (mayType(place)) {
                typing.begin({ ...place, first: first ?? valueAt(place.row, place.column) });
            }
        },
        /** Writes into everything that is selected. */
        writeSelected: (words: string) => {
            write(placesOf(cursor.block), words);
        },
        /** Leaves the cell that one is on as the server has it. */
        forget: () => {
            typed.forget(at(cursor.place)?.key ?? '');
        },
        undo: () => {
            turn(undoing(history), 'before');
        },
        redo: () => {
            turn(redoing(history), 'after');
        },
    };
}

export type MonthGrid = ReturnType<typeof useMonthGrid>;
