import type { LineProps } from '@/types/generated/props';

/** A row that arrow keys reach: a line, or a collapsed project in place of its lines. */
export type Row =
    | { kind: 'line'; key: string; line: LineProps; isFirst: boolean }
    | { kind: 'collapsed'; key: string; projectCode: string; projectName: string; lines: LineProps[] };

/** The projects in the order of their lines, each once. */
function projectsOf(lines: LineProps[]): string[] {
    return [...new Set(lines.map((line) => line.projectCode))];
}

export function rowsOf(lines: LineProps[], collapsed: readonly string[]): Row[] {
    return projectsOf(lines).flatMap((projectCode): Row[] => {
        const own = lines.filter((line) => line.projectCode === projectCode);
        const [first] = own;

        return collapsed.includes(projectCode) && first !== undefined
            ? [{ kind: 'collapsed', key: projectCode, projectCode, projectName: first.projectName, lines: own }]
            : own.map((line) => ({ kind: 'line', key: line.key, line, isFirst: line === first }));
    });
}

function swapped<Item>(items: Item[], index: number, by: -1 | 1): Item[] {
    const [one, other] = [items[index], items[index + by]];
    if (one === undefined || other === undefined) {
        return items;
    }
    const next = [...items];
    next[index] = other;
    next[index + by] = one;

    return next;
}

/** The lines with one moved among those of its project, or with its whole project moved among projects. */
export function moved(lines: LineProps[], line: LineProps, by: -1 | 1, withProject: boolean): LineProps[] {
    const projects = projectsOf(lines);
    if (withProject) {
        return swapped(projects, projects.indexOf(line.projectCode), by).flatMap((code) =>
            lines.filter((one) => one.projectCode === code),
        );
    }

    return projects.flatMap((code) => {
        const own = lines.filter((one) => one.projectCode === code);

        return code === line.projectCode ? swapped(own, own.indexOf(line), by) : own;
    });
}

/** How the lines are stored, in words for the server. */
export function arrangementOf(lines: LineProps[], collapsed: readonly string[]) {
    return { projects: projectsOf(lines), lines: lines.map(({ key }) => key), collapsed };
}

/** The collapsed projects with one collapsed, or unfolded if it was. */
export function foldedWith(collapsed: readonly string[], projectCode: string): string[] {
    return collapsed.includes(projectCode) ? collapsed.filter((one) => one !== projectCode) : [...collapsed, projectCode];
}

/** The keys of the lines that are the first of their task, which show its remaining hours. */
export function firstsOf(rows: readonly Row[]): ReadonlySet<string> {
    const seen = new Set<number>();

    return new Set(
        rows.flatMap((row) => {
            if (row.kind !== 'line' || seen.has(row.line.task)) {
                return [];
            }
            seen.add(row.line.task);

            return [row.key];
        }),
    );
}
