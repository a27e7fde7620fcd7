import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SavedComparisonProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = text.savedPage;

/** What the comparison is called; and its end. */
export function NameForm({ comparison }: { comparison: SavedComparisonProps }) {
    const { id } = comparison;
    const [name, setName] = useState(comparison.name);

    return (
        <form
            aria-label={copy.rename}
            onSubmit={(event) => {
                event.preventDefault();
                router.put(route('comparisons.change', { saved: id }), { name }, { preserveScroll: true });
            }}
        >
            <Field
                label={copy.name}
                required
                maxLength={80}
                value={name}
                onChange={(event) => {
                    setName(event.target.value);
                }}
            />
            <FieldError of={['name']} />
            <p className="mt-2 flex flex-wrap gap-2">
                <button type="submit" className="act">
                    {copy.rename}
                </button>
                <Confirm
                    button={{ className: 'act-quiet', children: copy.remove }}
                    title={copy.removeTitle(comparison.name)}
                    yes={copy.remove}
                    no={copy.keep}
                    onYes={() => {
                        router.delete(route('comparisons.remove', { saved: id }));
                    }}
                >
                    {copy.removeExplained}
                </Confirm>
            </p>
        </form>
    );
}
