import { router } from '@inertiajs/react';
import { useEffect } from 'react';

const EVERY = 2000;

/** Asks for what a page is given anew for as long as something is on its way. */
export function useNews(isOnItsWay: boolean, given = 'shown'): void {
    useEffect(() => {
        if (!isOnItsWay) {
            return;
        }
        const timer = setInterval(() => {
            router.reload({ only: [given] });
        }, EVERY);

        return () => {
            clearInterval(timer);
        };
    }, [isOnItsWay, given]);
}
