/** What was done and can be undone, and what was undone and can be done again; the latest last. */
export interface History<Act> {
    done: readonly Act[];
    undone: readonly Act[];
}

const MOST = 200;

export function noHistory<Act>(): History<Act> {
    return { done: [], undone: [] };
}

/** After something new, nothing that was undone can be done again. */
export function withAct<Act>({ done }: History<Act>, act: Act): History<Act> {
    return { done: [...done, act].slice(-MOST), undone: [] };
}

/** The latest act and the history without it; null where nothing can be undone. */
export function undoing<Act>({ done, undone }: History<Act>): { act: Act; history: History<Act> } | null {
    const act = done.at(-1);

    return act === undefined ? null : { act, history: { done: done.slice(0, -1), undone: [...undone, act] } };
}

/** The act that was undone last and the history with it done again; null where there is none. */
export function redoing<Act>({ done, undone }: History<Act>): { act: Act; history: History<Act> } | null {
    const act = undone.at(-1);

    return act === undefined ? null : { act, history: { done: [...done, act], undone: undone.slice(0, -1) } };
}
