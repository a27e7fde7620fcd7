import { route, type Query } from '@/lib/route';
import type { ComparedFieldProps, ComparisonProps, Grouping, Measure, SavedOnPageProps } from '@/types/generated/props';
import type { Option } from '@/ui/combobox';

/** Kinds that a comparison can be narrowed to, as the address calls them. */
export type Narrowed = 'project' | 'person' | 'team' | 'client' | 'manager' | 'role' | 'charge-code';

/** What is compared, and how. */
export interface Question {
    by: Grouping;
    then: Grouping | null;
    across: Grouping | null;
    /** A rolling period, or `to-date`; empty for fixed days. */
    period: string;
    from: string;
    to: string;
    narrowed: Readonly<Record<Narrowed, readonly Option[]>>;
    /** The own field that `field` and the values are about. */
    field: ComparedFieldProps | null;
    fieldValues: readonly Option[];
    ownFields: readonly ComparedFieldProps[];
    internal: string;
    /** `yes`, `no`, or empty for both. */
    billable: string;
    withPending: boolean;
    tolerance: number;
    /** `attention`, `name` or a measure. */
    sort: string;
    /** Whether periods are drawn as lines too. */
    withLines: boolean;
    /** The figures of each group, in their order. */
    measures: readonly Measure[];
    page: number;
    /** The saved comparison that this is, or began as. */
    saved: number | null;
}

/** Which figure is opened, and of which group; of the whole where no group is named. */
export interface Opened {
    figure: Measure;
    group?: string;
    part?: string;
    at?: string;
}

const usual = { by: 'project', period: 'this-quarter', tolerance: 10, sort: 'attention' };

/** The figures that are shown where none are chosen. */
const usualMeasures: readonly Measure[] = ['planned', 'planned-to-date', 'actual', 'pending', 'difference'];

/** The question that a page answers. Another question begins on its first page. */
export function questionOf(comparison: ComparisonProps, saved: SavedOnPageProps | null = null): Question {
    const { by, then, across, period, first, last, internal, billable, withPending, tolerance, sort, withLines, chosen } =
        comparison;
    const {
        projects: project,
        people: person,
        teams: team,
        clients: client,
        managers: manager,
        roles: role,
        chargeCodes,
    } = comparison;

    return {
        by,
        then,
        across,
        period,
        from: first,
        to: last,
        narrowed: { project, person, team, client, manager, role, 'charge-code': chargeCodes },
        field: comparison.field,
        fieldValues: comparison.fieldValues,
        ownFields: comparison.ownFields,
        internal,
        billable,
        withPending,
        tolerance,
        sort,
        withLines,
        measures: chosen,
        page: 1,
        saved: saved?.id ?? null,
    };
}

/** The address of a question; what is usual is left out of it. */
export function compareAddress(asked: Question, opened?: Opened): string {
    return route('compare', {}, { ...questionQuery(asked), ...opened });
}

/** What is compared, as it is saved. */
export function savedText(asked: Question): string {
    return route('compare', {}, questionQuery({ ...asked, page: 1, saved: null })).split('?')[1] ?? '';
}

export const fileFormats = ['xlsx', 'ods', 'csv', 'pdf', 'json'] as const;

/** The address of all that a comparison finds, as a file. */
export function compareFile(asked: Question, format: (typeof fileFormats)[number]): string {
    return route('compare.file', { format }, questionQuery(asked));
}

function questionQuery(asked: Question): Query {
    const isFixed = asked.period === '';

    return {
        by: asked.by === usual.by ? null : asked.by,
        then: asked.then,
        across: asked.across,
        period: isFixed || asked.period === usual.period ? null : asked.period,
        from: isFixed ? asked.from : null,
        to: isFixed ? asked.to : null,
        ...Object.fromEntries(
            Object.entries(asked.narrowed).map(([kind, options]) => [kind, options.map(({ code }) => code).join(',') || null]),
        ),
        ...fieldQuery(asked),
        internal: asked.internal || null,
        billable: asked.billable || null,
        pending: asked.withPending ? 'in' : null,
        tolerance: asked.tolerance === usual.tolerance ? null : asked.tolerance,
        sort: asked.sort === usual.sort ? null : asked.sort,
        draw: asked.withLines ? 'lines' : null,
        show: asked.measures.join() === usualMeasures.join() ? null : asked.measures.join(),
        page: asked.page === 1 ? null : asked.page,
        saved: asked.saved,
    };
}

/** The own field, as far as something asks for it. */
function fieldQuery({ by, then, field, fieldValues }: Question): Query {
    const isAsked = by === 'field' || then === 'field' || fieldValues.length > 0;

    return {
        field: isAsked ? (field?.code ?? null) : null,
        value: isAsked ? fieldValues.map(({ code }) => code).join(',') || null : null,
    };
}

/** By what a group is looked into, once a comparison is narrowed to it. */
const into: Partial<Record<Grouping, readonly [Narrowed, Grouping]>> = {
    project: ['project', 'task'],
    person: ['person', 'project'],
    team: ['team', 'person'],
    client: ['client', 'project'],
    manager: ['manager', 'project'],
    role: ['role', 'person'],
    'charge-code': ['charge-code', 'task'],
};

/** The question about one group alone; null for groups that a comparison cannot be narrowed to. */
export function lookedInto(asked: Question, group: Option): Question | null {
    const found = into[asked.by];
    // Time without a client or team has no name to be narrowed to.
    if (found === undefined || group.code === '-') {
        return null;
    }
    const [kind, by] = found;

    return {
        ...asked,
        by: asked.then ?? by,
        then: null,
        narrowed: { ...asked.narrowed, [kind]: [group] },
        sort: 'attention',
        page: 1,
    };
}
