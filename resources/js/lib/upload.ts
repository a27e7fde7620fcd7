import { post, sendPiece } from './http';

/** So much of a file is sent at once, in bytes. */
const PIECE = 1_048_576;

/** How often a piece is sent again before the file counts as lost. */
const TRIES = 3;

/**
 * Sends a file in pieces; the server says how much it has, so that a piece that was lost is sent again.
 *
 * @returns the id of the upload, or null if it did not arrive
 */
export async function upload(
    file: File,
    begin: string,
    piece: (id: string) => string,
    onProgress: (sent: number) => void,
): Promise<string | null> {
    const begun = await post(begin, { name: file.name, size: file.size });
    const id = begun.reached && begun.status === 201 ? (begun.body as { id: string }).id : null;
    let received = 0;
    let tries = 0;
    while (id !== null && received < file.size) {
        const answer = await sendPiece(`${piece(id)}?from=${String(received)}`, file.slice(received, received + PIECE));
        const there = answer.reached ? (answer.body as { received?: number } | null)?.received : undefined;
        if (there === undefined || there <= received) {
            tries++;
            if (tries >= TRIES) {
                return null;
            }
        } else {
            tries = 0;
        }
        received = there ?? received;
        onProgress(received);
    }

    return id;
}
