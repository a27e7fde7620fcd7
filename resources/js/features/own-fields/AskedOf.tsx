import { officeText } from '@/lib/officeText';
import type { OwnFieldRowProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { useState } from 'react';
import type { OwnFieldData } from './fieldData';

const copy = officeText.ownFieldsPage;

interface AskedOfProps {
    field: OwnFieldRowProps | undefined;
    data: OwnFieldData;
    set: (changed: Partial<OwnFieldData>) => void;
}

/** Of whose people a field is asked, and on whose projects; as far as it can be said of what it belongs to. */
export function AskedOf({ field, data, set }: AskedOfProps) {
    const [team, setTeam] = useState(field?.team ?? null);
    const [client, setClient] = useState(field?.client ?? null);
    const { subject } = data;

    return (
        <>
            {(subject === 'entry' || subject === 'person') && (
                <Combobox
                    label={copy.team}
                    kind="teams"
                    chosen={team === null ? [] : [team]}
                    onChange={([chosen]) => {
                        setTeam(chosen ?? null);
                        set({ team: chosen?.code ?? '' });
                    }}
                />
            )}
            {subject !== 'person' && (
                <Combobox
                    label={copy.client}
                    kind="clients"
                    chosen={client === null ? [] : [client]}
                    onChange={([chosen]) => {
                        setClient(chosen ?? null);
                        set({ client: chosen?.code ?? '' });
                    }}
                />
            )}
        </>
    );
}
