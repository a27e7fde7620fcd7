import { route } from '@/lib/route';
import { read } from '@/lib/http';
import type { SheetAddressProps, TaskOffersProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

const WAIT = 120;

/** The tasks that the server offers for what is typed; null until it has answered, and lost where it could not be asked. */
export function useTaskOffers(at: SheetAddressProps, search: string, onFound: () => void) {
    const [offers, offer] = useState<TaskOffersProps | null>(null);
    const [isLost, lose] = useState(false);

    useEffect(() => {
        let isLate = false;
        const timer = window.setTimeout(() => {
            void read<TaskOffersProps>(route('week.lines', at), { search }).then((found) => {
                if (!isLate) {
                    lose(found === null);
                }
                if (!isLate && found !== null) {
                    offer(found);
                    onFound();
                }
            });
        }, WAIT);

        return () => {
            isLate = true;
            window.clearTimeout(timer);
        };
    }, [at, search, onFound]);

    return { offers, isLost };
}
