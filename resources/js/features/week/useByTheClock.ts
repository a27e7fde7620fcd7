import { post, put, send, sentenceIn, type Answer } from '@/lib/http';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { StretchProps, WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';
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
    const after = async (sent: Promise<Answer>): Promise<boolean> => {
        setBusy(true);
        const answer = await sent;
        setBusy(false);
        const isDone = answer.reached && answer.status === 200;
        setTrouble(isDone ? null : ((answer.reached ? sentenceIn(answer.body) : null) ?? text.timer.change.lost));
        if (answer.reached) {
            router.reload({ only: ['sheet', 'signedIn'] });
        }

        return isDone;
    };
    const at = (id: number) => ({ ...sheet.at, stretch: id });
    const wanted = ({ line, ...more }: WantedStretch) => ({ ...ofLine(line), ...more });

    return {
        trouble,
        isBusy,
        draw: useStable((asked: WantedStretch) => after(post(route('week.stretches', sheet.at), wanted(asked)))),
        change: useStable(({ id, version }: StretchProps, asked: WantedStretch) =>
            after(put(route('week.stretches.change', at(id)), { ...wanted(asked), seen: version })),
        ),
        split: useStable(({ id, version }: StretchProps, minute: number) =>
            after(post(route('week.stretches.split', at(id)), { seen: version, at: minute })),
        ),
        ink: useStable((stretches: readonly StretchProps[]) =>
            after(post(route('week.stretches.ink', sheet.at), { stretches: stretches.map(({ id }) => id) })),
        ),
        /** Never pencils appointments such as this one again. */
        leaveOutForGood: useStable((appointment: number) => {
            router.put(
                route('appointments.leave-out', { appointment }),
                { forGood: true },
                { preserveScroll: true, preserveState: true },
            );
        }),
        remove: useStable(({ id, version }: StretchProps) =>
            after(send('DELETE', route('week.stretches.remove', at(id)), { seen: version })),
        ),
    };
}

export type ByTheClock = ReturnType<typeof useByTheClock>;
