import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link, useForm } from '@inertiajs/react';

const copy = text.forgottenPassword;

/** Asks for a link to set a new password. */
export function ForgottenPasswordPage() {
    const form = useForm({ email: '' });

    return (
        <Shell>
            <div className="mx-auto max-w-md pt-8 md:pt-16">
                <PageHeading title={copy.title} finding={copy.explained} />
                <form
                    className="mt-4 flex flex-col gap-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post(route('password.forgotten.store'));
                    }}
                >
                    <Field
                        label={text.signIn.email}
                        type="email"
                        name="email"
                        autoComplete="username"
                        required
                        autoFocus
                        value={form.data.email}
                        onChange={(event) => {
                            form.setData('email', event.target.value);
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
                </form>
            </div>
        </Shell>
    );
}
