import { noticeSignIn } from './signedOut';

/** What the server said: its status and body, or that it could not be reached. */
export type Answer = { reached: true; status: number; body: unknown } | { reached: false };

function crossSiteToken(): string {
    const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);

    return found?.[1] === undefined ? '' : decodeURIComponent(found[1]);
}

/** Sends JSON by any method; never throws. */
export async function send(method: 'GET' | 'PUT' | 'POST' | 'DELETE', address: string, body?: object): Promise<Answer> {
    try {
        const response = await fetch(address, {
            method,
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': crossSiteToken() },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        });
        noticeSignIn(response.status);

        return { reached: true, status: response.status, body: await response.json().catch(() => null) };
    } catch {
        return { reached: false };
    }
}

/** Sends JSON and reads JSON; never throws. */
export async function put(address: string, body: object): Promise<Answer> {
    return send('PUT', address, body);
}

/** Adds something, as JSON; never throws. */
export async function post(address: string, body: object): Promise<Answer> {
    return send('POST', address, body);
}

/** Sends a piece of a file as it is; never throws. */
export async function sendPiece(address: string, piece: Blob): Promise<Answer> {
    try {
        const response = await fetch(address, {
            method: 'PUT',
            headers: { Accept: 'application/json', 'Content-Type': 'application/octet-stream', 'X-XSRF-TOKEN': crossSiteToken() },
            body: piece,
        });
        noticeSignIn(response.status);

        return { reached: true, status: response.status, body: await response.json().catch(() => null) };
    } catch {
        return { reached: false };
    }
}

/** Takes something away; never throws. */
export async function remove(address: string): Promise<Answer> {
    return send('DELETE', address);
}

/** Reads JSON; never throws. Null where there is none to be had. */
export async function read<Props>(address: string, asked: Record<string, string | number | null> = {}): Promise<Props | null> {
    const query = Object.entries(asked)
        .filter(([, value]) => value !== null)
        .map(([name, value]) => `${name}=${encodeURIComponent(value ?? '')}`)
        .join('&');
    const answer = await send('GET', query === '' ? address : `${address}?${query}`);

    return answer.reached && answer.status === 200 ? (answer.body as Props) : null;
}

/** The sentence in a refusal; the body is the server's, and only looked at, not believed. */
export function sentenceIn(body: unknown): string | null {
    const said = typeof body === 'object' && body !== null ? (body as Record<string, unknown>).message : null;

    return typeof said === 'string' ? said : null;
}
