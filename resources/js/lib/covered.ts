import { useEffect } from 'react';
import { Store, useStore } from './store';

const covered = new Store(false);

function cover(covers: boolean): void {
    covered.set(covers);
}

/** What a list calls when it opens and closes: meanwhile nothing of the page takes the focus. One that goes leaves the page free. */
export function useCover(): (covers: boolean) => void {
    useEffect(
        () => () => {
            cover(false);
        },
        [],
    );

    return cover;
}

/** Whether a list that is read out alone lies over the page. */
export function useCovered(): boolean {
    return useStore(covered);
}
