import type { FindingProps } from '@/types/generated/props';
import { cellKey } from './cells';

/** The letters under which the margin speaks of places in the grid. */
export interface Marks {
    cells: Readonly<Record<string, string>>;
    days: Readonly<Record<string, string>>;
    lines: Readonly<Record<string, string>>;
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** What stands in the way, or asks, is marked; what is only mentioned is not. */
export function isMarked({ severity }: FindingProps): boolean {
    return severity === 'blocking' || severity === 'explanation';
}

/** The letter of each marked finding, in their order; past the last letter they begin again. */
export function lettersOf(findings: readonly FindingProps[]): Map<FindingProps, string> {
    return new Map(findings.filter(isMarked).map((finding, index) => [finding, LETTERS.charAt(index % LETTERS.length)]));
}

export function marksOf(findings: readonly FindingProps[]): Marks {
    const marks = { cells: {}, days: {}, lines: {} } as Record<keyof Marks, Record<string, string>>;
    for (const [{ line, date }, letter] of lettersOf(findings)) {
        const [kind, key] =
            line !== null && date !== null
                ? (['cells', cellKey(line, date)] as const)
                : line !== null
                  ? (['lines', line] as const)
                  : (['days', date ?? ''] as const);
        marks[kind][key] = (marks[kind][key] ?? '') + letter;
    }

    return marks;
}

/** Whether a finding is about this cell, its line or its day. */
export function isAbout({ line, date }: FindingProps, here: { line: string; date: string } | null): boolean {
    return (
        here !== null &&
        (line !== null || date !== null) &&
        (line === null || line === here.line) &&
        (date === null || date === here.date)
    );
}
