import { officeText } from '@/lib/officeText';
import type { Access, OptionProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Select } from '@/ui/Select';
import { useState } from 'react';
import type { PersonPartProps } from './personData';

const copy = officeText.personPage;

interface PickProps {
    label: string;
    kind: 'teams' | 'people' | 'roles';
    first: OptionProps | null;
    onPick: (code: string) => void;
}

/** One of many by name, or none. */
function Pick({ label, kind, first, onPick }: PickProps) {
    const [chosen, choose] = useState(first === null ? [] : [first]);

    return (
        <Combobox
            label={label}
            kind={kind}
            chosen={chosen}
            onChange={(options) => {
                choose(options);
                onPick(options[0]?.code ?? '');
            }}
        />
    );
}

/** Team, line manager, role and access. */
export function PersonPlace({ person, data, set }: PersonPartProps) {
    return (
        <fieldset className="flex flex-col gap-4">
            <legend className="mb-2 font-semibold">{copy.place}</legend>
            <Pick
                label={copy.team}
                kind="teams"
                first={person.team}
                onPick={(team) => {
                    set({ team });
                }}
            />
            <Pick
                label={copy.manager}
                kind="people"
                first={person.manager}
                onPick={(manager) => {
                    set({ manager });
                }}
            />
            <Pick
                label={copy.role}
                kind="roles"
                first={person.role}
                onPick={(role) => {
                    set({ role });
                }}
            />
            <Select
                label={copy.access}
                value={data.access}
                options={Object.entries(copy.accesses)}
                onChoose={(access) => {
                    set({ access: access as Access });
                }}
            />
            {person.languages.length > 1 && (
                <Select
                    label={copy.language}
                    value={data.language}
                    options={person.languages.map(
                        (each) => [each, new Intl.DisplayNames(each, { type: 'language' }).of(each) ?? each] as const,
                    )}
                    onChoose={(language) => {
                        set({ language });
                    }}
                />
            )}
        </fieldset>
    );
}
