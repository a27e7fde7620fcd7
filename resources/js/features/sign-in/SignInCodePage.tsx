import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link, useForm } from '@inertiajs/react';

const copy = text.signInCode;

/** The second factor of somebody who has given their password. */
export function SignInCodePage() {
    const form = useForm({ code: '' });

    return (
        <Shell>
            <div className="mx-auto max-w-md pt-8 md:pt-16">
                <PageHeading title={copy.title} finding={copy.explained} />
                <form
                    className="mt-4 flex flex-col gap-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post(route('sign-in.code.store'), {
                            onError: () => {
                                form.reset('code');
                            },
                        });
                    }}
                >
                    <Field
                        label={copy.code}
                        name="code"
                        required
                        autoFocus
                        autoComplete="one-time-code"
                        autoCapitalize="none"
                        spellCheck={false}
                        maxLength={40}
                        value={form.data.code}
                        onChange={(event) => {
                            form.setData('code', event.target.value);
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
                    <p className="pencilled">{copy.lost}</p>
                </form>
            </div>
        </Shell>
    );
}
