import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { PasswordLinkProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { PasswordField } from '@/ui/PasswordField';
import { Shell } from '@/ui/Shell';
import { Link, useForm } from '@inertiajs/react';

const copy = text.newPassword;

/** Where the link of an invitation, or for a forgotten password, leads. */
export function NewPasswordPage({ link }: { link: PasswordLinkProps }) {
    return (
        <Shell>
            <div className="mx-auto max-w-md pt-8 md:pt-16">
                {link.name === null || link.email === null ? (
                    <>
                        <PageHeading title={copy.title} finding={copy.over} />
                        <Link href={route('password.forgotten')} className="act mt-4">
                            {copy.again}
                        </Link>
                    </>
                ) : (
                    <>
                        <PageHeading title={copy.title} finding={copy.of(link.name, link.email)} />
                        <NewPasswordForm token={link.token} email={link.email} />
                    </>
                )}
            </div>
        </Shell>
    );
}

function NewPasswordForm({ token, email }: { token: string; email: string }) {
    const form = useForm({ password: '' });

    return (
        <form
            className="mt-4 flex flex-col gap-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('password.store', { token }));
            }}
        >
            {/* So that a password manager knows whose it is. */}
            <input type="email" autoComplete="username" value={email} readOnly tabIndex={-1} aria-hidden className="sr-only" />
            <PasswordField
                isNew
                label={text.signIn.password}
                name="password"
                required
                autoFocus
                value={form.data.password}
                onChange={(event) => {
                    form.setData('password', event.target.value);
                }}
            />
            <FieldError />
            <button type="submit" disabled={form.processing} className="act act-main self-start">
                {copy.submit}
            </button>
        </form>
    );
}
