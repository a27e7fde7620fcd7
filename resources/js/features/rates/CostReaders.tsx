import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { RatesProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import type { Option } from '@/ui/combobox';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const stored = { preserveScroll: true, preserveState: true } as const;

/** Who besides the time office sees what hours cost. */
export function CostReaders({ readers }: Pick<RatesProps, 'readers'>) {
    const copy = officeText.ratesPage.readers;
    const [reader, setReader] = useState<Option[]>([]);

    return (
        <section aria-labelledby="readers" className="mt-8">
            <h2 id="readers">{copy.title}</h2>
            <p className="mt-1 text-faded">{copy.explained}</p>
            {readers.length === 0 ? (
                <p className="pencilled mt-2">{copy.nobody}</p>
            ) : (
                <ul className="mt-2">
                    {readers.map((one) => (
                        <li key={one.code} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1">
                            <span className="grow">{one.name}</span>
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.removeName(one.name)}
                                onClick={() => {
                                    router.delete(route('office.rates.readers.remove', { person: one.code }), stored);
                                }}
                            >
                                {copy.remove}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <form
                aria-label={copy.title}
                className="mt-3 flex flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(route('office.rates.readers.add'), Object.fromEntries(new FormData(event.currentTarget)), {
                        ...stored,
                        onSuccess: () => {
                            setReader([]);
                        },
                    });
                }}
            >
                <Combobox
                    label={copy.person}
                    kind="people"
                    name="reader"
                    required
                    className="w-52"
                    chosen={reader}
                    onChange={setReader}
                />
                <button className="act">{copy.add}</button>
                <div className="w-full">
                    <FieldError of={['reader']} />
                </div>
            </form>
        </section>
    );
}
