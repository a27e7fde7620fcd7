import { route } from '@/lib/route';
import { read } from '@/lib/http';
import type { LookupProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

const WAIT = 120;

export type LookupKind = 'people' | 'teams' | 'assignees' | 'projects' | 'all-projects' | 'clients' | 'roles' | 'charge-codes';

interface Found extends LookupProps {
    search: string;
    isLost: boolean;
}

/** What the server offers for some text; null where it cannot be reached. */
export async function lookUp(kind: LookupKind, search: string): Promise<LookupProps | null> {
    return read<LookupProps>(route('lookup', { kind }), { search });
}

/** What the server offers for what is typed, while the list is open; null until it has answered. */
export function useLookup(kind: LookupKind, search: string, isOpen: boolean): Found | null {
    const [found, setFound] = useState<Found | null>(null);

    useEffect(() => {
        if (!isOpen) {
            return;
        }
        let isLate = false;
        const timer = window.setTimeout(() => {
            void lookUp(kind, search).then((answer) => {
                if (!isLate) {
                    setFound({ ...(answer ?? { options: [], hasMore: false }), search, isLost: answer === null });
                }
            });
        }, WAIT);

        return () => {
            isLate = true;
            window.clearTimeout(timer);
        };
    }, [kind, search, isOpen]);

    return isOpen ? found : null;
}
