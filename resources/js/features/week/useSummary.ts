import { read } from '@/lib/http';
import type { SubmissionProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

/** A place of the sheet that is to go: a whole line, or one day of it. */
export interface Going {
    task: number;
    role: number | null;
    date: string | null;
}

/** The query of an address that names places, as `task:role:date`. */
function query(places: readonly Going[] | null): string {
    const named = (places ?? []).map(({ task, role, date }) => [task, role ?? '', date ?? ''].join(':'));

    return named.length === 0 ? '' : `places=${named.join(',')}`;
}

/** What would go if it were submitted now; null while it is being asked, and lost where it could not be. */
export function useSummary(
    address: string,
    places: readonly Going[] | null,
    isReady: boolean,
): { summary: SubmissionProps | null; isLost: boolean } {
    const asked = `${address}/submission?${query(places)}`;
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
    }, [asked, isReady]);

    const isHere = found?.asked === asked;

    return { summary: isHere ? found.summary : null, isLost: isHere && found.summary === null };
}
