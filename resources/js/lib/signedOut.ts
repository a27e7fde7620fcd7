import { Store, useStore } from './store';

const signedOut = new Store(false);

/** Notices by an answer whether the reader is still signed in; after a night their cookies are gone too. Another tab may have signed in again. */
export function noticeSignIn(status: number): void {
    const isOut = status === 401 || status === 419;
    if (isOut !== signedOut.get()) {
        signedOut.set(isOut);
    }
}

export function isSignedOut(): boolean {
    return signedOut.get();
}

/** Whether the server no longer knows who asks, as after a night. */
export function useSignedOut(): boolean {
    return useStore(signedOut);
}
