import { router } from '@inertiajs/react';

let cancelEarlier: (() => void) | null = null;

/** Fetches parts of the page anew. What was asked earlier is given up, so that its older answer cannot come last. */
export function reloadLatest(only: string[]): void {
    cancelEarlier?.();
    let isOver = false;
    router.reload({
        only,
        onCancelToken: (token) => {
            cancelEarlier = () => {
                if (!isOver) {
                    token.cancel();
                }
            };
        },
        onFinish: () => {
            isOver = true;
        },
    });
}
