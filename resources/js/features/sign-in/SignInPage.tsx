import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SignInProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Shell } from '@/ui/Shell';
import { Head, useForm } from '@inertiajs/react';
import { DemoPeople } from './DemoPeople';

/** E-mail and password; in a demonstration also people to look around as. */
export function SignInPage({ page }: { page: SignInProps }) {
    const form = useForm({ email: '', password: '' });
    const fault = form.errors.email ?? form.errors.password;

    return (
        <Shell>
            <Head title={text.signIn.title} />
            <div className="mx-auto grid max-w-5xl gap-x-16 gap-y-10 pt-8 md:grid-cols-[20rem_1fr] md:pt-16">
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
                    <div>
                        <h1 className="text-[1.7rem] text-moss italic">{text.app}</h1>
                        <p className="mt-1 text-faded">{text.signIn.of(page.organisation)}</p>
                    </div>
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
                    <Field
                        label={text.signIn.password}
                        type="password"
                        name="password"
                        autoComplete="current-password"
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
                    <button type="submit" disabled={form.processing} className="act act-main self-start">
                        {text.signIn.submit}
                    </button>
                </form>
                {page.demoPeople.length > 0 && <DemoPeople people={page.demoPeople} />}
            </div>
        </Shell>
    );
}
