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

/** Pasted text as rows with known fields. A first row of known headings says which column is which; else they stand in the order. */
export function pastedRows<Field extends string>(
    text: string,
    order: readonly Field[],
    headings: Readonly<Record<string, Field>>,
): Partial<Record<Field, string>>[] {
    const rows = cellsIn(text);
    const first = (rows[0] ?? []).map((cell) => headings[cell.toLowerCase()]);
    const isHeading = first.length > 1 && first.every((field) => field !== undefined);
    const columns: readonly (Field | undefined)[] = isHeading ? first : order;

    return rows.slice(isHeading ? 1 : 0).map((row) => {
        const line: Partial<Record<Field, string>> = {};
        row.forEach((cell, index) => {
            const field = columns[index];
            if (field !== undefined && cell !== '') {
                line[field] = cell;
            }
        });

        return line;
    });
}
