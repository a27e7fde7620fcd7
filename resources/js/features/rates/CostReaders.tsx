import { text } from '@/lib/text';
import type { RatesProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Trouble } from '@/ui/Trouble';
import { router } from '@inertiajs/react';

const kept = { preserveScroll: true, preserveState: true } as const;

/** Who besides the time office sees what hours cost. */
export function CostReaders({ readers }: Pick<RatesProps, 'readers'>) {
    const words = text.ratesPage.readers;

    return (
        <section aria-labelledby="readers" className="mt-8 max-w-3xl">
            <h2 id="readers">{words.title}</h2>
            <p className="mt-1 text-faded">{words.explained}</p>
            {readers.length === 0 ? (
                <p className="pencilled mt-2">{words.nobody}</p>
            ) : (
                <ul className="mt-2">
                    {readers.map((one) => (
                        <li key={one.code} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1">
                            <span className="grow">{one.name}</span>
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={words.removeName(one.name)}
                                onClick={() => {
                                    router.delete(`/office/rates/readers/${one.code}`, kept);
                                }}
                            >
                                {words.remove}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <form
                aria-label={words.title}
                className="mt-3 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    const form = event.currentTarget;
                    router.post('/office/rates/readers', Object.fromEntries(new FormData(form)), {
                        ...kept,
                        onSuccess: () => {
                            form.reset();
                        },
                    });
                }}
            >
                <Field label={words.person} name="reader" maxLength={200} required className="w-52" />
                <button className="act">{words.add}</button>
                <div className="w-full">
                    <Trouble of={['reader']} />
                </div>
            </form>
        </section>
    );
}
