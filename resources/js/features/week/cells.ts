import { typedHours } from '@/lib/hours';
import type { CellProps, HoursFormat, LineProps } from '@/types/generated/props';

/** What is wanted of a cell; what is not named stays as it is. Hours are as typed. */
export interface Wanted {
    hours?: string;
    note?: string;
    clientNote?: string;
    billable?: boolean;
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

/** Whether something may be written here: on an open line, over nothing, a draft or what was returned. */
export function isOpen(line: LineProps, { saved }: Cell): boolean {
    return line.closedBecause === null && (saved.state === null || saved.state === 'draft' || saved.state === 'returned');
}

/** Whether other hours can be asked for here: on time that is approved or settled. */
export function isCorrectable({ saved }: Cell): boolean {
    return saved.state === 'approved' || saved.state === 'settled';
}

/** Everything that a cell holds or is about to, as it would be wanted again. Minutes are exact, whatever is shown. */
function heldBy({ saved, typed }: Cell): Required<Wanted> {
    const onItsWay = typed?.status === 'saving' || typed?.status === 'stored' ? typed.wanted : {};

    return {
        hours: saved.minutes === null ? '' : `${saved.minutes}m`,
        note: saved.note,
        clientNote: saved.clientNote,
        billable: saved.billable,
        ...onItsWay,
    };
}

/** What a cell held of the things that are wanted otherwise. */
export function heldOf(cell: Cell, wanted: Wanted): Wanted {
    const held = heldBy(cell);
    // Clearing the hours takes the notes with them.
    const names =
        wanted.hours === undefined ? (Object.keys(wanted) as (keyof Wanted)[]) : (Object.keys(held) as (keyof Wanted)[]);

    return Object.fromEntries(names.map((name) => [name, held[name]]));
}

/** The minutes of a cell as far as they are known: those on their way before those that are saved. */
export function minutesOf({ saved, typed }: Cell): number {
    const asked = typed?.status === 'saving' || typed?.status === 'stored' ? typed.wanted.hours : undefined;
    const minutes = asked === '' ? '0' : /^(\d+)m$/.exec(asked ?? '')?.[1];

    return minutes === undefined ? (saved.minutes ?? 0) : Number(minutes);
}

/** What a cell shows: as typed, or what is saved; whole minutes as the person reads hours. */
export function shownIn({ saved, typed }: Cell, format: HoursFormat): string {
    const asked = typed?.wanted.hours;
    if (asked === undefined) {
        return saved.minutes === null ? '' : typedHours(saved.minutes, format);
    }
    const minutes = /^(\d+)m$/.exec(asked)?.[1];

    return minutes === undefined ? asked : typedHours(Number(minutes), format);
}
