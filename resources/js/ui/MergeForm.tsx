import { text } from '@/lib/text';
import { router } from '@inertiajs/react';
import { Combobox } from './Combobox';
import { Select } from './Select';
import type { Option } from './combobox';
import { useState } from 'react';

const copy = text.mergeForm;

interface MergeFormProps {
    /** What is given to another. */
    name: string;
    /** Where that is done. */
    address: string;
    /** What happens to it, in a sentence. */
    hint: string;
    /** All others, where they are few; else they are looked up. */
    others?: readonly (readonly [string, string])[];
    kind?: 'teams' | 'roles' | 'clients';
}

/** Gives everything of one thing to another of its kind. */
export function MergeForm({ name, address, hint, others, kind = 'teams' }: MergeFormProps) {
    const [into, setInto] = useState<Option[]>([]);

    return (
        (others === undefined || others.length > 0) && (
            <form
                aria-label={copy.of(name)}
                className="mt-3 flex flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(address, Object.fromEntries(new FormData(event.currentTarget)), { preserveScroll: true });
                }}
            >
                {others === undefined ? (
                    <Combobox
                        label={copy.into}
                        kind={kind}
                        name="into"
                        required
                        className="w-52"
                        chosen={into}
                        onChange={setInto}
                    />
                ) : (
                    <Select label={copy.into} name="into" options={others} />
                )}
                <button type="submit" className="act">
                    {copy.merge(name)}
                </button>
                <p className="w-full pencilled">{hint}</p>
            </form>
        )
    );
}
