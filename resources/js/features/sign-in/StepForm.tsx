import { route } from '@/lib/route';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link, useForm } from '@inertiajs/react';
import type { ComponentProps } from 'react';

interface StepFormProps {
    copy: { title: string; explained: string; submit: string; back: string };
    /** What is asked for. */
    field: ComponentProps<typeof Field> & { name: 'email' | 'code' };
    /** Where it goes. */
    address: string;
    hint?: string;
}

/** A step on the way to being signed in that asks for one thing, and leads back to where it began. */
export function StepForm({ copy, field, address, hint }: StepFormProps) {
    const form = useForm({ [field.name]: '' });

    return (
        <Shell>
            <div className="mx-auto max-w-md pt-8 md:pt-16">
                <PageHeading title={copy.title} finding={copy.explained} />
                <form
                    className="mt-4 flex flex-col gap-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post(address, {
                            onError: () => {
                                // A code is entered anew; an address is mended.
                                if (field.name === 'code') {
                                    form.reset();
                                }
                            },
                        });
                    }}
                >
                    <Field
                        {...field}
                        required
                        autoFocus
                        value={form.data[field.name] ?? ''}
                        onChange={(event) => {
                            form.setData(field.name, event.target.value);
                        }}
                    />
                    <FieldError />
                    <p className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
                        <button type="submit" disabled={form.processing} className="act act-main">
                            {copy.submit}
                        </button>
                        <Link href={route('sign-in')} className="act-quiet">
                            {copy.back}
                        </Link>
                    </p>
                    {hint !== undefined && <p className="pencilled">{hint}</p>}
                </form>
            </div>
        </Shell>
    );
}
