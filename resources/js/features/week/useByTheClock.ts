import { post, put, send, sentenceIn, type Answer } from '@/lib/http';
import { route } from '@/lib/route';
import { reloadLatest } from '@/lib/reloadLatest';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { StretchProps, WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { asItWas, withUndo, type ClockUndo } from './clockHistory';
import { ofLine } from './lineKey';

/** What is wanted of time by the clock: its times as minutes, or as typed. */
export interface WantedStretch {
    line: string;
    date: string;
    starts?: number;
    ends?: number;
    times?: string;
    note?: string;
    billable?: boolean | null;
}

/** Acts on the time by the clock of a week; the week comes anew from the server after each. */
export function useByTheClock(sheet: WeekProps) {
    const [trouble, setTrouble] = useState<string | null>(null);
    const [isBusy, setBusy] = useState(false);
    const history = useRef<ClockUndo[]>([]);
    const after = async (sent: Promise<Answer>, undo: ((made: number) => ClockUndo) | null): Promise<boolean> => {
        setBusy(true);
        const answer = await sent;
        setBusy(false);
        const isDone = answer.reached && answer.status === 200;
        setTrouble(isDone ? null : ((answer.reached ? sentenceIn(answer.body) : null) ?? text.timer.change.lost));
        if (isDone && undo !== null) {
            const made = (answer.body as { stretch?: number | null }).stretch;
            history.current = withUndo(history.current, undo(made ?? 0));
        }
        if (answer.reached) {
            reloadLatest(['sheet', 'signedIn', 'tasks']);
        }

        return isDone;
    };
    const at = (id: number) => ({ ...sheet.at, stretch: id });
    const wanted = ({ line, ...more }: WantedStretch) => ({ ...ofLine(line), ...more });
    const sendings = {
        draw: (asked: WantedStretch) => post(route('week.stretches', sheet.at), wanted(asked)),
        change: (id: number, seen: number, asked: WantedStretch) =>
            put(route('week.stretches.change', at(id)), { ...wanted(asked), seen }),
        remove: (id: number, seen: number) => send('DELETE', route('week.stretches.remove', at(id)), { seen }),
    };

    return {
        trouble,
        isBusy,
        draw: useStable((asked: WantedStretch) => after(sendings.draw(asked), (id) => ({ kind: 'remove', id, version: 1 }))),
        change: useStable((stretch: StretchProps, asked: WantedStretch) =>
            after(sendings.change(stretch.id, stretch.version, asked), () => ({
                ...{ kind: 'change', id: stretch.id, version: stretch.version + 1 },
                to: asItWas(stretch),
            })),
        ),
        split: useStable(({ id, version }: StretchProps, minute: number) =>
            after(post(route('week.stretches.split', at(id)), { seen: version, at: minute }), null),
        ),
        ink: useStable((stretches: readonly StretchProps[]) =>
            after(post(route('week.stretches.ink', sheet.at), { stretches: stretches.map(({ id }) => id) }), null),
        ),
        /** Never pencils appointments such as this one again. */
        leaveOutForGood: useStable((appointment: number) => {
            router.put(
                route('appointments.leave-out', { appointment }),
                { forGood: true },
                { preserveScroll: true, preserveState: true },
            );
        }),
        remove: useStable((stretch: StretchProps) =>
            after(
                sendings.remove(stretch.id, stretch.version),
                stretch.isInked ? () => ({ kind: 'draw', as: asItWas(stretch) }) : null,
            ),
        ),
        /** Takes the last act back; says whether there was one. */
        undo: useStable((): boolean => {
            const last = history.current.at(-1);
            history.current = history.current.slice(0, -1);
            if (last?.kind === 'remove') {
                void after(sendings.remove(last.id, last.version), null);
            } else if (last?.kind === 'change') {
                void after(sendings.change(last.id, last.version, last.to), null);
            } else if (last?.kind === 'draw') {
                void after(sendings.draw(last.as), null);
            }

            return last !== undefined;
        }),
    };
}

export type ByTheClock = ReturnType<typeof useByTheClock>;
