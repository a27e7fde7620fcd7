import { pastedRows } from '@/lib/pastedRows';

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

/** Pasted text as lines of a plan. */
export function pastedLines(text: string): PastedLine[] {
    return pastedRows(text, order, headings);
}
