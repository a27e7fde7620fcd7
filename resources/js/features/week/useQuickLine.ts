import { route } from '@/lib/route';
import { read } from '@/lib/http';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { QuickReadingProps, SheetAddressProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

const WAIT = 120;

/** A reading with the line that it is of. */
interface Reading {
    line: string;
    task: number | null;
    found: QuickReadingProps | null;
}

/** Has the server read the quick line while it is typed. */
export function useQuickLine(at: SheetAddressProps) {
    const [line, setLine] = useState('');
    const [task, setTask] = useState<number | null>(null);
    const [reading, setReading] = useState<Reading | null>(null);
    const isCurrent = reading !== null && reading.line === line && reading.task === task;
    const ask = useStable(async (): Promise<QuickReadingProps | null> => {
        if (isCurrent) {
            return reading.found;
        }
        const found = await read<QuickReadingProps>(route('week.quick-line', at), { line, task });
        setReading({ line, task, found });

        return found;
    });

    useEffect(() => {
        if (line.trim() === '') {
            return;
        }
        const timer = window.setTimeout(() => void ask(), WAIT);

        return () => {
            window.clearTimeout(timer);
        };
    }, [line, task, ask]);

    return {
        line,
        /** What was understood of the line as it is; null while that is not known. */
        reading: isCurrent && line.trim() !== '' ? reading.found : null,
        lost: isCurrent && reading.found === null && line.trim() !== '' ? text.week.quick.lost : null,
        type: (typed: string) => {
            setLine(typed);
            setTask(null);
        },
        choose: setTask,
        ask,
        clear: () => {
            setLine('');
            setTask(null);
        },
    };
}
