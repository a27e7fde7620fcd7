import { dayOf, wholeDate } from '@/lib/days';
import { printHours, typedHours } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import type { HoursFormat, PlanAssignmentProps, PlanProps, PlanTaskProps } from '@/types/generated/props';

/** A row of the plan: a task, or somebody on it. */
export type PlanRow =
    | { kind: 'task'; key: string; task: PlanTaskProps }
    | { kind: 'assignment'; key: string; task: PlanTaskProps; assignment: PlanAssignmentProps };

/** An own field of tasks, by its code. */
type OwnTaskField = `own:${string}`;

export type TaskField = OwnTaskField | 'name' | 'code' | 'phase' | 'planned' | 'budget' | 'startsOn' | 'endsOn' | 'chargeCode';
export type AssignmentField = 'assignee' | 'role' | 'planned' | 'startsOn' | 'endsOn';
export type Field = TaskField | AssignmentField;

/** A column of the table: what it holds of a task, and what of somebody on it. */
export interface Column {
    key: string;
    task: TaskField | null;
    assignment: AssignmentField | null;
    isFigure: boolean;
    isDay: boolean;
    /** Of an own field, what it is called. */
    name?: string;
}

const figures: ReadonlySet<string> = new Set(['planned', 'budget']);

const days: ReadonlySet<string> = new Set(['startsOn', 'endsOn']);

export function columnsOf(plan: Pick<PlanProps, 'seesMoney' | 'taskFields'>): Column[] {
    const columns: Omit<Column, 'isFigure' | 'isDay'>[] = [
        { key: 'name', task: 'name', assignment: 'assignee' },
        { key: 'code', task: 'code', assignment: 'role' },
        { key: 'phase', task: 'phase', assignment: null },
        { key: 'planned', task: 'planned', assignment: 'planned' },
        { key: 'budget', task: 'budget', assignment: null },
        { key: 'startsOn', task: 'startsOn', assignment: 'startsOn' },
        { key: 'endsOn', task: 'endsOn', assignment: 'endsOn' },
        { key: 'chargeCode', task: 'chargeCode', assignment: null },
    ];

    return [
        ...columns
            .filter(({ key }) => key !== 'budget' || plan.seesMoney)
            .map((column) => ({ ...column, isFigure: figures.has(column.key), isDay: days.has(column.key) })),
        ...plan.taskFields.map(({ code, name, kind }): Column => {
            const field: OwnTaskField = `own:${code}`;

            return { key: field, task: field, assignment: null, isFigure: kind === 'number', isDay: kind === 'date', name };
        }),
    ];
}

/** Where the server says a fault of a field is, and what a row is known by. */
export function rowKey(row: { task: number } | { assignments: number[] }): string {
    return 'task' in row ? `t${row.task}` : `a${row.assignments.join('-')}`;
}

export function rowsOf(tasks: PlanTaskProps[]): PlanRow[] {
    return tasks.flatMap((task): PlanRow[] => [
        { kind: 'task', key: rowKey({ task: task.id }), task },
        ...task.assignments.map((assignment): PlanRow => ({
            kind: 'assignment',
            key: rowKey({ assignments: assignment.ids }),
            task,
            assignment,
        })),
    ]);
}

export function fieldOf(row: PlanRow, column: Column): Field | null {
    return row.kind === 'task' ? column.task : column.assignment;
}

/** Whether a field may be typed over. Hours given by day are changed day by day. */
export function isOpen(row: PlanRow, field: Field | null): boolean {
    const isByDay = row.kind === 'assignment' && row.assignment.isByDay;

    return field !== null && !(isByDay && field !== 'assignee' && field !== 'role');
}

/** Whether the plan may be written where a row meets a column. */
export function mayTypeIn(plan: Pick<PlanProps, 'mayPlan'>, row: PlanRow, column: Column): boolean {
    return plan.mayPlan && isOpen(row, fieldOf(row, column));
}

/** Whether no other row of the same task comes after it. */
export function isLastOfTask(row: PlanRow): boolean {
    const { assignments } = row.task;

    return row.kind === 'task' ? assignments.length === 0 : row.assignment === assignments.at(-1);
}

/** What a field holds, as it is typed. */
export function textOf(row: PlanRow, field: Field, format: HoursFormat): string {
    if (row.kind === 'task') {
        const { task } = row;
        switch (field) {
            case 'planned':
                return task.own === null ? '' : typedHours(task.own, format);
            case 'name':
            case 'code':
                return task[field];
            case 'phase':
            case 'budget':
            case 'startsOn':
            case 'endsOn':
            case 'chargeCode':
                return task[field] ?? '';
            default:
                return field.startsWith('own:') ? (task.fields[field.slice(4)] ?? '') : '';
        }
    }
    const { assignment } = row;
    switch (field) {
        case 'assignee':
            return assignment.assigneeName;
        case 'role':
            return assignment.role ?? '';
        case 'planned':
            return typedHours(assignment.planned, format);
        case 'startsOn':
        case 'endsOn':
            return assignment[field];
        default:
            return '';
    }
}

/** What puts a row back as it was: lines for the server. */
export function linesOf(row: PlanRow, format: HoursFormat): Record<string, string>[] {
    const ofAssignment = (assignment: PlanAssignmentProps) => ({
        code: row.task.code,
        who: assignment.assignee,
        role: assignment.role ?? '',
        planned: typedHours(assignment.planned, format),
        startsOn: assignment.startsOn,
        endsOn: assignment.endsOn,
    });
    if (row.kind === 'assignment') {
        return [ofAssignment(row.assignment)];
    }
    const of = (field: TaskField) => textOf(row, field, format);

    return [
        {
            task: of('name'),
            code: of('code'),
            phase: of('phase'),
            planned: of('planned'),
            budget: of('budget'),
            startsOn: of('startsOn'),
            endsOn: of('endsOn'),
            chargeCode: of('chargeCode'),
            ...Object.fromEntries(Object.entries(row.task.fields).map(([code, value]) => [`own:${code}`, value])),
        },
        ...row.task.assignments.map(ofAssignment),
    ];
}

/** Rows by which a plan is known: tasks and assignments, those left out that are about to be others. */
export function knownIn({ tasks }: { tasks: PlanTaskProps[] }, without: number[] = []): ReadonlySet<string> {
    const stays = (id: number) => !without.includes(id);

    return new Set(
        tasks.flatMap(({ id, assignments }) => [
            `t${id}`,
            ...assignments.flatMap(({ ids }) => ids.filter(stays).map((one) => `a${one}`)),
        ]),
    );
}

/** A task, or assignments on one. */
export interface Fresh {
    task?: number;
    assignments?: number[];
}

/** What of a plan was not known: whole tasks, and assignments on tasks that were. */
export function freshIn({ tasks }: { tasks: PlanTaskProps[] }, known: ReadonlySet<string>): Fresh[] {
    return tasks.flatMap((task): Fresh[] => {
        if (!known.has(`t${task.id}`)) {
            return [{ task: task.id }];
        }
        const assignments = task.assignments.flatMap(({ ids }) => ids.filter((id) => !known.has(`a${id}`)));

        return assignments.length === 0 ? [] : [{ assignments }];
    });
}

/** The field change that puts a text in the place of what a row holds, and the one that takes it back. */
export function changesOf(row: PlanRow, field: Field, after: string, before: string) {
    const of = (value: string) => [
        row.kind === 'task'
            ? { task: row.task.id, fields: { [field]: value } }
            : { assignments: row.assignment.ids, fields: { [field]: value } },
    ];

    return [of(after), of(before)] as const;
}

/** Whether a cell shows the sum of those on a task, which nobody gave it as its own. */
export function isSum(row: PlanRow, { key }: Column): boolean {
    return row.kind === 'task' && key === 'planned' && row.task.own === null;
}

/** What a cell says: days without the year that is given, hours also where they are a sum. */
export function shownIn(row: PlanRow, column: Column, format: HoursFormat, year: string): string {
    const field = fieldOf(row, column);
    if (field === 'planned') {
        return printHours(row.kind === 'task' ? row.task.planned : row.assignment.planned, format);
    }
    const own = field === null ? '' : textOf(row, field, format);
    if (own === '') {
        return '';
    }

    return column.isDay ? dayOf(own, year) : field === 'budget' ? printMoney(own, '') : own;
}

/** What typing over a cell begins with: a day as people read it. */
export function typedIn(row: PlanRow, column: Column, format: HoursFormat): string {
    const field = fieldOf(row, column);
    const own = field === null ? '' : textOf(row, field, format);

    return column.isDay && own !== '' ? wholeDate(own) : own;
}
