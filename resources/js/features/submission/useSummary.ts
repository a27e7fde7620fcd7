import { route } from '@/lib/route';
import { read } from '@/lib/http';
import type { SubmissionProps } from '@/types/generated/props';
import { useEffect, useReducer, useState } from 'react';

/** Whose days: `2026-W25`, `2026-06`, or the first and the last one. */
export interface SubmittedDays {
    person: string;
    days: string;
}

/** A place of the sheet that is to go: a whole line, or one day of it. */
export interface Going {
    task: number;
    role: number | null;
    date: string | null;
}

/** Places as an address names them, as `task:role:date`; null for the whole. */
function named(places: readonly Going[] | null): string | null {
    const all = (places ?? []).map(({ task, role, date }) => [task, role ?? '', date ?? ''].join(':'));

    return all.length === 0 ? null : all.join(',');
}

/** What would go if it were submitted now; null while it is being asked, and lost where it could not be. */
export function useSummary(
    at: SubmittedDays,
    places: readonly Going[] | null,
    isReady: boolean,
): { summary: SubmissionProps | null; isLost: boolean; tryAgain: () => void } {
    const asked = route('submission.summary', { ...at }, { places: named(places) });
    const [attempt, tryAgain] = useReducer((count: number) => count + 1, 0);
    const [found, find] = useState<{ asked: string; summary: SubmissionProps | null } | null>(null);

    useEffect(() => {
        if (!isReady) {
            return;
        }
        let isLate = false;
        void read<SubmissionProps>(asked).then((summary) => {
            if (!isLate) {
                find({ asked, summary });
            }
        });

        return () => {
            isLate = true;
        };
    }, [asked, isReady, attempt]);

    const isHere = found?.asked === asked;

    return { summary: isHere ? found.summary : null, isLost: isHere && found.summary === null, tryAgain };
}
