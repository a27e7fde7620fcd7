/** The columns of pasted lines in their order, where no heading says otherwise. */
const order = ['phase', 'task', 'code', 'who', 'role', 'planned', 'budget', 'startsOn', 'endsOn', 'chargeCode'] as const;

type LineField = (typeof order)[number];

export type PastedLine = Partial<Record<LineField, string>>;

/** What a heading may be called, in small letters. */
const headings: Record<string, LineField> = {
    phase: 'phase',
    task: 'task',
    name: 'task',
    code: 'code',
    who: 'who',
    person: 'who',
    team: 'who',
    role: 'role',
    planned: 'planned',
    hours: 'planned',
    budget: 'budget',
    'first day': 'startsOn',
    start: 'startsOn',
    from: 'startsOn',
    'last day': 'endsOn',
    end: 'endsOn',
    to: 'endsOn',
    'charge code': 'chargeCode',
};

/** Cells of tab-separated text; a cell in quotes may hold tabs and line breaks, as spreadsheets copy them. */
export function cellsIn(text: string): string[][] {
    const rows: string[][] = [[]];
    let cell = '';
    let quoted = false;
    const end = (startsRow: boolean) => {
        rows[rows.length - 1]?.push(cell.trim());
        cell = '';
        if (startsRow) {
            rows.push([]);
        }
    };
    for (let at = 0; at < text.length; at++) {
        const letter = text[at] ?? '';
        if (quoted) {
            if (letter !== '"') {
                cell += letter;
            } else if (text[at + 1] === '"') {
                cell += '"';
                at++;
            } else {
                quoted = false;
            }
        } else if (letter === '"' && cell === '') {
            quoted = true;
        } else if (letter === '\t') {
            end(false);
        } else if (letter === '\n') {
            end(true);
        } else if (letter !== '\r') {
            cell += letter;
        }
    }
    end(false);

    return rows.filter((row) => row.some((one) => one !== ''));
}

/** Pasted text as lines of a plan. A first row of known headings says which column is which. */
export function pastedLines(text: string): PastedLine[] {
    const rows = cellsIn(text);
    const first = (rows[0] ?? []).map((cell) => headings[cell.toLowerCase()]);
    const isHeading = first.length > 1 && first.every((field) => field !== undefined);
    const columns: readonly (LineField | undefined)[] = isHeading ? first : order;

    return rows.slice(isHeading ? 1 : 0).map((row) => {
        const line: PastedLine = {};
        row.forEach((cell, index) => {
            const field = columns[index];
            if (field !== undefined && cell !== '') {
                line[field] = cell;
            }
        });

        return line;
    });
}
