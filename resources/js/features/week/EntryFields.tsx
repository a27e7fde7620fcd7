import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { LineProps, OwnFieldProps } from '@/types/generated/props';
import { OwnFieldInput } from '@/ui/OwnFieldInput';
import { ofKey, type Cell } from './cells';
import { entriesAsked, fieldsOf } from './fieldsOfEntries';
import type { SheetPage } from './useSheetPage';

interface EntryFieldsProps {
    page: SheetPage;
    line: LineProps;
    cell: Cell;
    cellKey: string;
}

/** The own fields of an entry, each saved as it is left or chosen; and a way to use a value for more entries at once. */
export function EntryFields({ page, line, cell, cellKey }: EntryFieldsProps) {
    const { sheet, acts } = page;
    const held = fieldsOf(cell);
    const asked = sheet.fields.filter(({ code }) => line.fields.includes(code));
    if (!sheet.mayRecord || !cell.saved.isOpen) {
        return <ReadFields fields={sheet.fields} held={held} />;
    }

    return asked.map((field) => {
        const value = held[field.code] ?? '';

        return (
            <div key={`${cellKey} ${field.code} ${value}`} className="mt-2">
                <OwnFieldInput
                    field={field}
                    value={value}
                    className="w-full"
                    onSave={(wanted) => {
                        acts.want(new Map([[cellKey, { fields: { ...held, [field.code]: wanted } }]]));
                    }}
                />
                {value !== '' && <UseForMore page={page} field={field} value={value} date={ofKey(cellKey).date} />}
            </div>
        );
    });
}

/** What cannot be changed any more is read. */
function ReadFields({ fields, held }: { fields: OwnFieldProps[]; held: Readonly<Record<string, string>> }) {
    return fields
        .filter(({ code }) => (held[code] ?? '') !== '')
        .map(({ code, name, choices }) => (
            <p key={code} className="mt-1 [overflow-wrap:anywhere]">
                <span className="text-faded">{name}:</span>{' '}
                {choices.find((choice) => choice.code === held[code])?.name ?? held[code]}
            </p>
        ));
}

interface UseForMoreProps {
    page: SheetPage;
    field: OwnFieldProps;
    value: string;
    date: string;
}

/** The same value for all entries of the day, or of the week, that hold another or none. */
function UseForMore({ page, field, value, date }: UseForMoreProps) {
    const { state, acts } = page;
    const day = entriesAsked(state.lines, state.cells, field.code, value, date);
    const week = entriesAsked(state.lines, state.cells, field.code, value, null);
    const use = (keys: readonly string[]) => () => {
        acts.want(
            new Map(
                keys.map((key) => {
                    const cell = state.cells[key];

                    return [key, { fields: { ...(cell === undefined ? {} : fieldsOf(cell)), [field.code]: value } }] as const;
                }),
            ),
        );
    };

    return (
        <p className="mt-0.5 flex flex-wrap gap-x-3">
            {day.length > 0 && (
                <button type="button" className="act-quiet" onClick={use(day)}>
                    {text.ownFields.forDay(fullDay(date))}
                </button>
            )}
            {week.length > day.length && (
                <button type="button" className="act-quiet" onClick={use(week)}>
                    {text.ownFields.forWeek}
                </button>
            )}
        </p>
    );
}
