/** Why an estimate was refused. */
export type Fault = 'lost' | 'no_reason' | 'not_confirmed' | 'other';

/** What of a refusal decides how it can be answered; the body is the server's, and only looked at. */
export function faultIn(body: unknown): Fault {
    const fault = typeof body === 'object' && body !== null ? (body as Record<string, unknown>).fault : null;

    return fault === 'no_reason' || fault === 'not_confirmed' ? fault : 'other';
}
