import { useEffect, useSyncExternalStore } from 'react';

let isCovered = false;
const readers = new Set<() => void>();

function cover(covers: boolean): void {
    isCovered = covers;
    readers.forEach((read) => {
        read();
    });
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
    return useSyncExternalStore(
        (read) => {
            readers.add(read);

            return () => {
                readers.delete(read);
            };
        },
        () => isCovered,
        () => false,
    );
}
