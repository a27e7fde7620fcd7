import { route } from '@/lib/route';
import { useStable } from '@/lib/useStable';
import type { WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ofKey } from './cells';
import { ofLine } from './lineKey';

export interface Corrections {
    /** What was typed over approved or settled time and not sent yet, by cell. */
    wanted: Readonly<Record<string, string>>;
    want: (cell: string, hours: string) => void;
    leave: () => void;
    isGoing: boolean;
    ask: (reason: string) => void;
}

/** Other hours in the place of approved or settled ones: gathered, then asked for with one reason. */
export function useCorrections(sheet: WeekProps): Corrections {
    const [wanted, setWanted] = useState<Readonly<Record<string, string>>>({});
    const [isGoing, setGoing] = useState(false);

    return {
        wanted,
        want: useStable((cell: string, hours: string) => {
            setWanted((before) => ({ ...before, [cell]: hours }));
        }),
        leave: () => {
            setWanted({});
        },
        isGoing,
        ask: (reason: string) => {
            const cells = Object.entries(wanted).map(([key, hours]) => {
                const { line, date } = ofKey(key);

                return { ...ofLine(line), date, hours };
            });
            setGoing(true);
            router.post(
                route('week.corrections', sheet.at),
                { cells, reason },
                {
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: ({ props }) => {
                        // What was refused stays typed, so that it can be put right.
                        if (props.refusal === null) {
                            setWanted({});
                        }
                    },
                    onFinish: () => {
                        setGoing(false);
                    },
                },
            );
        },
    };
}
