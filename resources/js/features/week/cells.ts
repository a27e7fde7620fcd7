import { typedHours } from '@/lib/hours';
import type { CellProps, HoursFormat, LineProps } from '@/types/generated/props';

/** What is wanted of a cell; what is not named stays as it is. Hours are a text as typed, or minutes. */
export interface Wanted {
    hours?: string | number;
    note?: string;
    clientNote?: string;
    billable?: boolean;
    /** Of own fields, by their codes; all that are to hold something. */
    fields?: Readonly<Record<string, string>>;
    /** Its own charge code; empty for that of its task. */
    chargeCode?: string;
    /** Hours as typed, or minutes, by kind of pay; empty where nothing is chosen of it. */
    pay?: Readonly<Record<string, string | number>>;
}

/** Something wanted on its way: being sent, stored while the server is away, or refused with the reason. */
export type Typed =
    | { wanted: Wanted; status: 'saving' }
    | { wanted: Wanted; status: 'stored'; message: string }
    | { wanted: Wanted; status: 'refused'; message: string }
    | { wanted: Wanted; status: 'moved on'; message: string; current: CellProps };

/** A cell as it is shown: what the server has, and what was typed over it. */
export interface Cell {
    saved: CellProps;
    typed: Typed | null;
}

export type Cells = Readonly<Record<string, Cell>>;

/** Where a cell stands in the sheet. */
export function cellKey(line: string, date: string): string {
    return `${line} ${date}`;
}

/** The line and the date of a key. */
export function ofKey(key: string): { line: string; date: string } {
    const [line = '', date = ''] = key.split(' ');

    return { line, date };
}

/** The cells of lines that came from the server; what was typed over them and is not saved stays typed. */
export function cellsOf(lines: LineProps[], before: Cells = {}): Cells {
    return Object.fromEntries(
        lines.flatMap((line) =>
            line.cells.map((saved) => {
                const key = cellKey(line.key, saved.date);

                return [key, { saved, typed: before[key]?.typed ?? null }];
            }),
        ),
    );
}

/** How many cells hold something that the server does not have. */
export function unsavedCount(cells: Cells): number {
    return Object.values(cells).filter(({ typed }) => typed !== null && typed.status !== 'saving').length;
}

/** Whether something waits for the server to come back. */
export function isWaiting(cells: Cells): boolean {
    return Object.values(cells).some(({ typed }) => typed?.status === 'stored');
}

export function isSaving(cells: Cells): boolean {
    return Object.values(cells).some(({ typed }) => typed?.status === 'saving');
}

/** Everything that a cell holds or is about to, as it would be wanted again. Minutes are exact, whatever is shown. */
function heldBy({ saved, typed }: Cell): Required<Wanted> {
    const onItsWay = typed?.status === 'saving' || typed?.status === 'stored' ? typed.wanted : {};

    return {
        hours: saved.minutes ?? '',
        note: saved.note,
        clientNote: saved.clientNote,
        billable: saved.billable,
        fields: saved.fields,
        chargeCode: saved.chargeCode ?? '',
        pay: saved.pay,
        ...onItsWay,
    };
}

/** What a cell held of the things that are wanted otherwise. */
export function heldOf(cell: Cell, wanted: Wanted): Wanted {
    const held = heldBy(cell);
    // Clearing the hours takes the notes with them.
    const names =
        wanted.hours === undefined ? (Object.keys(wanted) as (keyof Wanted)[]) : (Object.keys(held) as (keyof Wanted)[]);

    // An own field that held nothing is cleared again, and so is a kind of pay.
    const cleared = (codes: object = {}) => Object.fromEntries(Object.keys(codes).map((code) => [code, '']));

    return {
        ...Object.fromEntries(names.map((name) => [name, held[name]])),
        ...(names.includes('fields') ? { fields: { ...cleared(wanted.fields), ...held.fields } } : {}),
        ...(names.includes('pay') ? { pay: { ...cleared(wanted.pay), ...held.pay } } : {}),
    };
}

/** What is chosen of kinds of pay, or about to be. */
export function payOf({ saved, typed }: Cell): Readonly<Record<string, string | number>> {
    const onItsWay = typed?.status === 'saving' || typed?.status === 'stored' ? typed.wanted.pay : undefined;

    return Object.fromEntries(Object.entries({ ...saved.pay, ...onItsWay }).filter(([, hours]) => hours !== ''));
}

/** The minutes of a cell as far as they are known: those on their way before those that are saved. */
export function minutesOf({ saved, typed }: Cell): number {
    const asked = typed?.status === 'saving' || typed?.status === 'stored' ? typed.wanted.hours : undefined;

    return typeof asked === 'number' ? asked : asked === '' ? 0 : (saved.minutes ?? 0);
}

/** What a cell shows: as typed, or what is saved or asked for in minutes, as the person reads hours. */
export function shownIn({ saved, typed }: Cell, format: HoursFormat): string {
    const asked = typed?.wanted.hours ?? saved.minutes ?? '';

    return typeof asked === 'number' ? typedHours(asked, format) : asked;
}

/** Whether something may be typed here: to be saved where the time is open, to be asked for where it is approved or settled. */
export function mayTypeIn(may: { mayRecord: boolean; maySubmit: boolean }, { saved }: Cell): boolean {
    return (may.mayRecord && saved.isOpen) || (may.maySubmit && saved.isCorrectable);
}
