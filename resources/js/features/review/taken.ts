import type { GridPlace } from '@/ui/grid/moves';
import type { DecisionEffectProps, WaitingCellProps, WaitingLineProps, WaitingSheetProps } from '@/types/generated/props';

export function cellsOf(lines: readonly WaitingLineProps[]): WaitingCellProps[] {
    return lines.flatMap(({ cells }) => cells);
}

/** The cells with these ids taken, or left out where all of them are taken already. */
export function toggled(taken: ReadonlySet<number>, ids: readonly number[]): Set<number> {
    const after = new Set(taken);
    const leaves = ids.every((id) => taken.has(id));
    for (const id of ids) {
        if (leaves) {
            after.delete(id);
        } else {
            after.add(id);
        }
    }

    return after;
}

/** The entries at some places of a sheet, each once; the first column stands for the whole line. */
export function entriesAt({ lines, days }: WaitingSheetProps, places: readonly GridPlace[]): number[] {
    const ids = places.flatMap(({ row, column }) =>
        (lines[row]?.cells ?? []).filter(({ date }) => column === 0 || date === days[column - 1]?.date).map(({ id }) => id),
    );

    return [...new Set(ids)];
}

export function minutesOf(cells: readonly WaitingCellProps[]): number {
    return cells.reduce((sum, { minutes }) => sum + minutes, 0);
}

/** What a project would become if what is taken were approved. Costs that are not known, or not shown, add nothing. */
export interface Outcome {
    project: DecisionEffectProps;
    minutes: number;
    cents: number;
    /** Minutes of which it is not known what they cost. */
    unrated: number;
}

/** The projects that what is taken touches, as they stand and with what it would add. */
export function outcomesOf(
    sheet: WaitingSheetProps,
    taken: ReadonlySet<number>,
    projects: readonly DecisionEffectProps[],
): Outcome[] {
    return projects.flatMap((project) => {
        const cells = cellsOf(sheet.lines.filter(({ projectCode }) => projectCode === project.code)).filter(({ id }) =>
            taken.has(id),
        );

        return cells.length === 0
            ? []
            : [
                  {
                      project,
                      minutes: minutesOf(cells),
                      cents: cells.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
                      unrated: minutesOf(cells.filter(({ cost }) => cost === null)),
                  },
              ];
    });
}

/** The projects of sheets, each once. */
export function projectsOf(sheets: readonly WaitingSheetProps[]): string[] {
    return [...new Set(sheets.flatMap(({ lines }) => lines.map(({ projectCode }) => projectCode)))].sort();
}
