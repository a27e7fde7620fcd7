import { text } from '@/lib/text';
import { Combobox } from '@/ui/Combobox';
import type { Option } from '@/ui/combobox';
import { useState } from 'react';

interface ClientAndManagerProps {
    client: Option | null;
    manager: Option;
    onClient: (client: string) => void;
    onManager: (manager: string) => void;
}

/** For whom a project is, also somebody new, and who manages it. */
export function ClientAndManager({ onClient, onManager, ...first }: ClientAndManagerProps) {
    const [client, setClient] = useState<Option[]>(first.client === null ? [] : [first.client]);
    const [manager, setManager] = useState<Option[]>([first.manager]);

    return (
        <>
            <Combobox
                label={text.newProject.client}
                kind="clients"
                takesNew
                saysOfNew={text.newProject.newClient}
                chosen={client}
                className="w-60"
                onChange={(chosen) => {
                    setClient(chosen);
                    onClient(chosen[0]?.code ?? '');
                }}
            />
            <Combobox
                label={text.newProject.manager}
                kind="people"
                required
                chosen={manager}
                className="w-52"
                onChange={(chosen) => {
                    setManager(chosen);
                    onManager(chosen[0]?.code ?? '');
                }}
            />
        </>
    );
}
