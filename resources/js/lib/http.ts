/** What the server said: its status and body, or that it could not be reached. */
export type Answer = { reached: true; status: number; body: unknown } | { reached: false };

function crossSiteToken(): string {
    const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);

    return found?.[1] === undefined ? '' : decodeURIComponent(found[1]);
}

/** Sends JSON and reads JSON; never throws. */
export async function put(address: string, body: object): Promise<Answer> {
    try {
        const response = await fetch(address, {
            method: 'PUT',
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': crossSiteToken() },
            body: JSON.stringify(body),
        });

        return { reached: true, status: response.status, body: await response.json().catch(() => null) };
    } catch {
        return { reached: false };
    }
}
