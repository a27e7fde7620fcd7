import { ownValues } from '@/ui/OwnFieldInputs';
import type { Access, PersonFormProps } from '@/types/generated/props';

/** What the form of a person sends; people, teams and roles by their code, nothing as an empty text. */
export interface PersonData {
    name: string;
    email: string;
    code: string;
    team: string;
    manager: string;
    access: Access;
    role: string;
    calendar: string;
    timezone: string;
    startsOn: string;
    endsOn: string;
    ownPattern: boolean;
    pattern: string[];
    patternFrom: string;
    breaks: { first: string; last: string }[];
    language: string;
    /** Of own fields, by their codes. */
    fields: Record<string, string>;
}

export interface PersonPartProps {
    person: PersonFormProps;
    data: PersonData;
    set: (changed: Partial<PersonData>) => void;
}

/** What the form begins with. */
export function entered(person: PersonFormProps): PersonData {
    return {
        name: person.name,
        email: person.email,
        code: '',
        team: person.team?.code ?? '',
        manager: person.manager?.code ?? '',
        access: person.access,
        role: person.role?.code ?? '',
        calendar: person.calendar ?? '',
        timezone: person.timezone ?? '',
        startsOn: person.startsOn ?? '',
        endsOn: person.endsOn ?? '',
        ownPattern: person.pattern !== null,
        pattern: person.pattern ?? person.usualPattern,
        patternFrom: '',
        breaks: person.breaks.map(({ first, last }) => ({ first, last })),
        language: person.language,
        fields: ownValues(person.fields, person.values),
    };
}
