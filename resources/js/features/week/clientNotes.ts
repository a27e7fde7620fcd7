import type { Cells, Wanted } from './cells';

/** What inking every pencilled note for the client would want of the week's cells. */
export function clientNotesPencilled(cells: Cells): Map<string, Wanted> {
    return new Map(
        Object.entries(cells).flatMap(([key, { saved }]) =>
            saved.proposedClientNote === null ? [] : [[key, { clientNote: saved.proposedClientNote }] as const],
        ),
    );
}
