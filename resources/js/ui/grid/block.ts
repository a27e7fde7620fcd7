import type { GridPlace, Size } from './moves';

/** Rows and columns from the first to the last, both included. */
export interface Block {
    top: number;
    bottom: number;
    left: number;
    right: number;
}

export function blockBetween(one: GridPlace, other: GridPlace): Block {
    return {
        top: Math.min(one.row, other.row),
        bottom: Math.max(one.row, other.row),
        left: Math.min(one.column, other.column),
        right: Math.max(one.column, other.column),
    };
}

export function isIn({ top, bottom, left, right }: Block, row: number, column: number): boolean {
    return row >= top && row <= bottom && column >= left && column <= right;
}

export function isSingle({ top, bottom, left, right }: Block): boolean {
    return top === bottom && left === right;
}

/** The places of a block, row by row. */
export function placesOf({ top, bottom, left, right }: Block): GridPlace[] {
    const places: GridPlace[] = [];
    for (let row = top; row <= bottom; row++) {
        for (let column = left; column <= right; column++) {
            places.push({ row, column });
        }
    }

    return places;
}

/** A value to be put into a place. */
export interface Filled extends GridPlace {
    value: string;
}

type ValueAt = (row: number, column: number) => string;

/** The block as tab-separated text, as spreadsheets read it. */
export function textOf({ top, bottom, left, right }: Block, valueAt: ValueAt): string {
    const rows: string[] = [];
    for (let row = top; row <= bottom; row++) {
        const values: string[] = [];
        for (let column = left; column <= right; column++) {
            values.push(valueAt(row, column));
        }
        rows.push(values.join('\t'));
    }

    return rows.join('\n');
}

/** Tab-separated text by rows; quotes around a value are taken off, and line breaks in it with them. */
export function tableIn(text: string): string[][] {
    const plain = text.replace(/\r\n?/g, '\n').replace(/\n$/, '');
    const values = plain.replace(/(^|[\t\n])"((?:[^"]|"")*)"(?=[\t\n]|$)/g, (_, before: string, value: string) => {
        return before + value.replaceAll('""', '"').replace(/[\t\n]+/g, ' ');
    });

    return values.split('\n').map((row) => row.split('\t').map((value) => value.trim()));
}

/** Where pasted values go: one fills the whole block, several go from its corner on; how many fall outside the grid. */
export function pasted(text: string, block: Block, size: Size): { filled: Filled[]; outside: number } {
    const table = tableIn(text);
    const [single] = table[0] ?? [];
    if (table.length === 1 && table[0]?.length === 1 && single !== undefined) {
        return { filled: placesOf(block).map((place) => ({ ...place, value: single })), outside: 0 };
    }
    const all = table.flatMap((values, row) =>
        values.map((value, column) => ({ row: block.top + row, column: block.left + column, value })),
    );
    const filled = all.filter(({ row, column }) => row < size.rows && column < size.columns);

    return {
        filled,
        outside: all.filter(({ value }) => value !== '').length - filled.filter(({ value }) => value !== '').length,
    };
}

/** The first column of the block in all others; of a single cell, in the days after it that are worked on. */
export function filledRight(block: Block, valueAt: ValueAt, worksOn: (column: number) => boolean, size: Size): Filled[] {
    const isWide = block.right > block.left;
    const right = isWide ? block.right : size.columns - 1;

    return placesOf({ ...block, left: block.left + 1, right })
        .filter(({ column }) => isWide || worksOn(column))
        .map(({ row, column }) => ({ row, column, value: valueAt(row, block.left) }));
}

/** The first row of the block in all others; of a single row, what stands above it. */
export function filledDown(block: Block, valueAt: ValueAt): Filled[] {
    const from = block.bottom > block.top ? block.top : block.top - 1;

    return from < 0
        ? []
        : placesOf({ ...block, top: from + 1 }).map(({ row, column }) => ({ row, column, value: valueAt(from, column) }));
}

/** The day before the block, in each of its days. */
export function ditto(block: Block, valueAt: ValueAt): Filled[] {
    return block.left === 0
        ? []
        : placesOf(block).map(({ row, column }) => ({ row, column, value: valueAt(row, block.left - 1) }));
}
