import { router } from '@inertiajs/react';
import { useEffect } from 'react';

const EVERY = 2000;

/** Asks for what is shown anew for as long as something is on its way. */
export function useNews(isOnItsWay: boolean): void {
    useEffect(() => {
        if (!isOnItsWay) {
            return;
        }
        const timer = setInterval(() => {
            router.reload({ only: ['shown'] });
        }, EVERY);

        return () => {
            clearInterval(timer);
        };
    }, [isOnItsWay]);
}
