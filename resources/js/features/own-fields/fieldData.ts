import type { FieldKind, FieldSubject } from '@/types/generated/props';

/** What the form of a field sends; nothing as an empty text. */
export interface OwnFieldData {
    name: string;
    code: string;
    subject: FieldSubject;
    kind: FieldKind;
    choices: string;
    isRequired: boolean;
    startsOn: string;
    team: string;
    client: string;
    isRetired: boolean;
}

export interface PartProps {
    data: OwnFieldData;
    set: (changed: Partial<OwnFieldData>) => void;
}
