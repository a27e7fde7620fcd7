import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SignInProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { PasswordField } from '@/ui/PasswordField';
import { Shell } from '@/ui/Shell';
import { Head, Link, router, useForm } from '@inertiajs/react';
import { DemoPeople } from './DemoPeople';

/** E-mail and password, or single sign-on; in a demonstration also people to look around as. */
export function SignInPage({ page }: { page: SignInProps }) {
    return (
        <Shell>
            <Head title={text.signIn.title} />
            <div className="mx-auto grid max-w-5xl gap-x-16 gap-y-10 pt-8 md:grid-cols-[20rem_1fr] md:pt-16">
                <div className="flex flex-col gap-4">
                    <div>
                        <h1 className="text-[1.7rem] text-moss italic">{text.app}</h1>
                        <p className="mt-1 text-faded">{text.signIn.of(page.organisation)}</p>
                    </div>
                    <SignInForm />
                    {page.singleSignOn !== null && (
                        <button
                            type="button"
                            className="act self-start"
                            onClick={() => {
                                router.post(route('sign-in.single-sign-on'));
                            }}
                        >
                            {text.signIn.singleSignOn(page.singleSignOn)}
                        </button>
                    )}
                </div>
                {page.demoPeople.length > 0 && <DemoPeople people={page.demoPeople} />}
            </div>
        </Shell>
    );
}

function SignInForm() {
    const form = useForm({ email: '', password: '' });
    const fault = form.errors.email ?? form.errors.password;

    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('sign-in.store'), {
                    onError: () => {
                        form.reset('password');
                    },
                });
            }}
            className="flex flex-col gap-4"
        >
            <Field
                label={text.signIn.email}
                type="email"
                name="email"
                autoComplete="username"
                required
                value={form.data.email}
                onChange={(event) => {
                    form.setData('email', event.target.value);
                }}
                aria-describedby={fault === undefined ? undefined : 'fault'}
            />
            <PasswordField
                label={text.signIn.password}
                name="password"
                required
                value={form.data.password}
                onChange={(event) => {
                    form.setData('password', event.target.value);
                }}
            />
            {fault !== undefined && (
                <p id="fault" role="alert" className="border-s-2 border-brick ps-3 text-brick">
                    {fault}
                </p>
            )}
            <p className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
                <button type="submit" disabled={form.processing} className="act act-main">
                    {text.signIn.submit}
                </button>
                <Link href={route('password.forgotten')} className="act-quiet">
                    {text.signIn.forgotten}
                </Link>
            </p>
        </form>
    );
}
