import type { LineProps } from '@/types/generated/props';
import { cellKey, type Cell, type Cells } from './cells';

/** What own fields of an entry hold, or are about to. */
export function fieldsOf({ saved, typed }: Cell): Readonly<Record<string, string>> {
    const onItsWay = typed?.status === 'saving' || typed?.status === 'stored' ? typed.wanted.fields : undefined;

    return { ...saved.fields, ...onItsWay };
}

/** The open entries of a day, or of the whole week, of which a field is asked and that do not hold a value yet. */
export function entriesAsked(lines: LineProps[], cells: Cells, field: string, value: string, date: string | null): string[] {
    return lines
        .filter(({ fields }) => fields.includes(field))
        .flatMap(({ key, cells: days }) =>
            days.filter((day) => date === null || day.date === date).map((day) => cellKey(key, day.date)),
        )
        .filter((key) => {
            const cell = cells[key];

            return (
                cell !== undefined && cell.saved.minutes !== null && cell.saved.isOpen && (fieldsOf(cell)[field] ?? '') !== value
            );
        });
}
