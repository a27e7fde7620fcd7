import { officeText } from '@/lib/officeText';
import type { OwnFieldRowProps } from '@/types/generated/props';
import { ComboboxOfOne } from '@/ui/ComboboxOfOne';
import type { OwnFieldData } from './fieldData';

const copy = officeText.ownFieldsPage;

interface AskedOfProps {
    field: OwnFieldRowProps | undefined;
    data: OwnFieldData;
    set: (changed: Partial<OwnFieldData>) => void;
}

/** Of whose people a field is asked, and on whose projects; as far as it can be said of what it belongs to. */
export function AskedOf({ field, data, set }: AskedOfProps) {
    const { subject } = data;

    return (
        <>
            {(subject === 'entry' || subject === 'person' || subject === 'expense') && (
                <ComboboxOfOne
                    label={copy.team}
                    kind="teams"
                    first={field?.team}
                    onChoose={(team) => {
                        set({ team });
                    }}
                />
            )}
            {subject !== 'person' && (
                <ComboboxOfOne
                    label={copy.client}
                    kind="clients"
                    first={field?.client}
                    onChoose={(client) => {
                        set({ client });
                    }}
                />
            )}
        </>
    );
}
