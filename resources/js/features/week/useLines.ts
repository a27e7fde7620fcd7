import { route } from '@/lib/route';
import { put, read } from '@/lib/http';
import { useStable } from '@/lib/useStable';
import type { PencilledProps, SheetAddressProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useRef, type Dispatch } from 'react';
import { ofKey } from './cells';
import { ofLine } from './lineKey';
import { arrangementOf } from './rows';
import type { SheetChange, SheetState } from './sheetState';

/** Which lines the sheet has, in which order. The sheet comes anew from the server with each. */
export function useLines(at: SheetAddressProps, state: SheetState, change: Dispatch<SheetChange>) {
    // What is to be done once a line is there.
    const due = useRef(new Map<string, () => void>());
    useEffect(() => {
        for (const [line, act] of due.current) {
            if (state.lines.some(({ key }) => key === line)) {
                due.current.delete(line);
                act();
            }
        }
    }, [state.lines]);
    // One after the other, so that an undo never arrives before what it undoes.
    const rubbing = useRef(Promise.resolve());
    const stored = { preserveState: true, preserveScroll: true } as const;

    return {
        add: useStable((line: string, then: () => void) => {
            due.current.set(line, then);
            router.put(route('week.lines.choose', at), { choices: [{ ...ofLine(line), date: null, choice: 'added' }] }, stored);
        }),
        remove: useStable((line: string, minutes: number) => {
            router.delete(route('week.lines.remove', at), { ...stored, data: { ...ofLine(line), minutes } });
        }),
        rubOut: useStable((keys: readonly string[], out: boolean) => {
            const choices = keys.map((key) => {
                const { line, date } = ofKey(key);

                return { ...ofLine(line), date, choice: out ? 'rubbed out' : null };
            });
            rubbing.current = rubbing.current.then(async () => {
                await put(route('week.lines.choose', at), { choices });
                const pencilled = out ? null : await read<PencilledProps>(route('week.pencil', at));
                if (pencilled !== null) {
                    change({ kind: 'pencilled', ...pencilled });
                }
            });
        }),
        arrange: useStable((lines: SheetState['lines'], collapsed: readonly string[]) => {
            change({ kind: 'arranged', lines, collapsed });
            void put(route('preferences.arrange'), arrangementOf(lines, collapsed));
        }),
    };
}
