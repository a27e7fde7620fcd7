import { put, sentenceIn } from '@/lib/http';
import { route } from '@/lib/route';
import { isSignedOut } from '@/lib/signedOut';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { MonthProps, RefusedCellProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { answered, cellKey, withoutRefused, withoutSaved, withTyped, type TypedCells } from './typedCells';

/** The line, day and version behind the key of a cell. */
function sentCell(month: MonthProps, key: string, typed: string) {
    const line = month.lines.find((one) => key === cellKey(one.line, key.slice(-10)));
    const date = key.slice(-10);
    const place = month.days.findIndex((day) => day.date === date);

    return line === undefined
        ? []
        : [{ task: line.task, role: line.role, date, text: typed, seen: line.cells[place]?.version ?? null }];
}

/** Why each cell was not saved, by its key. */
function refusalsIn(answer: Awaited<ReturnType<typeof put>>, sent: ReadonlyMap<string, string>): Map<string, string> {
    if (answer.reached && answer.status === 200) {
        return new Map(
            (answer.body as RefusedCellProps[]).map(({ line, date, message }) => [cellKey(line, date), message] as const),
        );
    }
    const why = (answer.reached ? sentenceIn(answer.body) : null) ?? text.month.notSaved;

    return new Map([...sent.keys()].map((key) => [key, why]));
}

/**
 * What is typed into the cells, sent one request at a time: what is typed meanwhile goes with the next one, once the page has
 * come anew with what the server holds.
 */
export function useTypedCells(month: MonthProps) {
    const [cells, setCells] = useState<TypedCells>({});
    const [waiting, setWaiting] = useState<ReadonlyMap<string, string>>(new Map());
    const [isBusy, setBusy] = useState(false);
    const send = useStable(async () => {
        const sent = waiting;
        setBusy(true);
        setWaiting(new Map());
        const answer = await put(route('month.enter', { days: month.at }), {
            cells: [...sent].flatMap(([key, one]) => sentCell(month, key, one)),
        });
        setCells((before) => answered(before, sent, refusalsIn(answer, sent)));
        if (isSignedOut()) {
            // The page would come as the one to sign in on, and what was typed would go with it.
            setBusy(false);

            return;
        }
        router.reload({
            only: ['month', 'signedIn'],
            onFinish: () => {
                setCells(withoutSaved);
                setBusy(false);
            },
        });
    });
    const isDue = !isBusy && waiting.size > 0;
    useEffect(() => {
        if (isDue) {
            void send();
        }
    }, [isDue, send]);

    return {
        cells,
        /** Writes texts into cells, by their keys. */
        write: (texts: ReadonlyMap<string, string>) => {
            setCells((before) => withTyped(before, texts));
            setWaiting((before) => new Map([...before, ...texts]));
        },
        /** Forgets what was typed into a cell and refused. */
        forget: (key: string) => {
            setCells((before) => withoutRefused(before, key));
        },
        isSaving: isBusy || waiting.size > 0,
    };
}
