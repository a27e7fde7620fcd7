/** What was typed into a cell and is not on the page as the server has it. */
export interface TypedText {
    text: string;
    status: 'waiting' | 'saved' | 'refused';
    /** Why it was not saved; empty unless it was refused. */
    message: string;
}

/** By line and day. */
export type TypedCells = Readonly<Record<string, TypedText>>;

export function cellKey(line: string, date: string): string {
    return `${line} ${date}`;
}

export function withTyped(cells: TypedCells, texts: ReadonlyMap<string, string>): TypedCells {
    return {
        ...cells,
        ...Object.fromEntries([...texts].map(([key, text]) => [key, { text, status: 'waiting', message: '' } as const])),
    };
}

/** After an answer: what was sent and is still what stands there is saved, or refused with why. */
export function answered(cells: TypedCells, sent: ReadonlyMap<string, string>, refused: ReadonlyMap<string, string>): TypedCells {
    return Object.fromEntries(
        Object.entries(cells).map(([key, cell]) => {
            if (sent.get(key) !== cell.text || cell.status !== 'waiting') {
                return [key, cell];
            }
            const message = refused.get(key);

            return [key, { ...cell, status: message === undefined ? 'saved' : 'refused', message: message ?? '' }];
        }),
    );
}

/** Without what was typed into one cell and refused. */
export function withoutRefused(cells: TypedCells, key: string): TypedCells {
    return Object.fromEntries(Object.entries(cells).filter(([one, { status }]) => one !== key || status !== 'refused'));
}

/** Once the page has come anew: what is saved stands on it. */
export function withoutSaved(cells: TypedCells): TypedCells {
    return Object.fromEntries(Object.entries(cells).filter(([, { status }]) => status !== 'saved'));
}
