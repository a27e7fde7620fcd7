import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SavedOnPageProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Popover } from '@/ui/Popover';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { savedText, type Question } from './compareAddress';

const copy = text.comparePage;

interface SaveFormProps {
    asked: Question;
    saved: SavedOnPageProps | null;
}

/** Saves the comparison under a name; one that was saved and changed is saved as what it has become, or as another. */
export function SaveForm({ asked, saved }: SaveFormProps) {
    const [isOpen, open] = useState(false);
    const [name, setName] = useState(saved?.name ?? '');
    const mayChange = saved?.mayChange === true;
    const address = savedText(asked);
    const close = () => {
        open(false);
    };

    return (
        <Popover
            label={copy.save}
            isOpen={isOpen}
            onOpen={open}
            className="w-80"
            trigger={
                <button type="button" className="act no-print">
                    {copy.save}{' '}
                    <span aria-hidden className="ms-1">
                        ▾
                    </span>
                </button>
            }
        >
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(route('comparisons.save'), { name, address }, { onSuccess: close });
                }}
            >
                <Field
                    label={copy.savedName}
                    required
                    maxLength={80}
                    value={name}
                    onChange={(event) => {
                        setName(event.target.value);
                    }}
                />
                <p className="mt-2 text-faded">{asked.period === '' ? copy.savesDays : copy.savesPeriod}</p>
                <div className="mt-3 flex flex-wrap gap-2">
                    {mayChange && (
                        <button
                            type="button"
                            className="act act-main"
                            onClick={() => {
                                router.put(
                                    route('comparisons.change', { saved: saved.id }),
                                    { name, address, version: saved.version },
                                    { onSuccess: close },
                                );
                            }}
                        >
                            {copy.saveChanges}
                        </button>
                    )}
                    <button type="submit" className={mayChange ? 'act' : 'act act-main'}>
                        {saved === null ? copy.save : copy.saveAsNew}
                    </button>
                </div>
                <FieldError of={['name', 'address']} />
            </form>
        </Popover>
    );
}
