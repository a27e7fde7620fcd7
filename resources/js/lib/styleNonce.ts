declare global {
    interface Window {
        __webpack_nonce__?: string;
    }
}

/** The nonce of the page, without which no style of its own is allowed; told to the controls that write one while they are open. */
export function styleNonce(): string | undefined {
    const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
    if (nonce !== undefined) {
        window.__webpack_nonce__ = nonce;
    }

    return nonce;
}
