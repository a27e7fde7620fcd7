import { put } from '@/lib/http';
import { text } from '@/lib/text';
import type { LineProps, SavedCellProps, TotalsProps, WeekProps } from '@/types/generated/props';
import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { cellKey, cellsOf, changedCells, type Cell, type Cells, type Typed } from './cells';

const RETRY_AFTER = 5000;

export interface CellActs {
    save: (line: LineProps, cell: Cell, typed: string) => void;
    restore: (line: LineProps, cell: Cell) => void;
    /** After a cell has moved on: keep what is there, or put one's own in its place. */
    choose: (line: LineProps, cell: Cell, mine: boolean) => void;
    retry: () => void;
}

/** A value on its way to the server: what was typed where, over which version of the cell. */
interface Sending {
    line: LineProps;
    date: string;
    seen: number | null;
    typed: string;
}

/** The version that a saved cell has now; null where it was not saved. */
type Landed = { version: number | null } | null;

/** What the refusal of a cell means for it; the body is the server's, and only looked at, not believed. */
function refusal(typed: string, status: number, body: unknown): Typed {
    const said = typeof body === 'object' && body !== null ? (body as Record<string, unknown>) : {};
    const message = typeof said.message === 'string' ? said.message : text.lost;
    if (status !== 409) {
        return { text: typed, status: 'refused', message };
    }
    const number = (value: unknown) => (typeof value === 'number' ? value : null);

    return { text: typed, status: 'moved on', message, minutes: number(said.minutes), version: number(said.version) };
}

/** The cells of a week, each saved by itself; what cannot be saved is kept and said. */
export function useCells(sheet: WeekProps): { cells: Cells; totals: TotalsProps; acts: CellActs } {
    const [cells, change] = useReducer(changedCells, sheet.lines, cellsOf);
    const [totals, setTotals] = useState(sheet.totals);
    const offline = useRef(new Map<string, Sending>());
    const flights = useRef(new Map<string, Promise<Landed>>());

    const sendNow = useCallback(async ({ line, date, seen, typed }: Sending): Promise<Landed> => {
        const key = cellKey(line.key, date);
        offline.current.delete(key);
        change({ kind: 'typed', key, typed: { text: typed, status: 'saving' } });
        const answer = await put('/week/cells', { task: line.task, role: line.role, date, hours: typed, seen });
        if (!answer.reached || answer.status >= 502) {
            offline.current.set(key, { line, date, seen, typed });
            change({ kind: 'typed', key, typed: { text: typed, status: 'offline' } });
        } else if (answer.status === 200) {
            const saved = answer.body as SavedCellProps;
            setTotals(saved.totals);
            change({ kind: 'saved', key, saved });

            return { version: saved.version };
        } else {
            change({ kind: 'typed', key, typed: refusal(typed, answer.status, answer.body) });
        }

        return null;
    }, []);

    // A cell typed again while it is on its way waits for it, so that nobody conflicts with themselves.
    const send = useCallback(
        async (sending: Sending) => {
            const key = cellKey(sending.line.key, sending.date);
            const before = flights.current.get(key);
            change({ kind: 'typed', key, typed: { text: sending.typed, status: 'saving' } });
            const flight = (async () => {
                const landed = (await before) ?? null;

                return sendNow(landed === null ? sending : { ...sending, seen: landed.version });
            })();
            flights.current.set(key, flight);
            await flight;
            if (flights.current.get(key) === flight) {
                flights.current.delete(key);
            }
        },
        [sendNow],
    );

    const retry = useCallback(() => {
        for (const sending of [...offline.current.values()]) {
            void send(sending);
        }
    }, [send]);

    useEffect(() => {
        const timer = window.setInterval(retry, RETRY_AFTER);
        window.addEventListener('online', retry);
        const warn = (event: BeforeUnloadEvent) => {
            if (offline.current.size > 0) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);

        return () => {
            window.clearInterval(timer);
            window.removeEventListener('online', retry);
            window.removeEventListener('beforeunload', warn);
        };
    }, [retry]);

    const acts: CellActs = {
        save: (line, { saved }, typed) => void send({ line, date: saved.date, seen: saved.version, typed }),
        restore: (line, { saved }) => {
            offline.current.delete(cellKey(line.key, saved.date));
            change({ kind: 'restored', key: cellKey(line.key, saved.date) });
        },
        choose: (line, { saved, typed }, mine) => {
            if (typed?.status !== 'moved on') {
                return;
            }
            if (mine) {
                void send({ line, date: saved.date, seen: typed.version, typed: typed.text });
            } else {
                change({ kind: 'adopted', key: cellKey(line.key, saved.date), minutes: typed.minutes, version: typed.version });
            }
        },
        retry,
    };

    return { cells, totals, acts };
}
