import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SavedComparisonProps, Sharing } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import type { Option } from '@/ui/combobox';
import { RadioGroup } from '@/ui/RadioGroup';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = text.savedPage;

/** With whom the comparison is shared. */
export function ShareForm({ comparison }: { comparison: SavedComparisonProps }) {
    const { id } = comparison;
    const [sharing, setSharing] = useState<Sharing>(comparison.sharing);
    const [readers, setReaders] = useState<readonly Option[]>(comparison.readers);

    return (
        <form
            aria-label={copy.share}
            onSubmit={(event) => {
                event.preventDefault();
                router.put(
                    route('comparisons.share', { saved: id }),
                    { sharing, readers: readers.map(({ code }) => code) },
                    { preserveScroll: true },
                );
            }}
        >
            <h3>{copy.share}</h3>
            <p className="text-faded">{copy.shareExplained}</p>
            <RadioGroup
                label={copy.sharing}
                value={sharing}
                options={Object.entries(copy.sharings)}
                onChoose={(chosen) => {
                    setSharing(chosen as Sharing);
                }}
            />
            {sharing === 'some' && (
                <Combobox
                    kind="assignees"
                    label={copy.readers}
                    takesMany
                    chosen={readers}
                    onChange={(chosen) => {
                        setReaders(chosen);
                    }}
                />
            )}
            <button type="submit" className="act mt-2">
                {copy.saveSharing}
            </button>
        </form>
    );
}
