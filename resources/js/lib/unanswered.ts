import { router } from '@inertiajs/react';
import { Store, useStore } from './store';

/** What the server did not answer: a page that was asked for, or a part of it, or an act, of which nobody knows whether it was done. */
export type Unanswered = { kind: 'page'; address: string } | { kind: 'act' };

const unanswered = new Store<Unanswered | null>(null);

/**
 * Notices which visits are not answered by the application: the network is away, or something before the server speaks in its
 * place. What goes on beside a page, such as looking for news, is tried again by itself.
 */
export function watchVisits(): void {
    let isLost = false;
    router.on('start', ({ detail: { visit } }) => {
        if (!visit.async) {
            unanswered.set(null);
        }
    });
    router.on('networkError', ({ detail: { error } }) => {
        isLost = true;

        // Anything else that went wrong, such as a part of the application that is not to be had, is told where faults are looked for.
        return error.name !== 'HttpNetworkError';
    });
    router.on('httpException', ({ detail: { response } }) => {
        // A fault of the application comes as a page that says what is wrong.
        if ('x-inertia' in response.headers) {
            return true;
        }
        isLost = true;

        return false;
    });
    router.on('finish', ({ detail: { visit } }) => {
        // What a page is to show a little later is a part of it.
        if (isLost && (!visit.async || 'deferredProps' in visit)) {
            unanswered.set(visit.method === 'get' ? { kind: 'page', address: visit.url.href } : { kind: 'act' });
        }
        isLost = false;
    });
}

/** What the last visit was left without an answer to; null where there is nothing. */
export function useUnanswered(): Unanswered | null {
    return useStore(unanswered);
}

/** Shows what the server has of this page, after which nothing is unanswered any more. */
export function lookAgain(): void {
    router.reload({
        onSuccess: () => {
            unanswered.set(null);
        },
    });
}

/** For an act: what follows once the server has said yes or no, and not where it said nothing. */
export function onceAnswered(follow: () => void): { onSuccess: () => void; onError: () => void } {
    return { onSuccess: follow, onError: follow };
}
