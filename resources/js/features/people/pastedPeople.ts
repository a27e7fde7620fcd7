import type { Filled } from '@/ui/grid/block';
import { readDate, type IsoDay } from '@/lib/dateText';
import { pastedRows } from '@/lib/pastedRows';

/** The columns of pasted people in their order, where no heading says otherwise. */
export const PERSON_FIELDS = ['name', 'email', 'team', 'manager', 'role', 'access', 'startsOn'] as const;

export type PersonField = (typeof PERSON_FIELDS)[number];

export type PastedPerson = Partial<Record<PersonField, string>>;

/** What a heading may be called, in small letters. */
const headings: Record<string, PersonField> = {
    name: 'name',
    person: 'name',
    email: 'email',
    'email address': 'email',
    'e-mail': 'email',
    team: 'team',
    manager: 'manager',
    'line manager': 'manager',
    role: 'role',
    'usual role': 'role',
    access: 'access',
    'first day': 'startsOn',
    start: 'startsOn',
    from: 'startsOn',
};

/** Pasted text as people. A day that can be read is sent as one; another stays as it is, to be said wrong. */
export function pastedPeople(text: string, today: IsoDay, locale: string): PastedPerson[] {
    return pastedRows(text, PERSON_FIELDS, headings).map((person) =>
        person.startsOn === undefined
            ? person
            : { ...person, startsOn: readDate(person.startsOn, today, locale) ?? person.startsOn },
    );
}

/** People with these values in their cells; a row below the last is a new one. Rows that nothing changes stay the same objects. */
export function withCells(
    people: readonly PastedPerson[],
    cells: readonly Filled[],
    today: IsoDay,
    locale: string,
): readonly PastedPerson[] {
    const after = [...people];
    for (const { row, column, value } of cells) {
        const field = PERSON_FIELDS[column];
        const read = field === 'startsOn' ? (readDate(value, today, locale) ?? value) : value;
        if (field !== undefined && read !== (after[row]?.[field] ?? '')) {
            while (after.length <= row) {
                after.push({});
            }
            after[row] = { ...after[row], [field]: read };
        }
    }

    return after.some((person, index) => person !== people[index]) ? after : people;
}
