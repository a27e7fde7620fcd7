import { router } from '@inertiajs/react';
import { useEffect, useRef } from 'react';

const EVERY = 2000;
const NOTHING: string[] = [];

/**
 * Asks for what a page is given anew for as long as something is on its way; and once it has arrived, for what it changed
 * (a constant list of props).
 */
export function useNews(isOnItsWay: boolean, given = 'shown', changed = NOTHING): void {
    const wasOnItsWay = useRef(isOnItsWay);

    useEffect(() => {
        if (wasOnItsWay.current && !isOnItsWay && changed.length > 0) {
            router.reload({ only: changed });
        }
        wasOnItsWay.current = isOnItsWay;
        if (!isOnItsWay) {
            return;
        }
        const timer = setInterval(() => {
            router.reload({ only: [given] });
        }, EVERY);

        return () => {
            clearInterval(timer);
        };
    }, [isOnItsWay, given, changed]);
}
